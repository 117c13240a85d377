import type { Letterhead } from '@gorvane/core/paper/letterhead.ts';
import { forWhom } from '@gorvane/core/paper/letterhead.ts';
import type { Certificate } from '@gorvane/core/unit/certificate.ts';
import type { Cell, Piece } from '../../controls/certificate-content.ts';
import {
  cellWords,
  certificateSections,
  halvesOf,
  identityWords,
} from '../../controls/certificate-content.ts';
import { Photographs } from '../../controls/photograph.tsx';
import { Table } from '../../controls/table.tsx';
import { VerdictMark } from '../../controls/verdict.tsx';
import { useTimes, useWriting } from '../../controls/writing.ts';
import { PageStyle } from './page-style.tsx';
import { UnitCode } from './unit-code.tsx';

/** The certificate as a page: the same pieces as its PDF. */
export function CertificateSheet({
  certificate,
  letterhead,
}: {
  readonly certificate: Certificate;
  readonly letterhead: Letterhead;
}) {
  const writing = { write: useWriting(), timeOf: useTimes() };
  const { serial, unitId, title, verdict, level, house } = certificate;
  const { sheet, logo, address } = letterhead;
  return (
    <article className="sheet certificate">
      <PageStyle sheet={sheet} />
      <header>
        <div>
          {logo && <img src={logo} alt={`Logo of ${house}`} className="logo" />}
          <strong>{house}</strong>
          <p className="address">{address}</p>
          <h1>Certificate of {serial}</h1>
          <p className="judged">
            <VerdictMark verdict={verdict} />
            {level && `, ${level}`}
          </p>
          <p>{forWhom(letterhead)}</p>
          <p>{title}</p>
          <p className="soft small">{identityWords(certificate, writing)}</p>
        </div>
        <UnitCode serial={serial} unitId={unitId} />
      </header>
      {certificateSections(certificate, writing).map(({ heading, pieces }) => (
        <section key={heading}>
          <h2>{heading}</h2>
          {pieces.map((piece, n) => (
            <PieceView key={n} piece={piece} />
          ))}
        </section>
      ))}
      <div className="signature">
        <span>Date</span>
        <span>Name and signature</span>
      </div>
    </article>
  );
}

const toneClass = { wrong: 'out', plain: undefined, small: 'small', soft: 'soft small reading' };

function PieceView({ piece }: { readonly piece: Piece }) {
  if (piece.kind === 'pictures') return <Photographs photographs={piece.photographs} />;
  if (piece.kind === 'line') return <p className={toneClass[piece.tone]}>{piece.words}</p>;
  if (!piece.paired) return <Rows {...piece} />;
  const [left, right] = halvesOf(piece.rows);
  return (
    <div className="two-columns">
      <Rows {...piece} rows={left} />
      <Rows {...piece} rows={right} />
    </div>
  );
}

type TablePiece = Piece & { readonly kind: 'table' };

function Rows({ head, rows, columns }: Pick<TablePiece, 'head' | 'rows' | 'columns'>) {
  return (
    <Table head={head} columns={columns}>
      {rows.map((cells, n) => (
        <Row key={n} cells={cells} />
      ))}
    </Table>
  );
}

function Row({ cells: [name, ...rest] }: { readonly cells: readonly Cell[] }) {
  return (
    <tr>
      <th scope="row">{cellWords(name!)}</th>
      {rest.map((cell, n) =>
        typeof cell === 'string' ? (
          <td key={n} className="reading">
            {cell}
          </td>
        ) : (
          <td key={n}>
            <VerdictMark verdict={cell.verdict} />
          </td>
        ),
      )}
    </tr>
  );
}
