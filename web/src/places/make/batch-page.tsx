import { Table } from '../../controls/table.tsx';
import { batchStep, isEarly } from '@gorvane/core/unit/batch.ts';
import { isAtWork } from '@gorvane/core/unit/progress.ts';
import { timeLeft } from '@gorvane/core/unit/step-time.ts';
import { preparedEnds, shownPlan } from '@gorvane/core/plan/shown-plan.ts';
import { drawnFromStock } from '@gorvane/core/stock/drawn.ts';
import { stripDrift } from '@gorvane/core/strip/drift.ts';
import { formatMillimetres, formatSignedMillimetres } from '@gorvane/core/quantity/length.ts';
import { cutKey } from '@gorvane/core/strip/cut-of.ts';
import { Button, Group, Progress } from '@mantine/core';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { Empty } from '../../controls/empty.tsx';
import { stateWords } from '@gorvane/core/unit/unit-state.ts';
import { saveUnitFile } from '../../controls/unit-file.ts';
import type { UnitView } from '../../data/live.ts';
import { useLeads, useOrders, useUnitsOfLine } from '../../data/live.ts';
import { recordHappenings } from '../../data/units.ts';
import { CardChanges } from '../../controls/card-changes.tsx';
import { spanText } from './span-text.ts';
import { DriftAdvice } from './drift-advice.tsx';
import { RecordAlert } from '../../controls/record-alert.tsx';
import { useRecorder } from '../../controls/use-recorder.ts';
import { useStartUnit } from './use-start-unit.ts';
import { usePageTitle } from '../../controls/page-title.ts';
import './build.css';

/** A batch at a glance: every unit with its own state, what the tool does, how long it will take, what it drew from stock. */
export function BatchPage() {
  const { orderId = '', lineId = '' } = useParams();
  const order = useOrders()?.find(({ id }) => id === orderId);
  const leads = useLeads();
  const views = useUnitsOfLine(orderId, lineId);
  usePageTitle(
    leads?.find(({ id }) => id === order?.lines.find((each) => each.id === lineId)?.leadId)?.name,
    'Batch',
  );
  if (!views || !leads) return null;
  const line = order?.lines.find(({ id }) => id === lineId);
  if (!order || !line || views.length === 0)
    return (
      <Empty title="This batch is not here">
        <p>
          Its order was deleted, or the address is from another computer. See the <Link to="/">Bench</Link>.
        </p>
      </Empty>
    );
  const lead = leads.find(({ id }) => id === line.leadId);
  return (
    <>
      <div className="page-head">
        <h1>{lead?.name ?? 'Batch'}</h1>
        <span className="soft">
          {order.name}, {line.quantity} {line.quantity === 1 ? 'unit' : 'units'}
        </span>
        <div className="actions">
          <Button component={Link} to={`/print/order/${order.id}`} variant="default">
            Pick and cut list
          </Button>
          <Button component={Link} to={`/print/labels/${order.id}`} variant="default">
            Labels of the order
          </Button>
          <Button component={Link} to={`/prove/${order.id}`} variant="default">
            Proofs of the order
          </Button>
        </div>
      </div>
      <div className="batch-page">
        <Next views={views} />
        <Units views={views} />
        <Tool views={views} />
        <Stock views={views} />
      </div>
    </>
  );
}

interface ViewsProps {
  readonly views: readonly UnitView[];
}

const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);

