import { reworkTo } from '@gorvane/core/build/advance.ts';
import type { UnitHappening } from '@gorvane/core/build/unit.ts';
import type { LeadPlan } from '@gorvane/core/plan/lead-plan.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import type { Fault } from '@gorvane/core/prove/fault.ts';
import { endOfFault } from '@gorvane/core/prove/fault.ts';
import type { Proof } from '@gorvane/core/prove/proof.ts';
import { prove } from '@gorvane/core/prove/proof.ts';
import type { Readings } from '@gorvane/core/prove/reading.ts';
import { repairOf } from '@gorvane/core/prove/repair.ts';
import { Button } from '@mantine/core';
import { lazy, Suspense, useEffect, useMemo } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { Caution } from '../../controls/caution.tsx';
import { wordFault } from '../../controls/fault-words.ts';
import { marksOf } from '../../controls/unit-state.ts';
import { VerdictMark } from '../../controls/verdict.tsx';
import type { UnitView } from '../../data/live.ts';
import { useUnits } from '../../data/live.ts';
import { recordHappenings } from '../../data/units.ts';
import { useKeptValue } from '../../draft/use-kept-value.ts';
import { WiringMap } from '../../drawing/wiring-map.tsx';
import { DiagnosisList } from './diagnosis-list.tsx';
import type { StageProps } from './lead-page.tsx';
import { ReadingsTable } from './readings-table.tsx';
import { Tester } from './tester.tsx';
import { WiringMatrix } from './wiring-matrix.tsx';

/** What a unit should read, what it does read, the verdict and what explains it. */
export function ProveStage(props: StageProps) {
  const { view, plan, house, onFaultEnds } = props;
  if (view?.unit.plan)
    return (
      <ProveUnit
        key={view.unit.id}
        view={view}
        frozen={view.unit.plan}
        house={house.record}
        onFaultEnds={onFaultEnds}
      />
    );
  const expected = prove(
    plan.lead,
    plan.paths,
    noReadings(house.record.benchName, house.record.roomCelsius),
    house.record,
  );
  return (
    <div className="stage">
      <section aria-label="What a unit must show">
        <h2>What every unit must show</h2>
        <WiringMap proof={expected} />
        <WiringMatrix proof={expected} />
        <Limits proof={expected} />
        <Predicted plan={plan} />
      </section>
      <aside aria-label="Choose a unit">
        <PickUnit leadId={plan.lead.id} />
      </aside>
    </div>
  );
}

const PredictedSweep = lazy(async () => ({
  default: (await import('./predicted-sweep.tsx')).PredictedSweep,
}));

/** The predicted curves; their chart code is fetched when they are looked at. */
function Predicted({ plan }: { readonly plan: LeadPlan }) {
  if (!plan.coaxLine) return null;
  return (
    <Suspense fallback={null}>
      <PredictedSweep plan={plan} line={plan.coaxLine} />
    </Suspense>
  );
}

const noReadings = (by: string, celsius: number): Readings => ({
  by,
  instrument: 'by hand',
  celsius,
  pairs: [],
});

function PickUnit({ leadId }: { readonly leadId: string }) {
  const units = (useUnits() ?? []).filter(({ unit }) => unit.leadId === leadId);
  const [, setSearch] = useSearchParams();
  const started = units.filter(({ progress }) => progress.started);
  return (
    <>
      <h2>Prove which unit?</h2>
      {started.length === 0 && (
        <p>
          No unit of this lead has been started. Start one with Build; when both ends are joined it is proved
          here.
        </p>
      )}
      {started.map(({ unit, progress }) => (
        <Button key={unit.id} variant="default" onClick={() => setSearch({ unit: unit.id })}>
          {unit.serial}, {progress.finished ? 'finished' : progress.current?.stage}
        </Button>
      ))}
    </>
  );
}

