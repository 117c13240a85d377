import { readMatrixCsv } from '@gorvane/core/file/csv-matrix.ts';
import { isTraceCsv, readTraceCsv } from '@gorvane/core/file/csv-trace.ts';
import { lineFigures } from '@gorvane/core/cable/line-figures.ts';
import type { Readings } from '@gorvane/core/reading/reading.ts';
import type { SweepLine } from '@gorvane/core/prove/sweep-line.ts';
import type { Wiring } from '@gorvane/core/wiring/wiring.ts';
import { Button, FileButton } from '@mantine/core';
import type { DragEvent } from 'react';
import { useState } from 'react';
import { keepText, keepTouchstone } from '../../../data/touchstone-files.ts';

interface FileDropProps {
  readonly wiring: Wiring;
  readonly line: SweepLine | undefined;
  readonly by: string;
  readonly celsius: number;
  readonly onTake: (take: Readings) => void;
}

/** Readings from files: Touchstone sweeps, CSV matrices and CSV traces, dropped or chosen. A bad one changes nothing. */
export function FileDrop({ wiring, line, by, celsius, onTake }: FileDropProps) {
  const [over, setOver] = useState(false);
  const [said, setSaid] = useState<readonly { name: string; problem: string | undefined }[]>([]);
  const take = async (files: readonly File[]) => {
    const results = await Promise.all(
      files.map(async (file) => {
        try {
          onTake(await takeOfFile(file, { wiring, line, by, celsius }));
          return { name: file.name, problem: undefined };
        } catch (error) {
          return { name: file.name, problem: error instanceof Error ? error.message : String(error) };
        }
      }),
    );
    setSaid(results);
  };
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    void take([...event.dataTransfer.files]);
  };
  return (
    <section
      aria-labelledby="files"
      className={over ? 'file-drop over' : 'file-drop'}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={drop}
    >
      <h2 id="files">Readings from a file</h2>
      <p className="soft">
        Drop it here: a sweep as Touchstone (.s1p, .s2p), a continuity matrix or list as CSV
        {line ? ', a reflection over time as CSV' : ''}.
      </p>
      <FileButton
        multiple
        onChange={(files) => void take(files)}
        accept=".s1p,.s2p,.s3p,.s4p,.ts,.csv,.txt,.tsv"
      >
        {(props) => (
          <Button {...props} variant="default" size="compact-md">
            Choose a file
          </Button>
        )}
      </FileButton>
      <div role="status">
        {said.map(({ name, problem }) => (
          <p key={name} className={problem ? 'out' : 'good'}>
            {problem ? `■ ${name}: ${problem} Nothing was taken.` : `● ${name} read.`}
          </p>
        ))}
      </div>
    </section>
  );
}

async function takeOfFile(
  file: File,
  { wiring, line, by, celsius }: Omit<FileDropProps, 'onTake'>,
): Promise<Readings> {
  const empty: Readings = { by, celsius, instrument: file.name, pairs: [] };
  if (/\.(s\d+p|ts)$/i.test(file.name)) {
    if (!line)
      throw new Error(
        'A sweep says nothing of this lead: it is no single coaxial line. Expected a CSV matrix.',
      );
    const { hash, network } = await keepTouchstone(file);
    if (network.ports < 1 || network.frequencies.length < 2)
      throw new Error(`Found a sweep of ${network.frequencies.length} points; expected two or more.`);
    return { ...empty, sweep: { name: file.name, hash } };
  }
  const text = await file.text();
  if (!line) return { ...empty, pairs: readMatrixCsv(text, wiring) };
  return isTraceCsv(text)
    ? await takeOfTrace(text, file.name, line, empty)
    : { ...empty, pairs: readMatrixCsv(text, wiring) };
}

async function takeOfTrace(text: string, name: string, line: SweepLine, empty: Readings): Promise<Readings> {
  readTraceCsv(text, traceKnown(line));
  return { ...empty, trace: { name, hash: await keepText(text) } };
}

/** What a trace is read with where its file says nothing. */
export const traceKnown = ({ cable, reference }: SweepLine) => ({
  velocityFactor: lineFigures(cable).velocityFactor,
  reference,
});
