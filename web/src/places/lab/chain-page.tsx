import type { Cable } from '@gorvane/core/cable/cable.ts';
import { twoPortOf } from '@gorvane/core/line/network.ts';
import { writeTouchstone } from '@gorvane/core/file/touchstone-write.ts';
import type { ChainItem } from '@gorvane/core/line/chain.ts';
import { chainElements, chainItemLabel, chainSchema } from '@gorvane/core/line/chain.ts';
import type { ChainAnswer, ChainJob } from '@gorvane/core/line/chain-answer.ts';
import { chainNetwork } from '@gorvane/core/line/chain-network.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { parseLoad } from '@gorvane/core/quantity/resistance.ts';
import { Button, FileButton, NativeSelect } from '@mantine/core';
import { useMemo, useState } from 'react';
import { saveFile } from '../../controls/save-file.ts';
import { useCables } from '../../data/cables.ts';
import type { KeptFile } from '../../data/touchstone-files.ts';
import { keepTouchstone, useKeptFiles } from '../../data/touchstone-files.ts';
import { labWork } from '../../work/lab-client.ts';
import { useLatest } from '../../work/use-latest.ts';
import type { AddressField } from './address.ts';
import { useAddress } from './address.ts';
import { ChainAnswers } from './chain-answers.tsx';
import { ChainItemForm } from './chain-item-form.tsx';
import { ChainRun } from './chain-run.tsx';
import { band, count, resistance } from './fields.ts';
import { LabField } from './lab-field.tsx';
import { LabPage } from './lab-page.tsx';

const startChain: ChainItem[] = [
  { kind: 'connector', seriesId: 'n' },
  { kind: 'cable', cableId: 'low-loss-10', length: 18 },
  { kind: 'connector', seriesId: 'uhf' },
  { kind: 'cable', cableId: 'rg-58', length: 1.5 },
];

const chainField: AddressField<ChainItem[]> = {
  fallback: JSON.stringify(startChain),
  read: (text) => {
    try {
      return chainSchema.parse(JSON.parse(text));
    } catch {
      throw new QuantityError(text.slice(0, 40), 'a chain as this page writes it into its address');
    }
  },
};

/** A load, or nothing for a matched port. */
const loadField: AddressField<{ re: number; im: number } | null> = {
  fallback: 'matched',
  read: (text) => {
    if (text.trim().toLowerCase() === 'matched') return null;
    const load = parseLoad(text, 50);
    return load.re >= 1e9 ? { re: Infinity, im: 0 } : load;
  },
};

const fileField: AddressField<{ name: string; hash: string } | null> = {
  fallback: '',
  read: (text) => {
    if (text === '') return null;
    const [hash, name] = text.split('~');
    if (!hash || !name) throw new QuantityError(text, 'a file as this page names it');
    return { name, hash };
  },
};

const fields = {
  chain: chainField,
  band: band('1 MHz to 500 MHz'),
  points: count('1001', 2, 20_001, 'a number of points'),
  ref: resistance('50 ohm'),
  load: loadField,
  compare: fileField,
};

const fresh: Readonly<Record<string, ChainItem>> = {
  cable: { kind: 'cable', cableId: 'rg-213', length: 5 },
  'connector or adapter': { kind: 'connector', seriesId: 'n' },
  'wrong-impedance section': { kind: 'section', impedance: 75, length: 0.05, velocityFactor: 0.7 },
  'series resistance': { kind: 'series resistor', value: 2 },
  'series inductance': { kind: 'series inductor', value: 2e-9 },
  'shunt capacitance': { kind: 'shunt capacitor', value: 1e-12 },
  'shunt resistance': { kind: 'shunt resistor', value: 1000 },
};

