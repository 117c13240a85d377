import { useBench, useHouse, useOrders } from '../../../data/live.ts';
import type { UnitHappening } from '@gorvane/core/unit/unit.ts';
import { reworkTo } from '@gorvane/core/unit/advance.ts';
import { cableLeft } from '@gorvane/core/unit/cable-left.ts';
import type { ShownPlan } from '@gorvane/core/plan/shown-plan.ts';
import { shownPlan } from '@gorvane/core/plan/shown-plan.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import { badJoints } from '@gorvane/core/prove/bad-joint.ts';
import { placedDiagnosis, placesOnRun } from '@gorvane/core/prove/placed-diagnosis.ts';
import { prove } from '@gorvane/core/prove/proof.ts';
import { proofPlanOf } from '@gorvane/core/plan/proof-plan.ts';
import type { Readings } from '@gorvane/core/reading/reading.ts';
import { isEmptyTake } from '@gorvane/core/reading/reading.ts';
import { readWith } from '@gorvane/core/reading/typed-from.ts';
import type { Quantity } from '@gorvane/core/house/instrument.ts';
import type { ProofCheck } from '@gorvane/core/prove/checks.ts';
import type { Proof } from '@gorvane/core/prove/proof.ts';
import { shortenedPlan, shortOf } from '@gorvane/core/unit/shortened-plan.ts';
import { sweepLineOf } from '@gorvane/core/prove/sweep-line.ts';
import { handTake, withHandTake, withTake } from '@gorvane/core/prove/takes.ts';
import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import { lazy, Suspense, useEffect, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { Caution } from '../../../controls/caution.tsx';
import { VerdictMark } from '../../../controls/verdict.tsx';
import type { UnitView } from '../../../data/live.ts';
import { readWithTester } from '../../../data/tester.ts';
import { recordHappenings, scrapUnit } from '../../../data/units.ts';
import type { StageProps } from '../stage-props.ts';
import { BadJointList } from './bad-joint-list.tsx';
import { CheckTable } from './check-table.tsx';
import { LyingEnds } from './lying-ends.tsx';
import { Connections } from './connections.tsx';
import { DiagnosisList } from './diagnosis-list.tsx';
import type { Mending } from './fault-line.tsx';
import { FileDrop } from './file-drop.tsx';
import { InstrumentsPanel } from './instruments-panel.tsx';
import { LooksPanel } from './looks-panel.tsx';
import { PickUnit } from './pick-unit.tsx';
import { ProofHistory, RecordButton } from './proof-record.tsx';
import { ReadingsTable } from './readings-table.tsx';
import { ReadWith } from './read-with.tsx';
import type { ReadWith as ReadWithChosen } from './use-read-with.ts';
import { useReadWith } from './use-read-with.ts';
import { ReflectedPlaces } from './reflected-places.tsx';
import { RoomTemperature, TakesOnTable } from './takes-on-table.tsx';
import { TestPlan } from './test-plan.tsx';
import { useInstruments } from './use-instruments.ts';
import { useReflected } from './use-reflected.ts';
import { provedHappening, recordProof, useUnitProof } from './use-unit-proof.ts';
import { VerdictLine } from './verdict-line.tsx';
import { useVirtualSettings, VirtualFaults, virtualSetup } from './virtual-faults.tsx';
import { useTimes } from '../../../controls/writing.ts';
import './prove.css';

/** What a unit should read, what it does read, the verdict and what explains it. */
export function ProveStage(props: StageProps) {
  const { view, plan, house, onPlaces } = props;
  if (view?.progress.plan)
    return <ProveUnit key={view.unit.id} view={view} frozen={view.progress.plan} onPlaces={onPlaces} />;
  const proofPlan = proofPlanOf(plan, house.record);
  const expected = prove(proofPlan, [], { instruments: house.record.instruments });
  return (
    <div className="stage">
      <section aria-label="What a unit must show">
        <h2>What every unit must show</h2>
        <LyingEnds lead={plan.lead} />
        <CheckTable proof={expected} />
        <TestPlan plan={proofPlan} proof={expected} steps={plan.steps} />
        <Connections proof={expected} />
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
const SweptReflections = lazy(() => import('./swept-reflections.tsx'));

/** The predicted curves; their chart code is fetched when they are looked at. */
function Predicted({ plan }: { readonly plan: ShownPlan }) {
  if (!plan.coaxLine) return null;
  return (
    <Suspense fallback={null}>
      <PredictedSweep plan={plan} line={plan.coaxLine} />
    </Suspense>
  );
}

interface ProveUnitProps {
  readonly view: UnitView;
  readonly frozen: FrozenPlan;
  readonly onPlaces: StageProps['onPlaces'];
}

/** The proof of one unit, from what was frozen with it, by who is at the bench now: the plan may have been frozen by another. */
export function ProveUnit(props: ProveUnitProps) {
  const bench = useBench();
  return bench ? <Proving {...props} by={bench.name} /> : null;
}

function Proving({ view, frozen: started, by, onPlaces }: ProveUnitProps & { readonly by: string }) {
  const timeOf = useTimes();
  const { unit, progress } = view;
  const navigate = useNavigate();
  const plan = useMemo(() => shownPlan(started), [started]);
  const left = useMemo(() => cableLeft(started.lead, plan.cuts, progress), [started, plan, progress]);
  const frozen = useMemo(() => shortenedPlan(started, left), [started, left]);
  const owned = useHouse()?.instruments ?? frozen.house.instruments;
  const ordered = useOrders()?.find(({ id }) => id === unit.orderId)?.proofLevel;
  const table = useUnitProof(view, frozen, { instruments: owned, ordered });
  const readWithThese = useReadWith(owned, frozen.lead.requirement.systemImpedance);
  const { takes, setTakes, addTake, sweeps, proof, proveStep, celsius } = table;
  const [settings, setSettings] = useVirtualSettings(unit.id);
  const subject = {
    wiring: proof.wiring,
    limits: frozen.limits,
    virtual: virtualSetup(frozen, settings, celsius),
    by,
    celsius,
  };
  const instruments = useInstruments({ ...subject, serial: unit.serial }, addTake);
  const line = useMemo(() => sweepLineOf(frozen.lead, new Map(Object.entries(frozen.lengths))), [frozen]);
  const hand = handTake(takes, by, celsius);
  const [unaskedToo, setUnaskedToo] = useState(false);
  const quantities = quantitiesReadOf(proof, unaskedToo);
  const setHand = (
    next: Readings,
    { chosen, leadsOhms }: Pick<ReadWithChosen, 'chosen' | 'leadsOhms'> = readWithThese,
  ) => setTakes(withHandTake(takes, readWith(next, chosen, leadsOhms)));
  const swept = takes.filter(({ sweep, trace }) => sweep ?? trace);
  const { reflected, onFound } = useReflected(takes);
  const explanations = useMemo(
    () => placedDiagnosis(frozen, proof, takes, reflected),
    [frozen, proof, takes, reflected],
  );
  const joints = useMemo(() => badJoints(frozen, proof, table.lastEndId), [frozen, proof, table.lastEndId]);
  useEffect(
    () => onPlaces(placesOnRun(frozen, proof, explanations, { joints, reflected })),
    [onPlaces, frozen, proof, explanations, joints, reflected],
  );

  const record = async () => {
    await recordProof(unit.id, table);
    setTakes(null);
    if (proof.verdict === 'Good') void navigate(`/build/${unit.id}`);
  };
  const leaveForBuild = () => {
    setTakes(null);
    void navigate(`/build/${unit.id}`);
  };
  const known: readonly UnitHappening[] = table.recordedAt ? [] : [provedHappening(takes, proof)];
  const mending: Mending = {
    lead: frozen.lead,
    left,
    onGoBack: (reason, { target, cost }, before) => {
      const rework = reworkTo(target, proveStep.id, cost, reason);
      void recordHappenings(unit.id, () => [...known, ...before, rework]).then(leaveForBuild);
    },
    onScrap: (reason) => void scrapUnit(unit.id, reason, known).then(leaveForBuild),
  };
  return (
    <div className="stage prove">
      <section aria-label="Verdict" className="prove-head">
        <div className="stage-head" role="status">
          <VerdictMark verdict={proof.verdict} large />
          <p>
            <VerdictLine proof={proof} progress={progress} takes={takes} />
            {[...shortOf(left).values()].map((short) => (
              <span key={short}>
                {' '}
                Proved as it is now, {formatMillimetres(short)} mm shorter than planned.
              </span>
            ))}
            {table.recordedAt && <span className="soft"> As recorded {timeOf(table.recordedAt)}.</span>}
          </p>
        </div>
        {proof.diagnosis && (
          <DiagnosisList
            frozen={frozen}
            proof={proof}
            explanations={explanations}
            lastEndId={table.lastEndId}
            steps={progress.steps}
            mending={mending}
            hand={hand}
            onHand={setHand}
            onRead={instruments.start}
          />
        )}
        <ReflectedPlaces lead={frozen.lead} findings={reflected} />
        {joints.length > 0 && (
          <BadJointList joints={joints} proof={proof} steps={progress.steps} mending={mending} />
        )}
      </section>
      <section aria-label="What was read" className="prove-rest">
        <h2>Checks, in the order of the plan</h2>
        <LyingEnds lead={plan.lead} />
        <CheckTable proof={proof} />
        <TestPlan plan={frozen} proof={proof} steps={progress.steps} />
        {line && swept.length > 0 && (
          <Suspense fallback={null}>
            <SweptReflections
              frozen={frozen}
              plan={plan}
              line={line}
              takes={swept}
              sweeps={sweeps}
              onFound={onFound}
            />
          </Suspense>
        )}
        <ReadingsTable
          unitId={unit.id}
          proof={proof}
          readings={hand}
          limits={frozen.limits}
          family={frozen.family}
          line={line}
          working={frozen.lead.requirement.frequencies}
          house={frozen.house}
          unaskedToo={unaskedToo}
          onUnasked={() => setUnaskedToo(true)}
          undo={table.undo}
          onReadings={setHand}
        >
          <ReadWith
            instruments={owned}
            readWith={readWithThese}
            quantities={quantities}
            onLeads={(leadsOhms) => {
              readWithThese.setLeads(leadsOhms);
              if (!isEmptyTake(hand)) setHand(hand, { ...readWithThese, leadsOhms });
            }}
            onChoose={(quantity, id) => {
              readWithThese.choose(quantity, id);
              const instrument = owned.find((each) => each.id === id)!;
              const chosen = { ...readWithThese.chosen, [quantity]: instrument };
              if (!isEmptyTake(hand)) setHand(hand, { ...readWithThese, chosen });
            }}
          />
        </ReadingsTable>
        <LooksPanel looks={frozen.looks} hand={hand} onHand={setHand} />
        <h2>Map and matrix</h2>
        <Connections proof={proof} />
        {swept.length === 0 && <Predicted plan={plan} />}
      </section>
      <aside aria-label="Instruments, files and record">
        <RecordButton
          table={table}
          view={view}
          isReading={instruments.run !== undefined}
          onRecord={() => void record()}
        />
        <Caution>
          Nothing connected at either end. The insulation test puts hundreds of volts on the lead: keep hands
          off and discharge it after.
        </Caution>
        {!table.recordedAt && <RoomTemperature unitId={unit.id} table={table} />}
        <InstrumentsPanel
          frozen={frozen}
          wiring={proof.wiring}
          line={line}
          instruments={instruments}
          onStandIn={() => setTakes(withTake(takes, readWithTester(frozen, { ...settings, celsius }, by)))}
        />
        <VirtualFaults frozen={frozen} wiring={proof.wiring} settings={settings} onSettings={setSettings} />
        <FileDrop wiring={proof.wiring} line={line} by={by} celsius={celsius} onTake={addTake} />
        <TakesOnTable takes={takes} onTakes={setTakes} />
        <ProofHistory view={view} />
      </aside>
    </div>
  );
}

/** What of a lead is read off by eye, by the checks that its proof has. */
function quantitiesReadOf({ checks }: Proof, unaskedToo: boolean): Quantity[] {
  const has = (...kinds: readonly ProofCheck['key']['kind'][]) =>
    checks.some(
      ({ key, leftOut, methods }) =>
        kinds.includes(key.kind) && (unaskedToo || !leftOut || methods.length > 0),
    );
  return [
    'ohms',
    ...(has('capacitance', 'pair') ? (['farads'] as const) : []),
    ...(has('insulation') ? (['insulation'] as const) : []),
    ...(has('return loss', 'match at', 'loss at') ? (['match', 'loss'] as const) : []),
    ...(has('length') ? (['length'] as const) : []),
  ];
}
