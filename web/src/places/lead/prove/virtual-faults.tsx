import type { Temper, VirtualSetup } from '@gorvane/core/instrument/virtual-setup.ts';
import { tempers } from '@gorvane/core/instrument/virtual-setup.ts';
import { conductorsOf } from '@gorvane/core/cable/conductors.ts';
import { leadCable } from '@gorvane/core/lead/lead-cable.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import { chokesOf } from '@gorvane/core/fit/choke-rejection.ts';
import type { InjectedFault } from '@gorvane/core/prove/injected-fault.ts';
import { isCableFault } from '@gorvane/core/prove/injected-fault.ts';
import { sweepLineOf } from '@gorvane/core/prove/sweep-line.ts';
import type { Wiring } from '@gorvane/core/wiring/wiring.ts';
import { seededRandom } from '@gorvane/core/quantity/random.ts';
import { Button, NativeSelect, NumberInput } from '@mantine/core';
import { wordFault } from '../../../controls/fault-words.ts';
import { useKeptValue } from '../../../draft/use-kept-value.ts';
import { FaultList } from './fault-list.tsx';

/** What is set on the lead that the simulated instruments read. */
export interface VirtualSettings {
  readonly seed: number;
  readonly faults: readonly InjectedFault[];
  readonly temper: Temper;
}

const sound: VirtualSettings = { seed: 1, faults: [], temper: 'well' };

/** The settings of a unit's virtual lead, kept over a reload. */
export function useVirtualSettings(unitId: string): [VirtualSettings, (settings: VirtualSettings) => void] {
  const [settings, set] = useKeptValue<VirtualSettings>(`tester/${unitId}`, sound);
  return [{ ...sound, ...settings }, set];
}

/** What lies on the bench of the simulated instruments: this unit's design with the faults that are set on it. */
export function virtualSetup(
  { lead, lengths }: FrozenPlan,
  { seed, faults, temper }: VirtualSettings,
  celsius: number,
): VirtualSetup {
  return { lead, lengths, celsius, faults: [...faults], seed, temper };
}

interface VirtualFaultsProps {
  readonly frozen: FrozenPlan;
  readonly wiring: Wiring;
  readonly settings: VirtualSettings;
  readonly onSettings: (settings: VirtualSettings) => void;
}

/** Where faults inside the cable are put unless somebody says otherwise: part of the piece. */
const usualPlace = 0.4;

/** Faults set on the virtual lead, from the list or drawn by the seed, and how its instruments behave. */
export function VirtualFaults({ frozen, wiring, settings, onSettings }: VirtualFaultsProps) {
  const { faults, seed, temper } = settings;
  const place = faults.find((fault) => 'at' in fault)?.at ?? usualPlace;
  const possible = possibleFaults(frozen, wiring, place);
  const key = (fault: InjectedFault) => JSON.stringify(fault);
  const isSet = (fault: InjectedFault) => faults.some((other) => key(other) === key(fault));
  const toggle = (fault: InjectedFault) =>
    onSettings({
      ...settings,
      faults: isSet(fault) ? faults.filter((other) => key(other) !== key(fault)) : [...faults, fault],
    });
  const draw = () => {
    const random = seededRandom(seed);
    onSettings({ ...settings, faults: [possible[Math.floor(random() * possible.length)]!] });
  };
  const move = (at: number) =>
    onSettings({ ...settings, faults: faults.map((fault) => ('at' in fault ? { ...fault, at } : fault)) });
  return (
    <details className="tester">
      <summary>
        Simulated lead:{' '}
        {faults.length === 0 ? 'sound' : `${faults.length} ${faults.length === 1 ? 'fault' : 'faults'} set`}
        {temper !== 'well' && `, instruments ${temper}`}
      </summary>
      <p className="soft">
        The simulated instruments read a virtual lead made from this unit&rsquo;s plan, with these faults in
        it.
      </p>
      <FaultList
        faults={possible.map((fault) => ({
          fault,
          words: wordFault(frozen.lead, wiring, fault),
          isSet: isSet(fault),
        }))}
        onToggle={toggle}
      />
      {faults.length > 0 && (
        <Button
          mt={8}
          size="compact-sm"
          variant="default"
          onClick={() => onSettings({ ...settings, faults: [] })}
        >
          Take all faults off
        </Button>
      )}
      {faults.some(isCableFault) && (
        <NumberInput
          mt={10}
          label="Place of faults in the cable, % of its length"
          value={Math.round(place * 100)}
          min={1}
          max={99}
          allowDecimal={false}
          clampBehavior="strict"
          onChange={(value) => typeof value === 'number' && value > 0 && move(value / 100)}
        />
      )}
      <NumberInput
        mt={10}
        label="Seed of its noise"
        value={seed}
        min={1}
        max={1_000_000}
        allowDecimal={false}
        clampBehavior="strict"
        onChange={(value) => typeof value === 'number' && onSettings({ ...settings, seed: value })}
      />
      <Button mt={8} size="compact-sm" variant="default" onClick={draw}>
        Draw a fault by the seed
      </Button>
      <NativeSelect
        mt={10}
        label="How its instruments behave"
        value={temper}
        data={[...tempers]}
        onChange={({ currentTarget: { value } }) => onSettings({ ...settings, temper: value as Temper })}
      />
    </details>
  );
}