/** Cables, connectors and defects in a row, swept in a worker. */
export function ChainPage() {
  const lab = useAddress(fields);
  const cables = useCables();
  const [chosen, setChosen] = useState(1);
  const [live, setLive] = useState<readonly ChainItem[] | null>(null);
  const [fileProblem, setFileProblem] = useState<string | undefined>();
  const { chain, compare } = lab.values;
  const items = live ?? chain;
  const wanted = useMemo(
    () => [...chain.flatMap((item) => (item.kind === 'file' ? [item] : [])), ...(compare ? [compare] : [])],
    [chain, compare],
  );
  const files = useKeptFiles(wanted);
  const { job, problem } = useJob(items, cables, files, lab.values);
  const latest = useLatest(job, runChain);
  const place = Math.min(chosen, items.length - 1);

  const change = (next: readonly ChainItem[]) => lab.set({ chain: JSON.stringify(next) });
  const add = (item: ChainItem) => {
    change([...items.slice(0, place + 1), item, ...items.slice(place + 1)]);
    setChosen(place + 1);
  };
  const replaced = (item: ChainItem) => items.map((old, n) => (n === place ? item : old));
  const move = (by: 1 | -1) => {
    const next = [...items];
    next.splice(place + by, 0, ...next.splice(place, 1));
    change(next);
    setChosen(place + by);
  };
  const readFile = async (file: File | null, take: (kept: KeptFile) => void) => {
    if (!file) return;
    setFileProblem(undefined);
    try {
      take(await keepTouchstone(file));
    } catch (error) {
      setFileProblem(
        `${file.name} was not taken in. ${error instanceof Error ? error.message : String(error)}`,
      );
    }
  };
  const addFile = (kept: KeptFile) => {
    twoPortOf(kept.network, kept.name);
    add({ kind: 'file', name: kept.name, hash: kept.hash });
  };
  if (!cables) return null;
  const inputs = (
    <>
      {items[place] && (
        <ChainItemForm
          item={items[place]}
          place={place}
          last={place === items.length - 1}
          cables={cables.filter(({ family }) => family !== 'speaker')}
          onChange={(item) => change(chain.map((old, n) => (n === place ? item : old)))}
          onLive={(item) => setLive(item && replaced(item))}
          onRemove={() => change(items.filter((_item, n) => n !== place))}
          onMove={move}
        />
      )}
      <NativeSelect
        label="Add behind the chosen item"
        value=""
        data={[
          { value: '', label: 'choose' },
          ...Object.keys(fresh).map((value) => ({ value, label: value })),
        ]}
        onChange={({ currentTarget: { value } }) => fresh[value] && add(fresh[value])}
      />
      <div className="result-actions">
        <FileButton onChange={(file) => void readFile(file, addFile)} accept=".s1p,.s2p,.s3p,.s4p,.ts,.txt">
          {(props) => (
            <Button size="compact-sm" variant="default" {...props}>
              Add a Touchstone file
            </Button>
          )}
        </FileButton>
        <Button size="compact-sm" variant="default" disabled={!lab.undo} onClick={lab.undo}>
          Undo
        </Button>
      </div>
      <LabField lab={lab} page="chain" name="band" label="Band" />
      <LabField
        lab={lab}
        page="chain"
        name="points"
        label="Points"
        description="evenly spaced, up to 20 001"
      />
      <LabField lab={lab} page="chain" name="ref" label="Reference impedance" />
      <LabField
        lab={lab}
        page="chain"
        name="load"
        label="Far end"
        description="matched, open, short, 35+j12, SWR 1.5"
      />
      <div className="result-actions">
        <FileButton
          onChange={(file) =>
            void readFile(file, ({ hash, name }) => lab.set({ compare: `${hash}~${name}` }))
          }
          accept=".s1p,.s2p,.s3p,.s4p,.ts,.txt"
        >
          {(props) => (
            <Button size="compact-sm" variant="default" {...props}>
              Compare with a file
            </Button>
          )}
        </FileButton>
        {compare && (
          <Button size="compact-sm" variant="default" onClick={() => lab.set({ compare: '' })}>
            Stop comparing
          </Button>
        )}
      </div>
    </>
  );
  const top = <ChainRun items={items} cables={cables} chosen={place} onChoose={setChosen} onOrder={change} />;
  return (
    <LabPage title="Chain" page="chain" inputs={inputs} problems={lab.problems} top={top}>
      {(fileProblem ?? problem ?? latest.problem) && (
        <p className="advice out" role="alert">
          {fileProblem ?? problem ?? latest.problem}
        </p>
      )}
      {latest.answer && (
        <ChainAnswers
          answer={latest.answer}
          busy={latest.busy}
          labels={items.map((item) => chainItemLabel(item, cables))}
          compared={compare ? files?.get(compare.hash) : undefined}
          onTouchstone={() => job && saveTouchstone(job, items, cables)}
        />
      )}
    </LabPage>
  );
}

const runChain = (job: ChainJob): Promise<ChainAnswer> => labWork().answerChain(job);

/** The job that the page asks for; or why it cannot be asked. */
function useJob(
  items: readonly ChainItem[],
  cables: readonly Cable[] | undefined,
  files: ReadonlyMap<string, KeptFile> | undefined,
  {
    band: { from, to },
    points,
    ref,
    load,
  }: { band: { from: number; to: number }; points: number; ref: number; load: ChainJob['load'] },
): { job?: ChainJob; problem?: string } {
  return useMemo(() => {
    if (!cables || !files) return {};
    if (items.length === 0) return { problem: 'The chain is empty: add a cable to begin.' };
    try {
      const data = new Map(
        [...files].map(([hash, { network, name }]) => [
          hash,
          network.ports > 1 ? twoPortOf(network, name) : undefined,
        ]),
      );
      const twoPorts = new Map([...data].flatMap(([hash, port]) => (port ? [[hash, port] as const] : [])));
      const elements = chainElements(items, cables, twoPorts);
      return { job: { elements, from, to, points, reference: ref, load } };
    } catch (error) {
      return { problem: error instanceof Error ? error.message : String(error) };
    }
  }, [items, cables, files, from, to, points, ref, load]);
}

function saveTouchstone(job: ChainJob, items: readonly ChainItem[], cables: readonly Cable[]): void {
  const grid = Float64Array.from(
    { length: job.points },
    (_, n) => job.from + (n * (job.to - job.from)) / (job.points - 1),
  );
  const network = chainNetwork(job.elements, grid, job.reference);
  const comments = ['Computed chain, source at port 1', ...items.map((item) => chainItemLabel(item, cables))];
  saveFile(writeTouchstone(network, { comments }), 'chain.s2p', 'text/plain');
}
