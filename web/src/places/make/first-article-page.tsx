import { toleranceText } from '../../controls/tolerance-text.ts';
import { Table } from '../../controls/table.tsx';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import type { Correction } from '@gorvane/core/unit/first-article.ts';
import { articleCorrections } from '@gorvane/core/unit/first-article.ts';
import { preparedEnds, shownPlan } from '@gorvane/core/plan/shown-plan.ts';
import { formatMillimetres, formatSignedMillimetres } from '@gorvane/core/quantity/length.ts';
import { judgeStrip } from '@gorvane/core/strip/measured.ts';
import { Button, Checkbox } from '@mantine/core';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { Empty } from '../../controls/empty.tsx';
import { VerdictMark } from '../../controls/verdict.tsx';
import { takeOverCorrections } from '../../data/first-article.ts';
import type { UnitView } from '../../data/live.ts';
import { useUnit } from '../../data/live.ts';
import { recordHappenings } from '../../data/units.ts';
import { ArticleLengths } from './article-lengths.tsx';
import { RecordAlert } from '../../controls/record-alert.tsx';
import { useRecorder } from '../../controls/use-recorder.ts';
import { useTimes } from '../../controls/writing.ts';
import { useUnitTitle } from '../../controls/page-title.ts';
import './build.css';

/** The first of a batch, measured whole: differences from the plan, and which of them correct the rest. */
export function FirstArticlePage() {
  const { unitId } = useParams();
  const view = useUnit(unitId);
  useUnitTitle(view, 'First article');
  if (view === undefined) return null;
  if (!view?.unit.plan)
    return (
      <Empty title="There is nothing measured yet">
        <p>
          Start the unit in Build; its dimensions come here as they are measured. See the{' '}
          <Link to="/">Bench</Link>.
        </p>
      </Empty>
    );
  return <FirstArticle view={view} frozen={view.unit.plan} />;
}

interface ArticleProps {
  readonly view: UnitView;
  readonly frozen: FrozenPlan;
}

function FirstArticle({ view, frozen }: ArticleProps) {
  const { unit, progress } = view;
  const plan = useMemo(() => shownPlan(frozen), [frozen]);
  const corrections = articleCorrections(plan, progress);
  const { attempt, problem } = useRecorder();
  return (
    <>
      <div className="page-head">
        <h1>First article {unit.serial}</h1>
        <span className="soft">{frozen.lead.name}</span>
        <div className="actions">
          <Button component={Link} to={`/build/${unit.id}`}>
            Go on building it
          </Button>
          <Button component={Link} variant="default" to={`/build/batch/${unit.orderId}/${unit.lineId}`}>
            The batch
          </Button>
        </div>
      </div>
      <div className="batch-page">
        <RecordAlert problem={problem} />
        <section aria-labelledby="article-strip">
          <h2 id="article-strip">Strips as they seated</h2>
          <Table head={['End', 'Cut', 'Plan, mm', 'Measured, mm', 'Difference', 'Verdict']}>
            {preparedEnds(plan).flatMap(({ end, strip }) =>
              judgeStrip(strip, progress.strips.get(end.id) ?? {}).cuts.map(({ cut, measured, verdict }) => (
                <tr key={`${end.id} ${cut.label}`}>
                  <td>{end.name}</td>
                  <th scope="row">{cut.label}</th>
                  <td className="reading">
                    {formatMillimetres(cut.position.value)} {toleranceText(cut)}
                  </td>
                  <td className="reading">{measured === undefined ? '' : formatMillimetres(measured, 2)}</td>
                  <td className="reading">
                    {measured === undefined ? '' : formatSignedMillimetres(measured - cut.position.value)}
                  </td>
                  <td>
                    <VerdictMark verdict={verdict} />
                  </td>
                </tr>
              )),
            )}
          </Table>
        </section>
        <section aria-labelledby="article-length">
          <h2 id="article-length">Finished length</h2>
          <ArticleLengths
            lead={frozen.lead}
            unitId={unit.id}
            progress={progress}
            onRecord={(happenings) => void attempt(() => recordHappenings(unit.id, () => happenings))}
          />
        </section>
        <Corrections view={view} corrections={corrections} attempt={attempt} />
      </div>
    </>
  );
}

function Corrections({
  view: { unit, progress },
  corrections,
  attempt,
}: {
  readonly view: UnitView;
  readonly corrections: readonly Correction[];
  readonly attempt: (work: () => Promise<void>) => Promise<boolean>;
}) {
  const timeOf = useTimes();
  const [turned, setTurned] = useState<ReadonlySet<string>>(new Set());
  const wanted = corrections.filter(({ words, supported }) => supported !== turned.has(words));
  const decided = progress.firstArticle;
  const turn = (words: string) => {
    const next = new Set(turned);
    if (!next.delete(words)) next.add(words);
    setTurned(next);
  };
  return (
    <section aria-labelledby="article-corrections">
      <h2 id="article-corrections">For the rest of the batch</h2>
      {decided && (
        <p className="good">
          ● Decided by {decided.by}, {timeOf(decided.at)}:{' '}
          {decided.corrections.length === 0 ? 'as planned' : decided.corrections.join('; ')}.
        </p>
      )}
      {!decided && corrections.length === 0 && (
        <p>What was measured agrees with the plan, or is not measured yet. Nothing is to be corrected.</p>
      )}
      {!decided &&
        corrections.map(({ words, supported }) => (
          <Checkbox
            key={words}
            size="md"
            mt={6}
            label={words}
            description={
              supported
                ? 'the connector asked for it: a trial touched there, or the cut lies outside its tolerance'
                : 'it may be the scatter of the hand, or another dimension of the connector'
            }
            checked={supported !== turned.has(words)}
            onChange={() => turn(words)}
          />
        ))}
      {!decided && (
        <>
          <p className="soft">
            Units already started keep the plan that they were started with; the others are built to the
            corrected one.
          </p>
          <Button size="lg" onClick={() => void attempt(() => takeOverCorrections(unit, wanted))}>
            {wanted.length === 0
              ? 'Accept it as planned'
              : `Correct the rest by ${wanted.length === 1 ? 'this' : `these ${wanted.length}`}`}
          </Button>
        </>
      )}
    </section>
  );
}
