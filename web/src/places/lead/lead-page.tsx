import { facet } from '@gorvane/core/unit/facets.ts';
import type { GaugeCard } from '@gorvane/core/connector/gauge-card-schema.ts';
import { endsInWords } from '@gorvane/core/lead/automatic-name.ts';
import type { PlacesOnRun } from '@gorvane/core/prove/placed-diagnosis.ts';
import type { LeadPlan } from '@gorvane/core/plan/lead-plan.ts';
import { shownPlan } from '@gorvane/core/plan/shown-plan.ts';
import { lengthInWords } from '@gorvane/core/lead/in-words.ts';
import { Button, NativeSelect } from '@mantine/core';
import { useCallback, useMemo, useState } from 'react';
import { useDraftState } from '../../draft/hooks.ts';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { Empty } from '../../controls/empty.tsx';
import { useFoundUnits, useUnit, useUnitViews } from '../../data/live.ts';
import type { SummaryRow } from '../../data/database.ts';
import type { UnitView } from '../../data/live.ts';
import { UndoButton } from '../../controls/undo-button.tsx';
import type { Draft } from '../../draft/use-draft.ts';
import { useDraft, useDrafts, useHouseDraft } from '../../draft/use-draft.ts';
import { useUndoPlace } from '../../draft/use-undo-place.ts';
import type { PlanProblem } from '../../draft/use-plan.ts';
import { usePlan } from '../../draft/use-plan.ts';
import type { RunPick } from '../../drawing/run-side.ts';
import { Run } from '../../drawing/run.tsx';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import { CardChanges } from '../../controls/card-changes.tsx';
import { BenchEdge, StageReasons } from './bench-edge.tsx';
import { ChooseStage } from './choose-stage.tsx';
import { CutStage } from './cut-stage.tsx';
import { FinishStage } from './finish-stage.tsx';
import { JoinStage } from './join-stage.tsx';
import { ProveStage } from './prove/prove-stage.tsx';
import { StripStage } from './strip-stage.tsx';
import { ThreadStage } from './thread-stage.tsx';
import { PartDrop, RunDropZones } from './part-drop.tsx';
import type { StageProps } from './stage-props.ts';
import { UnitProof } from './unit-proof.tsx';
import { stageSlugs } from './stage-slug.ts';
import { usePageTitle } from '../../controls/page-title.ts';
import './lead.css';

/** So many units of a lead can be chosen from here, and so many at work are held against their bags. */
const [mostUnits, mostAtWork] = [60, 24];

const nowhere: PlacesOnRun = { endIds: [], parts: [] };

const panels = {
  choose: ChooseStage,
  cut: CutStage,
  thread: ThreadStage,
  strip: StripStage,
  join: JoinStage,
  prove: ProveStage,
  finish: FinishStage,
} as const;

/** One lead: its run, the bench edge, and the stage that is open. */
export function LeadPage() {
  const { leadId } = useParams();
  const lead = useDraft('leads', leadId);
  const house = useHouseDraft();
  const drafts = useDrafts('gaugeCards', lead ? cardIds(lead.record) : '');
  const cards = useMemo(() => drafts.map(({ record }) => record), [drafts]);
  const { plan, problem } = usePlan(lead?.record, cards, house?.record);
  const proved = useUnitToProve();
  const frozen = proved?.progress.plan;
  useUndoPlace(frozen ? null : `leads/${leadId}`);
  if (frozen && (lead === null || problem !== undefined))
    return <UnitProof key={proved.unit.id} view={proved} frozen={frozen} />;
  if (lead === null) return <NotHere />;
  const byEnd = lead && cardsByEnd(lead.record, drafts);
  if (!lead || !house || !byEnd) return null;
  if (!plan) return <Unplannable lead={lead} problem={problem} />;
  return <PlannedLead lead={lead} cards={byEnd} house={house} plan={plan} problem={problem} />;
}

function NotHere() {
  return (
    <Empty title="This lead is not here">
      <p>
        It was deleted, or the address is from another computer: every address keeps its own data. See{' '}
        <Link to="/leads">Leads</Link>.
      </p>
    </Empty>
  );
}

/** The gauge card of every end, by end; nothing as long as one is still read. */
function cardsByEnd(
  { ends }: Lead,
  drafts: readonly Draft<GaugeCard>[],
): ReadonlyMap<string, Draft<GaugeCard>> | undefined {
  const byEnd = new Map(
    ends.flatMap(({ id, gaugeCardId }) => {
      const card = drafts.find(({ record }) => record.id === gaugeCardId);
      return card ? [[id, card] as const] : [];
    }),
  );
  return byEnd.size < ends.length ? undefined : byEnd;
}

/** The unit that the address names, where it is to be proved. */
function useUnitToProve(): UnitView | null | undefined {
  const { stage } = useParams();
  const [search] = useSearchParams();
  return useUnit(stage === 'prove' ? (search.get('unit') ?? undefined) : undefined);
}

/** The gauge cards of a lead, each once, as one text that does not change while they do not. */
const cardIds = (lead: Lead) => [...new Set(lead.ends.map(({ gaugeCardId }) => gaugeCardId))].join(' ');

function Unplannable({
  lead,
  problem,
}: {
  readonly lead: Draft<Lead>;
  readonly problem: PlanProblem | undefined;
}) {
  if (!problem) return null;
  return (
    <Empty title={`${lead.record.name} cannot be planned as it stands`}>
      <p>{problem.message}</p>
      {problem.isTooShort ? (
        <Button
          onClick={() =>
            lead.edit('finished length', (record) => ({
              ...record,
              legs: record.legs.map((leg) => ({ ...leg, finishedLength: 1 })),
            }))
          }
        >
          Set the finished length to 1 m and go on
        </Button>
      ) : (
        <p>
          Nothing of it was changed. Read the file that it came with in again in{' '}
          <Link to="/house#data">House</Link>, or make it anew from <Link to="/">Bench</Link>.
        </p>
      )}
    </Empty>
  );
}

