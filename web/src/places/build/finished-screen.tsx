import { isAtWork } from '@gorvane/core/build/progress.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import { Button, Group } from '@mantine/core';
import { Link } from 'react-router';
import { VerdictMark } from '../../controls/verdict.tsx';
import type { UnitView } from '../../data/live.ts';
import { useUnits } from '../../data/live.ts';

interface FinishedScreenProps {
  readonly view: UnitView;
  readonly frozen: FrozenPlan;
  readonly onLookBack: () => void;
}

/** After the last step: label, certificate, log, and the next unit of the order. */
export function FinishedScreen({ view, frozen, onLookBack }: FinishedScreenProps) {
  const { unit, progress } = view;
  const next = (useUnits() ?? []).find(
    (other) => other.unit.lineId === unit.lineId && isAtWork(other.progress),
  );
  const waived = [...progress.holds.values()].filter(({ how }) => how === 'waived').length;
  return (
    <div className="build">
      <main className="build-start">
        <h1>
          {frozen.lead.name}, unit {unit.serial} is finished
        </h1>
        <p>
          Proved <VerdictMark verdict={progress.proofs.at(-1)?.verdict ?? 'Not yet'} />
          {waived > 0 && `, with ${waived} waived hold ${waived === 1 ? 'point' : 'points'}`}
        </p>
        <Group>
          <Button component={Link} to={`/print/label/${unit.id}`} size="lg">
            Label
          </Button>
          <Button component={Link} to={`/print/certificate/${unit.id}`} size="lg">
            Certificate
          </Button>
          <Button component={Link} to={`/log/${unit.id}`} size="lg" variant="default">
            Its record in the Log
          </Button>
          <Button
            component={Link}
            to={`/build/batch/${unit.orderId}/${unit.lineId}`}
            size="lg"
            variant="default"
          >
            The batch
          </Button>
          <Button size="lg" variant="default" onClick={onLookBack}>
            Look back at the steps
          </Button>
        </Group>
        {next ? (
          <Button component={Link} to={`/build/${next.unit.id}`} size="xl">
            Next: {next.unit.serial}
          </Button>
        ) : (
          <p>Every unit of this order line is finished.</p>
        )}
        {frozen.firstArticle && !progress.firstArticle && (
          <p className="advice">
            This is the first article.{' '}
            <Link to={`/build/first/${unit.id}`}>Decide what it teaches before the rest is started</Link>
          </p>
        )}
        <Link to="/">To the Bench</Link>
      </main>
    </div>
  );
}
