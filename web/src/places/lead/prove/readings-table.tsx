import type { UnitProof } from './use-unit-proof.ts';
import { Table } from '../../../controls/table.tsx';
import type { FamilyCheck } from '@gorvane/core/prove/family-checks.ts';
import type { PairCheck } from '@gorvane/core/prove/pair-matrix.ts';
import type { ProofCheck } from '@gorvane/core/prove/checks.ts';
import type { Proof } from '@gorvane/core/prove/proof.ts';
import type { PairReading, Readings } from '@gorvane/core/reading/reading.ts';
import { connectedBelow } from '@gorvane/core/reading/reading.ts';
import type { ExpectedPath } from '@gorvane/core/prove/resistance.ts';
import { formatResistance } from '@gorvane/core/quantity/resistance.ts';
import { Button, SegmentedControl } from '@mantine/core';
import { useState } from 'react';
import type { House } from '@gorvane/core/house/house.ts';
import type { SweepLine } from '@gorvane/core/prove/sweep-line.ts';
import type { ReactNode } from 'react';
import { FamilyRow, LengthRow } from './family-rows.tsx';
import { ohmsFrom } from './typed-ohms.ts';
import { SpotRows } from './spot-rows.tsx';
import { Figure } from '../../../controls/figure.tsx';
import { QuantityField } from '../../../controls/quantity-field.tsx';
import { VerdictMark } from '../../../controls/verdict.tsx';

interface ReadingsTableProps {
  readonly unitId: string;
  readonly proof: Proof;
  readonly readings: Readings;
  readonly limits: readonly ExpectedPath[];
  readonly family: readonly FamilyCheck[];
  /** The lead as an analyser meets it, where it is one that has loss and match. */
  readonly line: SweepLine | undefined;
  readonly working: readonly number[];
  readonly house: House;
  /** With what the figures are read. */
  readonly children: ReactNode;
  /** Readings that nobody asks for have their rows too. */
  readonly unaskedToo: boolean;
  readonly onUnasked: () => void;
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
  line,
  working,
  house,
  unaskedToo,
  onUnasked,
  undo,
  onReadings,
  children,
}: ReadingsTableProps) {
  const { points } = proof.wiring;
  const isOpen = ({ leftOut, methods }: ProofCheck) => !leftOut || methods.length > 0;
  const isAsked = (kind: ProofCheck['key']['kind']) =>
    proof.checks.some((check) => check.key.kind === kind && isOpen(check));
  // A reading that nobody asks for is a row when somebody wants it.
  const isRead = (id: string) => unaskedToo || proof.checks.some((check) => check.id === id && isOpen(check));
  const hidden = readByEye.filter(
    (kind) => proof.checks.some(({ key }) => key.kind === kind) && !isAsked(kind),
  ).length;
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
      {children}
      <Table head={['Between', 'Tick', 'Ohms', 'Limit', 'Verdict']}>
        {plannedFirst(proof.pairs.filter((pair) => !together.includes(pair))).map((pair) => {
          const [from, to] = [points[pair.from]!, points[pair.to]!];
          const path = limits.find((each) => each.from === from.id && each.to === to.id);
          const check =
            path && proof.checks.find(({ key }) => key.kind === 'resistance' && key.pathId === path.id);
          const limit = check?.limit;
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
                    write(pair, ticked(pair, value === 'unread' ? undefined : value === 'connected'))
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
                    at most <Figure figure={limit} label={`limit of ${path!.label}`} />
                  </>
                ) : (
                  'at least 1 Mohm'
                )}
              </td>
              <td>
                <VerdictMark verdict={pair.verdict} />
                {pair.leak && <div className="out">leak</div>}
                {pair.verdict === 'Good' && check && check.verdict !== 'Good' && check.methods.length > 0 && (
                  <div className={check.verdict === 'Out' ? 'out' : 'soft'}>
                    ohms: {check.verdict === 'Out' ? 'Out' : check.detail}
                  </div>
                )}
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
        {family
          .filter(({ id }) => isRead(id))
          .map((check) => (
            <FamilyRow
              key={check.id}
              check={check}
              unitId={unitId}
              proof={proof}
              readings={readings}
              onReadings={onReadings}
            />
          ))}
        {line && (unaskedToo || isAsked('match at') || (readings.spots ?? []).length > 0) && (
          <SpotRows
            unitId={unitId}
            line={line}
            working={working}
            house={house}
            proof={proof}
            readings={readings}
            onReadings={onReadings}
          />
        )}
        {isRead('length') && (
          <LengthRow unitId={unitId} proof={proof} readings={readings} onReadings={onReadings} />
        )}
        {isRead('insulation') && (
          <tr>
            <th scope="row" colSpan={2}>
              Insulation, least of all pairs planned open
            </th>
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
        )}
        {!unaskedToo && hidden > 0 && (
          <tr>
            <th scope="row" colSpan={2}>
              Readings that are not asked
            </th>
            <td colSpan={3}>
              <Button size="compact-xs" variant="default" onClick={() => onUnasked()}>
                Read more than is asked
              </Button>
            </td>
          </tr>
        )}
      </Table>
      <p className="soft">A tick proves that a path is there, not its resistance.</p>
    </section>
  );
}

/** What is read off by eye beside the pairs, where the lead has it. */
const readByEye: readonly ProofCheck['key']['kind'][] = [
  'load',
  'terminator',
  'capacitance',
  'pair',
  'return loss',
  'length',
  'insulation',
];

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

const plannedFirst = (pairs: readonly PairCheck[]) =>
  [...pairs].sort((a, b) => Number(b.planned) - Number(a.planned));

/** A tick, beside the ohms that were read where they say the same; ohms that say otherwise would count before it. */
function ticked({ ohms }: PairCheck, connected: boolean | undefined): Partial<PairReading> {
  const agrees = connected !== undefined && ohms !== undefined && ohms < connectedBelow === connected;
  return agrees ? { connected } : { connected, ohms: undefined };
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