/** Units of a lead, oldest first; those at work with their records; and the one that is shown. */
function useUnitsOfLead(leadId: string, unitId: string | null) {
  const ofLead = facet('lead', leadId);
  const found = useFoundUnits({ facets: [ofLead] }, { most: mostUnits });
  const atWork = useFoundUnits(
    { facets: [ofLead, facet('state', 'at work')] },
    { most: mostAtWork, oldestFirst: true },
  );
  const workViews = useUnitViews(atWork?.units.map(({ id }) => id) ?? []) ?? [];
  const shown = useUnit(unitId ?? undefined);
  return {
    units: [...(found?.units ?? [])].reverse(),
    workViews,
    view: shown?.unit.leadId === leadId ? shown : undefined,
  };
}

function PlannedLead({
  problem,
  ...props
}: Omit<StageProps, 'view' | 'onPlaces'> & { readonly problem: PlanProblem | undefined }) {
  const { lead, plan } = props;
  const { stage: asked } = useParams();
  // An address that names no stage opens the first, and shows that it does.
  const { slug: stage, stage: named } = stageSlugs.find(({ slug }) => slug === asked) ?? stageSlugs[0]!;
  usePageTitle(lead.record.name, named);
  const navigate = useNavigate();
  const [search, setSearch] = useSearchParams();
  const { units, workViews, view } = useUnitsOfLead(lead.record.id, search.get('unit'));
  const frozen = view?.progress.plan;
  const unitPlan = useMemo(() => frozen && shownPlan(frozen), [frozen]);
  const [places, setPlaces] = useState<PlacesOnRun>(nowhere);
  const showPlaces = useCallback(
    (next: PlacesOnRun) => setPlaces((now) => (JSON.stringify(now) === JSON.stringify(next) ? now : next)),
    [],
  );
  const Panel = panels[stage];
  const rawCount = Object.values(useDraftState((draft) => draft.raw)).filter(
    ({ error }) => error !== '',
  ).length;
  const open = (slug: string) =>
    void navigate({ pathname: `/leads/${lead.record.id}/${slug}`, search: search.toString() });
  const onPick = (pick: RunPick) =>
    open(pick.kind === 'part' ? 'thread' : pick.kind === 'end' ? 'strip' : 'choose');
  return (
    <PartDrop lead={lead}>
      <div className="lead">
        <LeadHead
          lead={lead}
          plan={plan}
          view={view}
          units={units}
          onUnit={(unitId) => setSearch(unitId ? { unit: unitId } : {})}
        />
        <div className="run-place">
          <Run
            plan={unitPlan ?? plan}
            progress={view?.progress.started ? view.progress : undefined}
            onPick={onPick}
            faults={stage === 'prove' ? places : nowhere}
            numbers={stage === 'thread' ? threadNumbers(plan) : undefined}
          />
          {stage === 'thread' && <RunDropZones lead={lead.record} />}
        </div>
        <BenchEdge plan={plan} view={view} current={stage} slugs={stageSlugs} onOpen={open} />
        {(problem ?? rawCount > 0) && (
          <p className="last-good" role="status">
            {problem
              ? `${problem.message} Shown are the last figures that could be worked out.`
              : 'A field holds text that does not parse: figures are from the last values that did.'}
          </p>
        )}
        {(stage === 'strip' || stage === 'prove') && <CardChanges views={workViews} />}
        <StageReasons plan={plan} view={view} stage={named} />
        <div className="stage-panel">
          <Panel {...props} view={view} onPlaces={showPlaces} />
        </div>
      </div>
    </PartDrop>
  );
}

/** The place of every part in the order of threading. */
function threadNumbers(plan: LeadPlan): ReadonlyMap<string, number> {
  const moves = plan.thread.possible ? plan.thread.moments.flatMap((moment) => moment.moves) : [];
  return new Map(moves.map(({ part }, index) => [part.id, index + 1]));
}

interface LeadHeadProps extends Pick<StageProps, 'lead' | 'plan' | 'view'> {
  readonly units: readonly SummaryRow[];
  readonly onUnit: (unitId: string | undefined) => void;
}

function LeadHead({ lead, plan, view, units, onUnit }: LeadHeadProps) {
  const toBuild =
    view?.unit ??
    units.find(({ state }) => state === 'at work' || state === 'set aside') ??
    units.find(({ state }) => state === 'not started');
  const isListed = !view || units.some(({ id }) => id === view.unit.id);
  return (
    <div className="page-head">
      <h1>{lead.record.name}</h1>
      <span className="soft">
        {plan.ends[0]!.cable.name}, {endsInWords(plan.ends.map(({ connector }) => connector))},{' '}
        {lengthInWords(lead.record)}
      </span>
      <div className="actions">
        <UndoButton />
        <NativeSelect
          aria-label="Unit shown on the run"
          value={view?.unit.id ?? ''}
          onChange={({ currentTarget }) => onUnit(currentTarget.value || undefined)}
          data={[
            { value: '', label: 'the design' },
            ...units.map(({ id, serial }) => ({ value: id, label: serial })),
            ...(isListed ? [] : [{ value: view.unit.id, label: view.unit.serial }]),
          ]}
        />
        {toBuild && (
          <Button component={Link} to={`/build/${toBuild.id}`}>
            Build {toBuild.serial}
          </Button>
        )}
      </div>
    </div>
  );
}
