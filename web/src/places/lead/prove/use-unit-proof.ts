import type { UnitHappening } from '@gorvane/core/unit/unit.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import type { Proof } from '@gorvane/core/prove/proof.ts';
import { prove } from '@gorvane/core/prove/proof.ts';
import type { Instrument } from '@gorvane/core/house/instrument.ts';
import type { ProofLevel } from '@gorvane/core/house/practice.ts';
import type { Readings } from '@gorvane/core/reading/reading.ts';
import { withTake } from '@gorvane/core/prove/takes.ts';
import { recordChecks } from '@gorvane/core/prove/record-checks.ts';
import { useHotkeys } from '@mantine/hooks';
import { useMemo, useState } from 'react';
import type { UnitView } from '../../../data/live.ts';
import { useKeptFiles } from '../../../data/touchstone-files.ts';
import { recordHappenings } from '../../../data/units.ts';
import { useKeptValue } from '../../../draft/use-kept-value.ts';

/** The readings on the table (typed, read or dropped just now, else the last recorded), their proof, and what may be done with them. */
export function useUnitProof(
  { unit, progress }: UnitView,
  frozen: FrozenPlan,
  {
    instruments,
    ordered,
  }: { readonly instruments: readonly Instrument[]; readonly ordered: ProofLevel | undefined },
) {
  const [draft, setTakes, changeTakes] = useKeptValue<readonly Readings[] | null>(`takes/${unit.id}`, null);
  const undo = useUndoReadings(draft, setTakes);
  const [typedCelsius, setTypedCelsius] = useKeptValue<number | null>(`room/${unit.id}`, null);
  const recorded = progress.proofs.at(-1);
  // A lead that came back is proved anew: what was read before it went out is history.
  const isStale = progress.isProofStale;
  const takes = useMemo(() => draft ?? (isStale ? [] : (recorded?.takes ?? [])), [draft, recorded, isStale]);
  const sweepFiles = useKeptFiles(takes.flatMap(({ sweep }) => (sweep ? [sweep] : [])));
  const lastEndId =
    progress.steps.findLast(({ id, endId }) => endId && progress.done.has(id))?.endId ?? undefined;
  const sweeps = useMemo(
    () => new Map([...(sweepFiles ?? [])].map(([hash, { network }]) => [hash, network])),
    [sweepFiles],
  );
  const proof = useMemo(
    () => prove(frozen, takes, { lastEndId, sweeps, instruments, ordered }),
    [frozen, takes, lastEndId, sweeps, instruments, ordered],
  );
  const proveStep = progress.steps.find(({ work }) => work === 'prove')!;
  const isDue = !progress.current || progress.current.id === proveStep.id || progress.done.has(proveStep.id);
  return {
    takes,
    undo,
    /** Typed by hand; null once they are recorded. */
    setTakes: (next: readonly Readings[] | null) => {
      if (next === null) undo.forget();
      else undo.remember();
      setTakes(next);
    },
    /** Puts a take beside the others; what was recorded is where a new table begins. */
    addTake: (take: Readings) => {
      undo.remember();
      changeTakes((now) => withTake(now ?? takes, take));
    },
    celsius: typedCelsius ?? frozen.house.roomCelsius,
    isCelsiusAssumed: typedCelsius === null,
    /** Whatever lies on the table was read in the same room. */
    setCelsius: (celsius: number) => {
      setTypedCelsius(celsius);
      if (draft) changeTakes((now) => (now ?? []).map((take) => ({ ...take, celsius })));
    },
    sweeps,
    proof,
    lastEndId,
    proveStep,
    isDue,
    recordedAt: draft || isStale ? undefined : recorded?.at,
  };
}

export type UnitProof = ReturnType<typeof useUnitProof>;

/** The proof as it goes into the record: readings by every method, verdict, and the checks as they were judged. */
export function provedHappening(takes: readonly Readings[], proof: Proof): UnitHappening {
  return {
    kind: 'proved',
    readings: takes.length === 1 ? takes[0]! : [...takes],
    verdict: proof.verdict,
    checks: recordChecks(proof.checks),
  };
}

/** Records the proof and the answer to its hold point. */
export async function recordProof(unitId: string, { takes, proof, proveStep }: UnitProof): Promise<void> {
  const answer: UnitHappening = {
    kind: 'hold answered',
    stepId: proveStep.id,
    good: proof.verdict === 'Good',
    reading: null,
  };
  await recordHappenings(unitId, () => [provedHappening(takes, proof), answer]);
}

/** The way back over what was typed, read or dropped here since the last proof was recorded: Ctrl+Z in Prove. */
function useUndoReadings(now: readonly Readings[] | null, set: (takes: readonly Readings[] | null) => void) {
  const [past, setPast] = useState<readonly (readonly Readings[] | null)[]>([]);
  const takeBack = () => {
    if (past.length === 0) return;
    set(past.at(-1)!);
    setPast(past.slice(0, -1));
  };
  useHotkeys([['mod+Z', takeBack]], []);
  return {
    possible: past.length > 0,
    takeBack,
    remember: () => setPast((before) => [...before.slice(-99), now]),
    forget: () => setPast([]),
  };
}