/** Two points or terminals side by side. */
const neighbours = (items: readonly number[]) =>
  items.slice(1).map((item, index) => [items[index]!, item] as const);

/** Up to so many terminals at an end, any two may have been changed over; beyond, those side by side. */
const fewTerminals = 5;
const allPairs = (items: readonly number[]) =>
  items.flatMap((a, index) => items.slice(index + 1).map((b) => [a, b] as const));

/** What usually goes wrong at each end: opens, neighbours that touch or leak, conductors changed over, bad and loose joints; and the cable itself. */
function possibleFaults(frozen: FrozenPlan, wiring: Wiring, place: number): InjectedFault[] {
  const seated = wiring.terminals.flatMap(({ point }, terminal) => (point === null ? [] : [terminal]));
  const endIds = [...new Set(wiring.points.map(({ endId }) => endId))];
  const opens = seated.map((terminal): InjectedFault => ({ kind: 'open', terminal }));
  const bad = seated.map((terminal): InjectedFault => ({ kind: 'high resistance', terminal, ohms: 0.4 }));
  const perEnd = endIds.flatMap((endId): InjectedFault[] => {
    const points = wiring.points.flatMap((point, index) => (point.endId === endId ? [index] : []));
    const here = seated.filter((terminal) => wiring.terminals[terminal]!.endId === endId);
    const many = points.length > 2;
    return [
      ...neighbours(points).map((pair): InjectedFault => ({ kind: 'short', points: pair })),
      ...(here.length <= fewTerminals ? allPairs(here) : neighbours(here))
        .filter(([a, b]) => wiring.terminals[a]!.conductor !== wiring.terminals[b]!.conductor)
        .map((pair): InjectedFault => ({ kind: 'swap', terminals: pair })),
      { kind: 'leak', points: [points[0]!, points[1]!], ohms: 22e3 },
      ...(many ? [{ kind: 'mirrored', endId } as const] : []),
    ];
  });
  const loose = seated.map((terminal): InjectedFault => ({ kind: 'intermittent', terminal }));
  const beads = chokesOf(frozen.lead).map(({ id }): InjectedFault => ({ kind: 'wrong beads', chokeId: id }));
  return [...opens, ...perEnd, ...bad, ...loose, ...cableFaults(frozen, place), ...beads];
}

/** What can be wrong inside the cable: broken, touching; and of a line that is swept, crushed, wet, or another cable. */
function cableFaults(frozen: FrozenPlan, at: number): InjectedFault[] {
  const { lead } = frozen;
  const line = sweepLineOf(lead, new Map(Object.entries(frozen.lengths)));
  return lead.pieces.flatMap(({ id: pieceId, cableId }): InjectedFault[] => {
    const conductors = conductorsOf(leadCable(lead, cableId)).map(({ id }) => id);
    const [first, second] = conductors;
    return [
      ...conductors.map((conductor): InjectedFault => ({ kind: 'cable open', pieceId, conductor, at })),
      ...(first && second
        ? [{ kind: 'cable short', pieceId, conductors: [first, second], at } satisfies InjectedFault]
        : []),
      ...(line
        ? ([
            { kind: 'crush', pieceId, at, length: 0.06 },
            { kind: 'water', pieceId, at, length: wetLength(line.length) },
            { kind: 'wrong cable', pieceId, cableId: otherCable(line.cable.nominalImpedance) },
          ] satisfies InjectedFault[])
        : []),
    ];
  });
}

/** Water creeps along a quarter of a line, or half a metre. */
const wetLength = (length: number) => Math.max(0.5, length / wetPart);
const wetPart = 4;

/** A cable that is taken for this one by mistake: of the other common impedance. */
const otherCable = (impedance: number) => (impedance < 60 ? 'rg-59' : 'rg-223');