/** Where the batch stands and what is next; the first article comes before the rest is started. */
function Next({ views }: ViewsProps) {
  const at = batchStep(views.map(({ unit, progress }) => ({ id: unit.id, progress })));
  const serials = (ids: readonly string[]) =>
    views.filter(({ unit }) => ids.includes(unit.id)).map(({ unit }) => unit.serial);
  const article = views.find(({ unit, progress }) => unit.plan?.firstArticle && progress.scrapped === null);
  const waiting = views.filter(({ progress }) => !progress.started && isAtWork(progress));
  return (
    <section aria-labelledby="batch-next">
      <h2 id="batch-next">Next</h2>
      <CardChanges views={views} />
      {at ? (
        <p>
          <strong>{at.step.title}</strong> waits on {serials(at.unitIds).join(', ')}.
        </p>
      ) : (
        <p>{waiting.length > 0 ? 'No unit is at work.' : 'Every unit is finished, set aside or given up.'}</p>
      )}
      {article && <ArticleWords article={article} />}
      <WorkLeft views={views} waiting={waiting.length} />
      <Group>
        {at && (
          <Button component={Link} to={`/build/${at.unitIds[0]!}`} size="lg">
            Go on: {serials(at.unitIds)[0]}
          </Button>
        )}
        <StartRest waiting={waiting} article={article} isFirst={waiting.length === views.length} />
      </Group>
    </section>
  );
}

function ArticleWords({ article: { unit, progress } }: { readonly article: UnitView }) {
  const decided = progress.firstArticle;
  if (!decided)
    return (
      <p className="advice">
        {unit.serial} is the first article: it is measured whole, and what it teaches is offered for the rest.
        Build it before the others are started.{' '}
        <Link to={`/build/first/${unit.id}`}>Its dimensions and corrections</Link>
      </p>
    );
  return (
    <p>
      First article {unit.serial}:{' '}
      {decided.corrections.length === 0 ? 'accepted as planned' : decided.corrections.join('; ')}.{' '}
      <Link to={`/build/first/${unit.id}`}>Its dimensions</Link>
    </p>
  );
}

/** How long what is left will take, from times that were taken where there are any. */
function WorkLeft({ views, waiting }: ViewsProps & { readonly waiting: number }) {
  const progresses = views.map(({ progress }) => progress);
  const [planned] = progresses.filter(({ steps }) => steps.length > 0);
  if (!planned) return null;
  const whole = timeLeft({ ...planned, done: new Set() }, progresses);
  const open = progresses.filter((progress) => progress.started && isAtWork(progress));
  const total = sum(open.map((progress) => timeLeft(progress, progresses).seconds)) + waiting * whole.seconds;
  if (total === 0) return null;
  return (
    <p>
      About <strong>{spanText(total)}</strong> of work left
      {whole.isTimed
        ? ', from times taken on this lead.'
        : '. ◌ Mostly assumed: fewer than half of the steps were timed yet.'}
    </p>
  );
}

/** Starts what waits; with an open first article only after being told so twice. */
function StartRest({
  waiting,
  article,
  isFirst,
}: {
  readonly waiting: readonly UnitView[];
  readonly article: UnitView | undefined;
  /** None of the batch is started yet. */
  readonly isFirst: boolean;
}) {
  const { attempt, problem } = useRecorder();
  const [sure, setSure] = useState(false);
  const startUnit = useStartUnit();
  if (waiting.length === 0) return null;
  const early = isEarly(article?.progress);
  const start = () =>
    void attempt(async () => {
      for (const { unit } of isFirst ? waiting.slice(0, 1) : waiting) await startUnit(unit.id);
    });
  const label = isFirst
    ? `Start ${waiting[0]!.unit.serial}${waiting.length > 1 ? ' as first article' : ''}`
    : `Start the other ${waiting.length}`;
  return (
    <>
      <Button size="lg" variant="default" onClick={() => (early && !sure ? setSure(true) : start())}>
        {early && sure ? `${label} without what the first article teaches` : label}
      </Button>
      <RecordAlert problem={problem} />
    </>
  );
}

