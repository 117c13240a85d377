import type { UnitProof } from './use-unit-proof.ts';
import { Table } from '../../../controls/table.tsx';
import type { FamilyCheck } from '@gorvane/core/prove/family-checks.ts';
import type { PairCheck } from '@gorvane/core/prove/pair-matrix.ts';
import type { Proof } from '@gorvane/core/prove/proof.ts';
import type { PairReading, Readings } from '@gorvane/core/reading/reading.ts';
import type { ExpectedPath } from '@gorvane/core/prove/resistance.ts';
import { formatCapacitance, parseCapacitance } from '@gorvane/core/quantity/capacitance.ts';
import { formatDecibels, parseDecibels } from '@gorvane/core/quantity/decibel.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { formatResistance, parseResistance } from '@gorvane/core/quantity/resistance.ts';
import { Button, SegmentedControl } from '@mantine/core';
import { useState } from 'react';
import { Figure } from '../../../controls/figure.tsx';
import { QuantityField } from '../../../controls/quantity-field.tsx';
import { VerdictMark } from '../../../controls/verdict.tsx';

interface ReadingsTableProps {
  readonly unitId: string;
  readonly proof: Proof;
  readonly readings: Readings;
  readonly limits: readonly ExpectedPath[];
  readonly family: readonly FamilyCheck[];
  /** The lead is one that has loss and match. */
  readonly swept: boolean;
  readonly undo: UnitProof['undo'];
  readonly onReadings: (readings: Readings) => void;
}

/** Ticks or ohms for every pair, and the insulation. Ohms count before a tick. */
export function ReadingsTable({
  unitId,
  proof,
  readings,
  limits,
  family,
  swept,
  undo,
  onReadings,
}: ReadingsTableProps) {
  const { points } = proof.wiring;
  const [each, setEach] = useState(false);
  const together = each || proof.pairs.length <= fewPairs ? [] : proof.pairs.filter(isPlainlyOpen);
  const write = (pair: PairCheck, change: Partial<PairReading>) =>
    onReadings(withPair(readings, points[pair.from]!.id, points[pair.to]!.id, change));
  return (
    <section aria-labelledby="readings">
      <div className="row-head">
        <h2 id="readings">Readings</h2>
        {undo.possible && (
          <Button variant="subtle" onClick={undo.takeBack} rightSection={<kbd>Ctrl+Z</kbd>}>
            Take the last reading back
          </Button>
        )}
      </div>
      <Table head={['Between', 'Tick', 'Ohms', 'Limit', 'Verdict']}>
        {plannedFirst(proof.pairs.filter((pair) => !together.includes(pair))).map((pair) => {
          const [from, to] = [points[pair.from]!, points[pair.to]!];
          const path = limits.find((each) => each.from === from.id && each.to === to.id);
          const limit =
            path &&
            proof.checks.find(({ key }) => key.kind === 'resistance' && key.pathId === path.id)?.limit;
          return (
            <tr key={`${from.id}-${to.id}`}>
              <th scope="row">
                {from.shortLabel} to {to.shortLabel}
                <div className="soft">planned {pair.planned ? 'connected' : 'open'}</div>
              </th>
              <td>
                <SegmentedControl
                  size="xs"
                  aria-label={`Tick, ${from.label} to ${to.label}`}
                  value={tickOf(readings, from.id, to.id)}
                  onChange={(value) =>
                    write(pair, {
                      connected: value === 'unread' ? undefined : value === 'connected',
                      ohms: undefined,
                    })
                  }
                  data={[
                    { value: 'unread', label: 'not read' },
                    { value: 'connected', label: 'beeps' },
                    { value: 'open', label: 'silent' },
                  ]}
                />
              </td>
              <td style={{ width: 120 }}>
                <QuantityField
                  aria-label={`Ohms, ${from.label} to ${to.label}`}
                  field={`prove/${unitId}/${from.id}-${to.id}`}
                  written={pair.ohms === undefined ? '' : formatResistance(pair.ohms)}
                  onRead={(text) => write(pair, { ohms: ohmsFrom(text) })}
                />
              </td>
              <td className="reading">
                {limit ? (
                  <>
                    at most <Figure figure={limit} label={`limit of ${path.label}`} />
                  </>
                ) : (
                  'at least 1 Mohm'
                )}
              </td>
              <td>
                <VerdictMark verdict={pair.verdict} />
                {pair.leak && <div className="out">leak</div>}
              </td>
            </tr>
          );
        })}
        {together.length > 0 && (
          <OtherPairs
            pairs={together}
            onTick={(connected) =>
              onReadings(
                together.reduce(
                  (now, { from, to }) =>
                    withPair(now, points[from]!.id, points[to]!.id, { connected, ohms: undefined }),
                  readings,
                ),
              )
            }
            onEach={() => setEach(true)}
          />
        )}
        {family.map((check) => (
          <FamilyRow
            key={check.id}
            check={check}
            unitId={unitId}
            proof={proof}
            readings={readings}
            onReadings={onReadings}
          />
        ))}
        {swept && <DecibelRows unitId={unitId} proof={proof} readings={readings} onReadings={onReadings} />}
        <tr>
          <th scope="row">Insulation, least of all pairs planned open</th>
          <td />
          <td>
            <QuantityField
              aria-label="Insulation, ohms"
              field={`prove/${unitId}/insulation`}
              written={
                readings.insulationOhms === undefined
                  ? ''
                  : formatResistance(readings.insulationOhms ?? Infinity)
              }
              onRead={(text) => onReadings({ ...readings, insulationOhms: ohmsFrom(text) })}
            />
          </td>
          <td className="reading">
            at least{' '}
            {formatResistance(proof.checks.find(({ key }) => key.kind === 'insulation')!.judged!.limit)}
          </td>
          <td>
            <VerdictMark verdict={proof.checks.find(({ key }) => key.kind === 'insulation')!.verdict} />
          </td>
        </tr>
      </Table>
      <p className="soft">
        A tick proves that a path is there, not its resistance. Zero the leads first; below 1 ohm measure with
        four wires.
      </p>
    </section>
  );
}