function Limits({ proof }: { readonly proof: Proof }) {
  return (
    <table className="plain-table">
      <tbody>
        {proof.checks.map((check) => (
          <tr key={check.id}>
            <th scope="row">{check.label}</th>
            <td>
              <VerdictMark verdict={check.verdict} />
              {check.leftOut && ' left out by this house'}
            </td>
            <td className="soft">{check.detail}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

interface ProveUnitProps {
  readonly view: UnitView;
  readonly frozen: FrozenPlan;
  readonly house: StageProps['house']['record'];
  readonly onFaultEnds: StageProps['onFaultEnds'];
}

/** The readings on the table (typed or read just now, else the last recorded), their proof, and what may be done with them. */
function useUnitProof({ view, frozen, house }: Pick<ProveUnitProps, 'view' | 'frozen' | 'house'>) {
  const { unit, progress } = view;
  const none = noReadings(house.benchName, house.roomCelsius);
  const [draft, setReadings] = useKeptValue<Readings | null>(`prove/${unit.id}`, null);
  const recorded = progress.proofs.at(-1);
  const readings = draft ?? recorded?.readings ?? none;
  const lastEndId =
    progress.steps.findLast(({ id, endId }) => endId && progress.done.has(id))?.endId ?? undefined;
  const proof = prove(frozen.lead, frozen.limits, readings, frozen.house, lastEndId, frozen.family);
  const proveStep = progress.steps.find(({ stage }) => stage === 'Prove')!;
  const isDue = !progress.current || progress.current.id === proveStep.id || progress.done.has(proveStep.id);
  return {
    readings,
    setReadings,
    none,
    proof,
    proveStep,
    isDue,
    recordedAt: draft ? undefined : recorded?.at,
  };
}

type UnitProof = ReturnType<typeof useUnitProof>;

function ProveUnit(props: ProveUnitProps) {
  const { view, frozen, house, onFaultEnds } = props;
  const { unit, progress } = view;
  const navigate = useNavigate();
  const table = useUnitProof(props);
  const { readings, setReadings, proof, proveStep } = table;
  const faultEnds = faultEndsOf(proof).join();
  useEffect(() => onFaultEnds(faultEnds === '' ? [] : faultEnds.split(',')), [onFaultEnds, faultEnds]);
  const proved: UnitHappening = { kind: 'proved', readings, verdict: proof.verdict };

  const unitPlan = useMemo(() => planLead(frozen.lead, frozen.cards, frozen.house), [frozen]);
  const recordProof = async () => {
    const answer: UnitHappening = {
      kind: 'hold answered',
      stepId: proveStep.id,
      good: proof.verdict === 'Good',
      reading: null,
    };
    await recordHappenings(unit.id, () => [proved, answer]);
    setReadings(null);
    if (proof.verdict === 'Good') void navigate(`/build/${unit.id}`);
  };
  const goBack = async (fault: Fault) => {
    const repair = repairOf(frozen.lead, proof.wiring, progress.steps, fault);
    if (!repair) return;
    const reason = wordFault(frozen.lead, proof.wiring, fault);
    const rework = reworkTo(repair.target, proveStep.id, repair.cost, reason);
    await recordHappenings(unit.id, () => (table.recordedAt ? [rework] : [proved, rework]));
    setReadings(null);
    void navigate(`/build/${unit.id}`);
  };
  return (
    <div className="stage">
      <section aria-label="Readings and verdict">
        <div className="stage-head" role="status">
          <VerdictMark verdict={proof.verdict} large />
          <p>
            {verdictLine(proof, view)}
            {table.recordedAt && (
              <span className="soft"> As recorded {new Date(table.recordedAt).toLocaleString()}.</span>
            )}
          </p>
        </div>
        {proof.diagnosis && (
          <DiagnosisList
            lead={frozen.lead}
            lengths={new Map(Object.entries(frozen.lengths))}
            proof={proof}
            steps={progress.steps}
            onGoBack={(fault) => void goBack(fault)}
          />
        )}
        <ReadingsTable
          unitId={unit.id}
          proof={proof}
          readings={readings}
          limits={frozen.limits}
          family={frozen.family}
          onReadings={setReadings}
        />
        <h2>Map and matrix</h2>
        <WiringMap proof={proof} />
        <WiringMatrix proof={proof} />
        <Predicted plan={unitPlan} />
      </section>
      <aside aria-label="Checks, tester and record">
        <h2>Checks, in the order of the plan</h2>
        <Limits proof={proof} />
        <RecordButton table={table} view={view} onRecord={() => void recordProof()} />
        <Caution>
          Nothing connected at either end. The insulation test puts hundreds of volts on the lead: keep hands
          off and discharge it after.
        </Caution>
        <Tester unitId={unit.id} frozen={frozen} by={house.benchName} onReadings={setReadings} />
        <ProofHistory view={view} />
      </aside>
    </div>
  );
}

/** Ends at which an explanation places its fault, each once. */
function faultEndsOf({ diagnosis, wiring }: Proof): string[] {
  const faults = diagnosis?.explanations.flatMap((explanation) => explanation.faults) ?? [];
  return [...new Set(faults.map((fault) => endOfFault(wiring, fault)))].sort();
}

/** Recording the readings on the table, or taking new ones; or why not yet. */
function RecordButton({
  table,
  view,
  onRecord,
}: {
  readonly table: UnitProof;
  readonly view: UnitView;
  readonly onRecord: () => void;
}) {
  const { readings, proof, isDue, recordedAt, setReadings, none } = table;
  if (recordedAt)
    return (
      <Button size="md" variant="default" onClick={() => setReadings(none)}>
        Prove it again
      </Button>
    );
  const isEmpty = readings.pairs.length === 0 && readings.insulationOhms === undefined;
  const why = !isDue
    ? `This unit is at “${view.progress.current?.title ?? ''}”. Its proof can be recorded when both ends are joined.`
    : isEmpty
      ? 'Enter readings, or let the tester read.'
      : undefined;
  return (
    <>
      <Button size="md" disabled={why !== undefined} onClick={onRecord}>
        Record this proof: {proof.verdict}
      </Button>
      {why && <p className="soft">{why}</p>}
    </>
  );
}

function verdictLine(proof: Proof, { progress }: UnitView): string {
  const marks = marksOf(progress);
  const waivers = marks.length > 0 ? ` ▲ ${marks.join(', ')}.` : '';
  const leftOut = proof.checks.filter((check) => check.leftOut).length;
  const omitted =
    leftOut > 0 ? ` ${leftOut} ${leftOut === 1 ? 'check is' : 'checks are'} left out by this house.` : '';
  if (!proof.deciding) return `Every check is within its limit.${omitted}${waivers}`;
  return `${proof.deciding.label}: ${proof.deciding.detail}.${waivers}`;
}

function ProofHistory({ view }: { readonly view: UnitView }) {
  if (view.progress.proofs.length === 0) return null;
  return (
    <>
      <h2>Proofs in the record</h2>
      <table className="plain-table">
        <tbody>
          {view.progress.proofs.map(({ at, by, verdict, readings }) => (
            <tr key={at}>
              <th scope="row">{new Date(at).toLocaleString()}</th>
              <td>
                {by}, {readings.instrument}
              </td>
              <td>
                <VerdictMark verdict={verdict} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
