import { scrapWords } from '@gorvane/core/recipe/scrap.ts';
import type { Certificate, CertifiedProof } from '@gorvane/core/unit/certificate.ts';
import type { QuantityKind } from '@gorvane/core/quantity/explained.ts';
import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import type { PDFPage } from 'pdf-lib';
import { PDFDocument, rgb } from 'pdf-lib';
import { create } from 'qrcode';
import {
  instrumentWords,
  isCertified,
  limitWords,
  readingWords,
  unaskedWords,
} from '../controls/certificate-words.ts';
import type { Face } from './pdf-face.ts';
import { facesOf } from './pdf-face.ts';

const page = { width: 595.28, height: 841.89 };
const margin = 48;
const wide = page.width - 2 * margin;
const ink = rgb(0.13, 0.13, 0.13);
const soft = rgb(0.4, 0.4, 0.4);
const red = rgb(0.6, 0.1, 0.05);
const columns = [0, 215, 350, 430] as const;

type Write = (value: number, kind: QuantityKind) => string;

/** How a bench writes figures, and times that are ISO. */
interface BenchWriting {
  readonly write: Write;
  readonly timeOf: (at: string) => string;
}

/** Where the pen stands on a document that goes on over pages. */
interface Pen {
  readonly document: PDFDocument;
  readonly font: Face;
  readonly bold: Face;
  sheet: PDFPage;
  y: number;
}

/** The certificate of a unit as PDF: the same as its page, with a code that opens the unit. */
export async function certificatePdf(certificate: Certificate, writing: BenchWriting): Promise<Uint8Array> {
  const { write, timeOf } = writing;
  const document = await PDFDocument.create();
  const { serial, unitId, title, verdict, level, house, programVersion, frozenAt, proofs, progress, chain } =
    certificate;
  document.setTitle(`Certificate of ${serial}`);
  const faces = await facesOf(document);
  const pen: Pen = {
    document,
    font: faces.regular,
    bold: faces.bold,
    sheet: document.addPage([page.width, page.height]),
    y: page.height - margin,
  };
  drawCode(pen.sheet, `${serial} ${unitId}`);
  line(pen, `Certificate of ${serial}`, { size: 18, bold: true });
  line(pen, `Verdict: ${verdict}${level ? `, ${level}` : ''}`, {
    size: 13,
    bold: true,
    colour: verdict === 'Good' ? ink : red,
  });
  line(pen, title, { width: wide - 90 });
  line(pen, `Made by ${house}. Plan frozen ${timeOf(frozenAt)}, program ${programVersion}.`);
  line(pen, `Identity ${unitId}`, { colour: soft, size: 8 });
  if (proofs.length === 0) line(pen, 'Not proved yet.');
  for (const proof of proofs) drawProof(pen, proof, writing);
  drawHolds(pen, certificate, write);
  const events = [
    ...progress.takenShorter.map(({ at, shortage, name, reason }) => ({
      at,
      words: `Taken ${formatMillimetres(shortage)} mm shorter by ${name}: ${reason}`,
    })),
    ...progress.returns.map(({ at, reason }) => ({ at, words: `Came back: ${reason}` })),
    ...progress.reworks.map(({ at, reason, scrap }) => ({
      at,
      words: `Repaired: ${reason}.${scrap.length > 0 ? ` Replaced: ${scrapWords(scrap)}.` : ''}`,
    })),
    ...progress.notes.map(({ at, text, by }) => ({ at, words: `Note by ${by}: ${text}` })),
  ].sort((a, b) => a.at.localeCompare(b.at));
  if (events.length > 0) heading(pen, 'Repairs and notes');
  for (const { at, words } of events) line(pen, `${timeOf(at)}: ${words}`);
  heading(pen, 'Record');
  line(
    pen,
    `Record of ${chain.entries} entries, chain ${chain.whole ? 'whole' : 'NOT whole: see the log'}.`,
    chain.whole ? {} : { colour: red, bold: true },
  );
  if (!certificate.planHolds)
    line(pen, 'The plan is NOT the one that was frozen when it was started.', { colour: red, bold: true });
  line(pen, `Last hash ${chain.hash}`, { colour: soft, size: 8 });
  return document.save();
}

interface LineStyle {
  readonly size?: number;
  readonly bold?: boolean;
  readonly colour?: typeof ink;
  readonly width?: number;
}

