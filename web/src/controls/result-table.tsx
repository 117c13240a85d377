import { Table } from './table.tsx';
import type { Cell } from '@gorvane/core/file/csv.ts';
import { writeCsv } from '@gorvane/core/file/csv.ts';
import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import type { ReactNode } from 'react';
import { useState } from 'react';
import { saveFile } from './save-file.ts';
import './result.css';

/** A table as data: what is saved and copied is what is shown. */
export interface ResultData {
  readonly name: string;
  readonly header: readonly string[];
  readonly rows: readonly (readonly Cell[])[];
}

const told = (message: string) =>
  notifications.show({ message, autoClose: 4000, closeButtonProps: { 'aria-label': 'Close' } });

/** A result as plain text: the name, then a line for each row. */
export function resultText({ name, header, rows }: ResultData): string {
  return [name, header.join('\t'), ...rows.map((row) => row.map((cell) => cell ?? '').join('\t'))].join('\n');
}

const fileName = (name: string) =>
  name
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-|-$/g, '');

/** Copy as text, save as CSV, print; and what else a result can be saved as. */
export function ResultActions({
  data,
  children,
}: {
  readonly data: ResultData | (() => ResultData);
  readonly children?: ReactNode;
}) {
  const made = () => (typeof data === 'function' ? data() : data);
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(resultText(made()));
      told('Copied as text.');
    } catch {
      told('The browser does not allow copying here: save the CSV instead.');
    }
  };
  const save = () => {
    const { name, header, rows } = made();
    saveFile(writeCsv(header, rows), `${fileName(name)}.csv`, 'text/csv');
  };
  return (
    <div className="result-actions no-print">
      <Button size="compact-sm" variant="default" onClick={() => void copy()}>
        Copy as text
      </Button>
      <Button size="compact-sm" variant="default" onClick={save}>
        Save CSV
      </Button>
      {children}
      <Button size="compact-sm" variant="default" onClick={() => window.print()}>
        Print
      </Button>
    </div>
  );
}

interface ResultTableProps {
  readonly data: ResultData;
  /** Rows shown; the file has all. */
  readonly most?: number;
}

/** At most `most` rows, evenly picked. */
function picked<T>(rows: readonly T[], most: number): readonly T[] {
  if (rows.length <= most) return rows;
  return Array.from({ length: most }, (_, n) => rows[Math.round((n * (rows.length - 1)) / (most - 1))]!);
}

/** The table of a result. Figures stand to the right in the reading face. */
export function ResultTable({ data, most = 60 }: ResultTableProps) {
  const shown = picked(data.rows, most);
  return (
    <>
      <Table
        className="result-table"
        label={`Table: ${data.name}`}
        head={data.header.map((title, column) =>
          typeof shown[0]?.[column] === 'number' ? { figures: title } : title,
        )}
      >
        {shown.map((row, n) => (
          <tr key={n}>
            {row.map((cell, column) => (
              <td key={column} className={typeof cell === 'number' ? 'number reading' : undefined}>
                {typeof cell === 'number' ? Number(cell.toPrecision(6)) : cell}
              </td>
            ))}
          </tr>
        ))}
      </Table>
      {shown.length < data.rows.length && (
        <p className="soft">
          {shown.length} of {data.rows.length} rows; the CSV has all.
        </p>
      )}
    </>
  );
}

/** The table behind a drawing: opened when wanted, made only then. */
export function TableBehind({
  data,
  children,
}: {
  readonly data: () => ResultData;
  readonly children?: ReactNode;
}) {
  const [open, setOpen] = useState(false);
  return (
    <details className="chart-table" onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
      <summary>Table, copy, save</summary>
      {open && (
        <>
          <ResultActions data={data}>{children}</ResultActions>
          <ResultTable data={data()} most={24} />
        </>
      )}
    </details>
  );
}
