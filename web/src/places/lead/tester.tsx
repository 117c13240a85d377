import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import { leadWiring } from '@gorvane/core/prove/lead-wiring.ts';
import type { Readings } from '@gorvane/core/prove/reading.ts';
import type { InjectedFault } from '@gorvane/core/prove/virtual-lead.ts';
import type { Wiring } from '@gorvane/core/prove/wiring.ts';
import { Button, Checkbox, NumberInput } from '@mantine/core';
import { wordFault } from '../../controls/fault-words.ts';
import { readWithTester } from '../../data/tester.ts';
import { useKeptValue } from '../../draft/use-kept-value.ts';

interface TesterProps {
  readonly unitId: string;
  readonly frozen: FrozenPlan;
  readonly by: string;
  readonly onReadings: (readings: Readings) => void;
}

/** The simulated tester: reads a virtual lead made from the unit's plan, with the faults that are set on it. */
export function Tester({ unitId, frozen, by, onReadings }: TesterProps) {
  const [settings, setSettings] = useKeptValue<{ seed: number; faults: InjectedFault[] }>(
    `tester/${unitId}`,
    { seed: 1, faults: [] },
  );
  const wiring = leadWiring(frozen.lead);
  const isSet = (fault: InjectedFault) =>
    settings.faults.some((other) => JSON.stringify(other) === JSON.stringify(fault));
  const toggle = (fault: InjectedFault) =>
    setSettings({
      ...settings,
      faults: isSet(fault)
        ? settings.faults.filter((other) => JSON.stringify(other) !== JSON.stringify(fault))
        : [...settings.faults, fault],
    });
  return (
    <section className="tester" aria-labelledby="tester">
      <h2 id="tester">Simulated tester</h2>
      <p className="soft">
        A stand-in that ships with Gorvane: it reads a virtual lead made from this unit&rsquo;s plan.
      </p>
      <Button variant="default" onClick={() => onReadings(readWithTester(frozen, settings, by))}>
        Let the tester read
      </Button>
      <details>
        <summary>Faults set on it: {settings.faults.length === 0 ? 'none' : settings.faults.length}</summary>
        {possibleFaults(wiring).map((fault) => (
          <Checkbox
            key={JSON.stringify(fault)}
            mt={8}
            label={wordFault(frozen.lead, wiring, fault)}
            checked={isSet(fault)}
            onChange={() => toggle(fault)}
          />
        ))}
        <NumberInput
          mt={10}
          label="Seed of its noise"
          value={settings.seed}
          min={1}
          max={1_000_000}
          allowDecimal={false}
          clampBehavior="strict"
          onChange={(value) => typeof value === 'number' && setSettings({ ...settings, seed: value })}
        />
      </details>
    </section>
  );
}

/** Two points or terminals side by side. */
const neighbours = (items: readonly number[]) =>
  items.slice(1).map((item, index) => [items[index]!, item] as const);

/** Up to so many terminals at an end, any two may have been changed over; beyond, those side by side. */
const fewTerminals = 5;
const allPairs = (items: readonly number[]) =>
  items.flatMap((a, index) => items.slice(index + 1).map((b) => [a, b] as const));

/** What usually goes wrong at each end: opens, neighbours that touch or leak, conductors changed over, bad joints. */
function possibleFaults(wiring: Wiring): InjectedFault[] {
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
  return [...opens, ...perEnd, ...bad];
}
