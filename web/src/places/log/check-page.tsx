import { Table } from '../../controls/table.tsx';
import type { CheckedPackage } from '@gorvane/core/file/data-package.ts';
import { checkDataPackage } from '@gorvane/core/file/data-package.ts';
import { Button, FileButton } from '@mantine/core';
import { useCallback, useEffect, useState } from 'react';
import { Link } from 'react-router';
import { takeDroppedFiles } from '../../controls/dropped-file.ts';
import { VerdictMark } from '../../controls/verdict.tsx';
import { unitProgress } from '@gorvane/core/unit/progress.ts';
import type { Standing } from '../../data/packages.ts';
import { standingOf } from '../../data/packages.ts';
import { useTimes } from '../../controls/writing.ts';

type Result =
  | { readonly name: string; readonly checked: CheckedPackage; readonly standing: readonly Standing[] }
  | { readonly name: string; readonly problem: string };

async function checked(file: File): Promise<Result> {
  try {
    const found = checkDataPackage(new Uint8Array(await file.arrayBuffer()));
    return { name: file.name, checked: found, standing: await standingOf(found) };
  } catch (error) {
    return { name: file.name, problem: error instanceof Error ? error.message : String(error) };
  }
}

/** A data package is dropped here, or anywhere on the application, and checked whole. Nothing of it is taken over. */
export function CheckPage() {
  const [result, setResult] = useState<Result | undefined>();
  const check = useCallback(async (file: File) => setResult(await checked(file)), []);
  useEffect(() => takeDroppedFiles((file) => void check(file)), [check]);
  return (
    <>
      <div className="page-head">
        <h1>Check a data package</h1>
        <div className="actions">
          <FileButton accept=".zip" onChange={(file) => file && void check(file)}>
            {(props) => <Button {...props}>Choose a package</Button>}
          </FileButton>
        </div>
      </div>
      <p className="soft">
        Drop a data package here, or anywhere on the application. Every file is held against its checksum,
        every record against its chain, every plan against what was frozen; and the units against this
        database. Nothing is taken over.
      </p>
      <div role="status">{result && <Checked result={result} />}</div>
    </>
  );
}

function Checked({ result }: { readonly result: Result }) {
  const timeOf = useTimes();
  if ('problem' in result)
    return (
      <p className="out">
        ■ {result.name}: {result.problem}
      </p>
    );
  const { name, checked, standing } = result;
  const { findings, units, files, writtenAt } = checked;
  return (
    <>
      <p className={findings.length === 0 ? 'good' : 'out'}>
        {findings.length === 0
          ? `● ${name}: whole. ${files} files, ${units.length} ${units.length === 1 ? 'unit' : 'units'}, written ${timeOf(writtenAt)}.`
          : `■ ${name}: NOT as it was written. ${findings.length} ${findings.length === 1 ? 'finding' : 'findings'}.`}
      </p>
      <ul>
        {findings.map(({ serial, message }) => (
          <li key={`${serial} ${message}`} className="out">
            {serial ? `${serial}: ` : ''}
            {message}
          </li>
        ))}
      </ul>
      <ul>
        {checked.remarks.map(({ serial, message }) => (
          <li key={`${serial} ${message}`} className="not-yet">
            ▲ {serial}: {message}
          </li>
        ))}
      </ul>
      <Table head={['Unit', 'Lead', 'Last proof', 'Against this database']}>
        {units.map(({ unit, events }, n) => (
          <tr key={unit.id}>
            <th scope="row" className="reading">
              {standing[n] === 'not here' ? unit.serial : <Link to={`/log/${unit.id}`}>{unit.serial}</Link>}
            </th>
            <td>{unit.plan?.lead.name}</td>
            <td>
              <VerdictMark verdict={unitProgress(unit, events).proofs.at(-1)?.verdict ?? 'Not yet'} />
            </td>
            <td>{standingWords[standing[n]!]}</td>
          </tr>
        ))}
      </Table>
    </>
  );
}

const standingWords: Readonly<Record<Standing, string>> = {
  'not here': 'this database does not know it',
  'the same': 'the same record',
  'newer here': 'the record here goes on further',
  'newer in the package': 'the record of the package goes on further',
  apart: '▲ the two records went apart',
};
