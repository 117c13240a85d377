import { seriesAndSex } from '@gorvane/core/connector/connector.ts';
import type { GaugeCard } from '@gorvane/core/connector/gauge-card.ts';
import type { House } from '@gorvane/core/house/house.ts';
import type { PlacesOnRun } from '@gorvane/core/prove/placed-diagnosis.ts';
import type { LeadPlan } from '@gorvane/core/plan/lead-plan.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import { lengthInWords } from '@gorvane/core/lead/in-words.ts';
import { Button, NativeSelect } from '@mantine/core';
import { useCallback, useMemo, useState } from 'react';
import { useDispatch } from 'react-redux';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { Empty } from '../../controls/empty.tsx';
import { useUnits } from '../../data/live.ts';
import type { UnitView } from '../../data/live.ts';
import { undone } from '../../draft/draft-slice.ts';
import type { Draft } from '../../draft/use-draft.ts';
import { useDraft, useDrafts, useDraftState, useHouseDraft } from '../../draft/use-draft.ts';
import { usePlan } from '../../draft/use-plan.ts';
import type { RunPick } from '../../drawing/run-side.ts';
import { Run } from '../../drawing/run.tsx';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import { BenchEdge } from './bench-edge.tsx';
import { ChooseStage } from './choose-stage.tsx';
import { CutStage } from './cut-stage.tsx';
import { FinishStage } from './finish-stage.tsx';
import { JoinStage } from './join-stage.tsx';
import { ProveStage } from './prove/prove-stage.tsx';
import { StripStage } from './strip-stage.tsx';
import { ThreadStage } from './thread-stage.tsx';
import { stageSlugs } from './stage-slug.ts';
import './lead.css';

const nowhere: PlacesOnRun = { endIds: [], parts: [] };

/** What every stage panel is given. */
export interface StageProps {
  readonly lead: Draft<Lead>;
  readonly cards: ReadonlyMap<string, Draft<GaugeCard>>;
  readonly house: Draft<House>;
  readonly plan: LeadPlan;
  /** The unit whose state is shown; none shows the design. */
  readonly view: UnitView | undefined;
  /** Where on the run the proof that is shown places its fault. */
  readonly onPlaces: (places: PlacesOnRun) => void;
}

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
  if (lead === null)
    return (
      <Empty title="This lead is not here">
        <p>
          It was deleted, or the address is from another computer: every address keeps its own data. See{' '}
          <Link to="/leads">Leads</Link>.
        </p>
      </Empty>
    );
  if (!lead || !house || drafts.length === 0) return null;
  if (!plan) return <Unplannable lead={lead} house={house} problem={problem} />;
  const byEnd = new Map(
    lead.record.ends.flatMap(({ id, gaugeCardId }) => {
      const card = drafts.find(({ record }) => record.id === gaugeCardId);
      return card ? [[id, card] as const] : [];
    }),
  );
  if (byEnd.size < lead.record.ends.length) return null;
  return <PlannedLead lead={lead} cards={byEnd} house={house} plan={plan} problem={problem} />;
}

/** The gauge cards of a lead, each once, as one text that does not change while they do not. */
const cardIds = (lead: Lead) => [...new Set(lead.ends.map(({ gaugeCardId }) => gaugeCardId))].join(' ');

function Unplannable({
  lead,
  problem,
}: {
  readonly lead: Draft<Lead>;
  readonly house: Draft<House>;
  readonly problem: string | undefined;
}) {
  if (!problem) return null;
  return (
    <Empty title={`${lead.record.name} cannot be planned as it stands`}>
      <p>{problem}</p>
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
    </Empty>
  );
}

