import type { Proof } from '@gorvane/core/prove/proof.ts';
import type { SweepLine } from '@gorvane/core/prove/sweep-line.ts';
import { spotLimits } from '@gorvane/core/prove/sweep-judge.ts';
import { formatDecibels, parseDecibels } from '@gorvane/core/quantity/decibel.ts';
import { formatFrequency, parseFrequency } from '@gorvane/core/quantity/frequency.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { formatMatch, parseMatch } from '@gorvane/core/quantity/standing-wave.ts';
import type { House } from '@gorvane/core/house/house.ts';
import type { Readings, Spot } from '@gorvane/core/reading/reading.ts';
import { Button } from '@mantine/core';
import { useState } from 'react';
import { QuantityField } from '../../../controls/quantity-field.tsx';
import { VerdictMark } from '../../../controls/verdict.tsx';
import { useKeptValue } from '../../../draft/use-kept-value.ts';

interface SpotRowsProps {
  readonly unitId: string;
  readonly line: SweepLine;
  readonly working: readonly number[];
  readonly house: House;
  readonly proof: Proof;
  readonly readings: Readings;
  readonly onReadings: (readings: Readings) => void;
}

/** Match into a load and loss, as read off by eye, at the working frequencies and any that are typed, beside what is predicted there. */
export function SpotRows({ unitId, line, working, readings, ...rest }: SpotRowsProps) {
  const [typed, setTyped] = useKeptValue<readonly number[]>(`spots/${unitId}`, []);
  const read = (readings.spots ?? []).map(({ hertz }) => hertz);
  const frequencies = [...new Set([...working, ...typed, ...read])].sort((a, b) => a - b);
  return (
    <>
      {frequencies.map((hertz) => (
        <SpotRow key={hertz} unitId={unitId} hertz={hertz} line={line} readings={readings} {...rest} />
      ))}
      <tr>
        <th scope="row" colSpan={2}>
          Match and loss at another frequency
        </th>
        <td colSpan={3}>
          <AddFrequency unitId={unitId} onAdd={(hertz) => setTyped([...typed, hertz])} />
        </td>
      </tr>
    </>
  );
}

function AddFrequency({
  unitId,
  onAdd,
}: {
  readonly unitId: string;
  readonly onAdd: (hertz: number) => void;
}) {
  const [isOpen, setOpen] = useState(false);
  if (!isOpen)
    return (
      <Button size="compact-sm" variant="default" onClick={() => setOpen(true)}>
        Add a frequency
      </Button>
    );
  return (
    <QuantityField
      aria-label="Another frequency"
      placeholder="such as 146 MHz, then Enter"
      field={`prove/${unitId}/spot`}
      written=""
      onRead={() => undefined}
      onTake={(text) => onAdd(parseFrequency(text))}
      maw={260}
    />
  );
}

const columns = [
  {
    kind: 'match at',
    of: 'returnLoss',
    label: 'Match into a load',
    write: formatMatch,
    parse: parseMatch,
    placeholder: 'SWR or dB',
  },
  { kind: 'loss at', of: 'loss', label: 'Loss', write: formatDecibels, parse: parseLoss, placeholder: 'dB' },
] as const;

/** A loss, dB, 0 or more. @throws QuantityError */
function parseLoss(text: string): number {
  const value = parseDecibels(text);
  if (!(value >= 0)) throw new QuantityError(text, 'a loss of 0 to 200 dB, as a positive number');
  return value;
}

function SpotRow({
  unitId,
  hertz,
  line,
  house,
  proof,
  readings,
  onReadings,
}: Omit<SpotRowsProps, 'working'> & { readonly hertz: number }) {
  const limits = spotLimits(line, hertz, house);
  const spot = readings.spots?.find((each) => each.hertz === hertz);
  const change = (of: 'loss' | 'returnLoss', value: number | undefined) =>
    onReadings(withSpot(readings, hertz, { [of]: value }));
  return columns.map(({ kind, of, label, write, parse, placeholder }) => {
    const check = proof.checks.find(({ key }) => key.kind === kind && key.hertz === hertz);
    const predicted = of === 'loss' ? limits.predictedLoss : limits.predictedReturnLoss;
    const value = spot?.[of];
    return (
      <tr key={kind}>
        <th scope="row" colSpan={2}>
          {label}, {formatFrequency(hertz)}
          <div className="soft">predicted {write(predicted)}</div>
        </th>
        <td>
          <QuantityField
            aria-label={`${label}, ${formatFrequency(hertz)}`}
            placeholder={placeholder}
            field={`prove/${unitId}/${kind} ${hertz}`}
            written={value === undefined ? '' : write(value)}
            onRead={(text) => change(of, text.trim() === '' ? undefined : parse(text))}
          />
        </td>
        <td className="reading">
          {of === 'loss' ? `at most ${write(limits.loss)}` : `no worse than ${write(limits.returnLoss)}`}
        </td>
        <td>
          <VerdictMark verdict={check?.verdict ?? 'Not yet'} />
          {check?.judged?.reason === 'this meter cannot decide' && (
            <div className="soft">this meter cannot decide</div>
          )}
        </td>
      </tr>
    );
  });
}

function withSpot(readings: Readings, hertz: number, change: Partial<Omit<Spot, 'hertz'>>): Readings {
  const spots = readings.spots ?? [];
  const { loss, returnLoss } = { ...spots.find((each) => each.hertz === hertz), ...change };
  const others = spots.filter((each) => each.hertz !== hertz);
  const isEmpty = loss === undefined && returnLoss === undefined;
  return { ...readings, spots: isEmpty ? others : [...others, { hertz, loss, returnLoss }] };
}