function Units({ views }: ViewsProps) {
  const { attempt, problem } = useRecorder();
  const [said, setSaid] = useState<string | undefined>();
  return (
    <section aria-labelledby="batch-units">
      <h2 id="batch-units">Units</h2>
      <RecordAlert problem={problem} />
      {said && <p role="status">{said}</p>}
      <Table head={['Unit', 'Stands at', 'Steps', 'Who last', 'At another bench']}>
        {views.map(({ unit, progress, events }) => (
          <tr key={unit.id}>
            <th scope="row">
              <Link to={`/build/${unit.id}`} className="reading">
                {unit.serial}
              </Link>
            </th>
            <td>{stateWords(progress)}</td>
            <td style={{ minWidth: 120 }}>
              {progress.started && (
                <Progress
                  value={(100 * progress.done.size) / Math.max(1, progress.steps.length)}
                  aria-label={`Steps of ${unit.serial} done`}
                />
              )}
            </td>
            <td>{events.at(-1)?.by}</td>
            <td>
              {progress.started && isAtWork(progress) && (
                <Button
                  size="compact-md"
                  variant="default"
                  onClick={() =>
                    void attempt(async () => {
                      await recordHappenings(unit.id, ({ aside }) =>
                        aside === null
                          ? [{ kind: 'set aside', reason: 'taken to another bench by its file' }]
                          : [],
                      );
                      setSaid(`Written: ${await saveUnitFile(unit)}. Read it in there under House.`);
                    })
                  }
                >
                  Set aside, write its file
                </Button>
              )}
            </td>
          </tr>
        ))}
      </Table>
    </section>
  );
}

/** What the stripping tool does over the batch, end by end. */
function Tool({ views }: ViewsProps) {
  const frozen = views.find(({ unit }) => unit.plan)?.unit.plan;
  const plan = useMemo(() => frozen && shownPlan(frozen), [frozen]);
  if (!plan) return null;
  const ends = preparedEnds(plan).map(({ end, strip }) => ({
    end,
    drift: stripDrift(
      strip,
      views.flatMap(({ progress }) => {
        const first = progress.firstStrips.get(end.id);
        return first ? [first] : [];
      }),
    ),
  }));
  return (
    <section aria-labelledby="batch-tool">
      <h2 id="batch-tool">What the tool does</h2>
      {ends.every(({ drift }) => drift.length === 0) && (
        <p className="soft">Three measured strips of an end are needed before anything can be said.</p>
      )}
      {ends.map(({ end, drift }) => (
        <div key={end.id}>
          {drift.length > 0 && (
            <Table
              head={['Cut', 'Measured', 'Mean', 'Spread', 'Set by']}
              caption={<>End {end.name}, as first cut, mm against the plan</>}
            >
              {drift.map(({ cut, count, mean, spread, offset }) => (
                <tr key={cutKey(cut)}>
                  <th scope="row">{cut.label}</th>
                  <td className="reading">{count}</td>
                  <td className="reading">{formatSignedMillimetres(mean)}</td>
                  <td className="reading">{formatMillimetres(spread, 2)}</td>
                  <td className="reading">{offset === 0 ? 'as it is' : formatSignedMillimetres(offset)}</td>
                </tr>
              ))}
            </Table>
          )}
          <DriftAdvice drift={drift} />
        </div>
      ))}
    </section>
  );
}

function Stock({ views }: ViewsProps) {
  const drawn = drawnFromStock(
    views.flatMap(({ unit, progress }) => (unit.plan ? [{ plan: unit.plan, progress }] : [])),
  );
  if (drawn.length === 0) return null;
  const amount = (value: number, unit: string) =>
    unit === 'metres' ? `${value.toFixed(2)} m` : String(value);
  return (
    <section aria-labelledby="batch-stock">
      <h2 id="batch-stock">Drawn from stock</h2>
      <Table head={['What', 'In leads', 'Scrap']}>
        {drawn.map(({ what, unit, built, scrapped }) => (
          <tr key={what}>
            <th scope="row">{what}</th>
            <td className="reading">{amount(built, unit)}</td>
            <td className="reading">{scrapped > 0 ? amount(scrapped, unit) : ''}</td>
          </tr>
        ))}
      </Table>
    </section>
  );
}