/** Loss and match of a coax lead as read off an instrument by eye, at the highest working frequency. */
function DecibelRows({
  unitId,
  proof,
  readings,
  onReadings,
}: Pick<ReadingsTableProps, 'unitId' | 'proof' | 'readings' | 'onReadings'>) {
  return (['loss', 'return loss'] as const).map((id) => {
    const check = proof.checks.find(({ key }) => key.kind === id);
    const found = readings.family?.[id];
    const write = (text: string) => {
      const { [id]: _old, ...others } = readings.family ?? {};
      const family = text.trim() === '' ? others : { ...others, [id]: readDecibels(text) };
      onReadings({ ...readings, family });
    };
    return (
      <tr key={id}>
        <th scope="row">
          {id === 'loss' ? 'Insertion loss' : 'Return loss'}
          <div className="soft">at the highest working frequency</div>
        </th>
        <td />
        <td>
          <QuantityField
            aria-label={id === 'loss' ? 'Insertion loss, dB' : 'Return loss, dB'}
            field={`prove/${unitId}/${id}`}
            written={typeof found === 'number' ? formatDecibels(found) : ''}
            onRead={write}
          />
        </td>
        <td className="reading">{check && `${check.bound} ${formatDecibels(check.judged!.limit)}`}</td>
        <td>{check && <VerdictMark verdict={check.verdict} />}</td>
      </tr>
    );
  });
}

/** A loss, dB, 0 or more. @throws QuantityError */
function readDecibels(text: string): number {
  const value = parseDecibels(text);
  if (!(value >= 0 && value <= 200))
    throw new QuantityError(text, 'a loss of 0 to 200 dB, as a positive number');
  return value;
}

/** Up to so many pairs each has its row at once. */
const fewPairs = 15;

/** Planned open, and nothing read that says otherwise. */
const isPlainlyOpen = ({ planned, read, leak }: PairCheck) => !planned && read !== true && !leak;