function PlannedLead({
  problem,
  ...props
}: Omit<StageProps, 'view' | 'onPlaces'> & { readonly problem: string | undefined }) {
  const { lead, plan } = props;
  const { stage = 'choose' } = useParams();
  const navigate = useNavigate();
  const [search, setSearch] = useSearchParams();
  const units = (useUnits() ?? []).filter(({ unit }) => unit.leadId === lead.record.id);
  const view = units.find(({ unit }) => unit.id === search.get('unit'));
  const frozen = view?.unit.plan;
  const unitPlan = useMemo(() => frozen && planLead(frozen.lead, frozen.cards, frozen.house), [frozen]);
  const [places, setPlaces] = useState<PlacesOnRun>(nowhere);
  const showPlaces = useCallback(
    (next: PlacesOnRun) => setPlaces((now) => (JSON.stringify(now) === JSON.stringify(next) ? now : next)),
    [],
  );
  const Panel = panels[stage as keyof typeof panels] ?? ChooseStage;
  const rawCount = Object.values(useDraftState((draft) => draft.raw)).filter(
    ({ error }) => error !== '',
  ).length;
  const open = (slug: string) =>
    void navigate({ pathname: `/leads/${lead.record.id}/${slug}`, search: search.toString() });
  const onPick = (pick: RunPick) =>
    open(pick.kind === 'part' ? 'thread' : pick.kind === 'end' ? 'strip' : 'choose');
  return (
    <div className="lead">
      <LeadHead
        lead={lead}
        plan={plan}
        view={view}
        units={units}
        onUnit={(unitId) => setSearch(unitId ? { unit: unitId } : {})}
      />
      <Run
        plan={unitPlan ?? plan}
        progress={view?.progress.started ? view.progress : undefined}
        onPick={onPick}
        faults={stage === 'prove' ? places : nowhere}
        numbers={stage === 'thread' ? threadNumbers(plan) : undefined}
      />
      <BenchEdge plan={plan} view={view} current={stage} slugs={stageSlugs} onOpen={open} />
      {(problem ?? rawCount > 0) && (
        <p className="last-good" role="status">
          {problem
            ? `${problem} Shown are the last figures that could be worked out.`
            : 'A field holds text that does not parse: figures are from the last values that did.'}
        </p>
      )}
      <div className="stage-panel">
        <Panel {...props} view={view} onPlaces={showPlaces} />
      </div>
    </div>
  );
}

/** The place of every part in the order of threading. */
function threadNumbers(plan: LeadPlan): ReadonlyMap<string, number> {
  const moves = plan.thread.possible ? plan.thread.moments.flatMap((moment) => moment.moves) : [];
  return new Map(moves.map(({ part }, index) => [part.id, index + 1]));
}

/** TNC plug to TNC plug; with a split the far ends together. */
function endsInWords({ ends }: LeadPlan): string {
  const [near, ...far] = ends.map(({ connector }) => seriesAndSex(connector));
  return `${near!} to ${far.join(' and ')}`;
}

interface LeadHeadProps extends Pick<StageProps, 'lead' | 'plan' | 'view'> {
  readonly units: readonly UnitView[];
  readonly onUnit: (unitId: string | undefined) => void;
}

function LeadHead({ lead, plan, view, units, onUnit }: LeadHeadProps) {
  const dispatch = useDispatch();
  const lastStep = useDraftState((draft) => draft.past.at(-1));
  const toBuild =
    view ??
    units.find(({ progress }) => progress.started && !progress.finished) ??
    units.find(({ progress }) => !progress.started);
  return (
    <div className="page-head">
      <h1>{lead.record.name}</h1>
      <span className="soft">
        {plan.ends[0]!.cable.name}, {endsInWords(plan)}, {lengthInWords(lead.record)}
      </span>
      <div className="actions">
        <Button variant="subtle" disabled={!lastStep} onClick={() => dispatch(undone())}>
          {lastStep ? `Undo “${lastStep.label}”` : 'Undo'}
        </Button>
        <NativeSelect
          aria-label="Unit shown on the run"
          value={view?.unit.id ?? ''}
          onChange={({ currentTarget }) => onUnit(currentTarget.value || undefined)}
          data={[
            { value: '', label: 'the design' },
            ...units.map(({ unit }) => ({ value: unit.id, label: unit.serial })),
          ]}
        />
        {toBuild && (
          <Button component={Link} to={`/build/${toBuild.unit.id}`}>
            Build {toBuild.unit.serial}
          </Button>
        )}
      </div>
    </div>
  );
}