/** A paragraph; it goes on over the page. */
function line(pen: Pen, words: string, style: LineStyle = {}): void {
  const { size = 10, bold = false, colour = ink, width = wide } = style;
  const font = bold ? pen.bold : pen.font;
  for (const row of wrapped(words, font, size, width)) {
    room(pen, size * 1.45);
    font.draw(pen.sheet, row, { x: margin, y: pen.y, size, color: colour });
  }
}

function heading(pen: Pen, words: string): void {
  room(pen, 40);
  pen.y += 14;
  line(pen, words, { size: 12, bold: true });
}

function room(pen: Pen, height: number): void {
  pen.y -= height;
  if (pen.y >= margin) return;
  pen.sheet = pen.document.addPage([page.width, page.height]);
  pen.y = page.height - margin - height;
}

function wrapped(words: string, font: Face, size: number, width: number): string[] {
  const rows: string[] = [];
  let row = '';
  for (const word of words.split(/\s+/)) {
    const longer = row === '' ? word : `${row} ${word}`;
    if (row !== '' && font.width(longer, size) > width) {
      rows.push(row);
      row = word;
    } else row = longer;
  }
  return [...rows, row];
}

function drawProof(pen: Pen, proof: CertifiedProof, { write, timeOf }: BenchWriting): void {
  heading(pen, `Proof ${proof.number}: ${proof.verdict}, ${proof.level}`);
  line(pen, `${timeOf(proof.at)}, ${proof.by}, ${write(proof.celsius, 'temperature')}`);
  for (const instrument of proof.instruments)
    line(pen, instrumentWords(instrument), instrument.overdue ? { colour: red, bold: true } : {});
  row(pen, ['Check', 'Reading', 'Limit', 'Verdict'], true);
  for (const check of proof.checks.filter(isCertified))
    row(pen, [
      check.label,
      readingWords(check, write),
      limitWords(check, write),
      check.leftOut ? `not asked: ${unaskedWords(check)}` : check.verdict,
    ]);
}

function drawHolds(pen: Pen, { progress }: Certificate, write: Write): void {
  const holds = progress.steps.filter(({ hold }) => hold && hold.kind !== 'proof');
  if (holds.length === 0) return;
  heading(pen, 'Hold points');
  for (const { id, hold, endId } of holds) {
    const answer = progress.holds.get(id);
    const quantity = hold!.reading?.quantity;
    const reading =
      answer?.how === 'answered' && answer.reading !== null && quantity
        ? answer.reading === Number.MAX_VALUE
          ? 'open'
          : write(answer.reading, quantity)
        : '';
    const said = !answer
      ? 'Not yet'
      : answer.how === 'waived'
        ? `WAIVED by ${answer.name}: ${answer.reason}`
        : answer.good
          ? 'Good'
          : 'Out';
    row(pen, [`${hold!.label}${endId ? `, end ${endId}` : ''}`, reading, '', said]);
  }
}

/** A row of the table; each cell wraps in its own column. */
function row(pen: Pen, cells: readonly string[], isHead = false): void {
  const font = isHead ? pen.bold : pen.font;
  const size = 9;
  const lines = cells.map((cell, n) => {
    const width = (columns[n + 1] ?? wide) - columns[n]! - 8;
    return wrapped(cell, font, size, width);
  });
  const height = Math.max(...lines.map((each) => each.length)) * 12;
  room(pen, height + 3);
  lines.forEach((rows, n) =>
    rows.forEach((words, k) =>
      font.draw(pen.sheet, words, {
        x: margin + columns[n]!,
        y: pen.y + height - 9 - k * 12,
        size,
        color: words === 'Out' ? red : ink,
      }),
    ),
  );
  pen.sheet.drawLine({
    start: { x: margin, y: pen.y - 2 },
    end: { x: page.width - margin, y: pen.y - 2 },
    thickness: isHead ? 0.9 : 0.25,
    color: isHead ? ink : soft,
  });
}

/** The code of serial and identity at the upper right, no address in it. */
function drawCode(sheet: PDFPage, text: string): void {
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  const cell = 76 / modules.size;
  for (let y = 0; y < modules.size; y++)
    for (let x = 0; x < modules.size; x++)
      if (modules.get(y, x))
        sheet.drawRectangle({
          x: page.width - margin - 76 + x * cell,
          y: page.height - margin - (y + 1) * cell + 10,
          width: cell,
          height: cell,
          color: rgb(0, 0, 0),
        });
}