/** All pairs that are planned open in one row: ticked together, or looked at one by one. */
function OtherPairs({
  pairs,
  onTick,
  onEach,
}: {
  readonly pairs: readonly PairCheck[];
  readonly onTick: (connected: false | undefined) => void;
  readonly onEach: () => void;
}) {
  const read = pairs.filter((pair) => pair.read === false).length;
  return (
    <tr>
      <th scope="row">
        The other {pairs.length} pairs
        <div className="soft">planned open</div>
      </th>
      <td>
        <SegmentedControl
          size="xs"
          aria-label="Tick, all other pairs"
          value={read === 0 ? 'unread' : read === pairs.length ? 'open' : ''}
          onChange={(value) => onTick(value === 'open' ? false : undefined)}
          data={[
            { value: 'unread', label: 'not read' },
            { value: 'open', label: 'all silent' },
          ]}
        />
      </td>
      <td>
        <Button size="compact-xs" variant="default" onClick={onEach}>
          Show each
        </Button>
      </td>
      <td className="reading">at least 1 Mohm</td>
      <td>
        <VerdictMark verdict={read === pairs.length ? 'Good' : 'Not yet'} />
      </td>
    </tr>
  );
}

const writeFamily = {
  resistance: formatResistance,
  capacitance: formatCapacitance,
  decibel: formatDecibels,
} as const;
const readFamily = { resistance: ohmsFrom, capacitance: parseCapacitance, decibel: readDecibels } as const;

/** A reading that only this family of leads is proved by. */
function FamilyRow({
  check,
  unitId,
  proof,
  readings,
  onReadings,
}: { readonly check: FamilyCheck } & Pick<
  ReadingsTableProps,
  'unitId' | 'proof' | 'readings' | 'onReadings'
>) {
  const found = readings.family?.[check.id];
  const write = writeFamily[check.quantity];
  const read = (text: string): number | null | undefined =>
    text.trim() === '' ? undefined : readFamily[check.quantity](text);
  return (
    <tr>
      <th scope="row">
        {check.label}
        <div className="soft">{check.how}</div>
      </th>
      <td />
      <td>
        <QuantityField
          aria-label={check.label}
          field={`prove/${unitId}/${check.id}`}
          written={found === undefined ? '' : found === null ? 'open' : write(found)}
          onRead={(text) => {
            const { [check.id]: _old, ...others } = readings.family ?? {};
            const value = read(text);
            onReadings({
              ...readings,
              instrument: 'by hand',
              family: value === undefined ? others : { ...others, [check.id]: value },
            });
          }}
        />
      </td>
      <td className="reading">
        {'choke' in check ? `at least ${write(check.min)}` : `${write(check.min)} to ${write(check.max)}`}
      </td>
      <td>
        <VerdictMark verdict={proof.checks.find(({ id }) => id === check.id)!.verdict} />
      </td>
    </tr>
  );
}

const plannedFirst = (pairs: readonly PairCheck[]) =>
  [...pairs].sort((a, b) => Number(b.planned) - Number(a.planned));

/** Typed ohms as they are stored: open is null, an emptied field is no reading. */
function ohmsFrom(text: string): number | null | undefined {
  if (text.trim() === '') return undefined;
  const ohms = parseResistance(text);
  return Number.isFinite(ohms) ? ohms : null;
}

function tickOf(readings: Readings, from: string, to: string): 'unread' | 'connected' | 'open' {
  const connected = readings.pairs.find((pair) => pair.from === from && pair.to === to)?.connected;
  return connected === undefined ? 'unread' : connected ? 'connected' : 'open';
}

function withPair(readings: Readings, from: string, to: string, change: Partial<PairReading>): Readings {
  const others = readings.pairs.filter((pair) => pair.from !== from || pair.to !== to);
  const old = readings.pairs.find((pair) => pair.from === from && pair.to === to) ?? { from, to };
  const next = { ...old, ...change };
  const isEmpty = next.connected === undefined && next.ohms === undefined;
  return { ...readings, instrument: 'by hand', pairs: isEmpty ? others : [...others, next] };
}
