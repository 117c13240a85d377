import { isAtWork } from '@gorvane/core/unit/progress.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import { Button, Group } from '@mantine/core';
import { Link } from 'react-router';
import { marksOf } from '@gorvane/core/unit/unit-state.ts';
import { VerdictMark } from '../../controls/verdict.tsx';
import type { UnitView } from '../../data/live.ts';
import { useUnitsOfLine } from '../../data/live.ts';
import { UnitLinks } from './unit-links.tsx';

interface FinishedScreenProps {
  readonly view: UnitView;
  readonly frozen: FrozenPlan;
  readonly onLookBack: () => void;
}

/** After the last step: label, certificate, log, and the next unit of the order. */
export function FinishedScreen({ view, frozen, onLookBack }: FinishedScreenProps) {
  const { unit, progress } = view;
  const units = useUnitsOfLine(unit.orderId, unit.lineId);
  const next = units?.find((other) => isAtWork(other.progress));
  const proof = progress.proofs.at(-1);
  return (
    <div className="build">
      <main className="build-start">
        <h1>
          {frozen.lead.name}, unit {unit.serial} is finished
        </h1>
        <p>
          {proof ? (
            <>
              Proved <VerdictMark verdict={proof.verdict} />
            </>
          ) : (
            'No proof is in its record.'
          )}
          {marksOf(progress).map((mark) => (
            <span key={mark} className="not-yet">
              {' '}
              ▲ {mark}
            </span>
          ))}
        </p>
        <Group>
          <Button component={Link} to={`/print/label/${unit.id}`} size="lg">
            Label
          </Button>
          <Button component={Link} to={`/print/certificate/${unit.id}`} size="lg">
            Certificate
          </Button>
          <UnitLinks unit={unit} />
          <Button size="lg" variant="default" onClick={onLookBack}>
            Look back at the steps
          </Button>
        </Group>
        {next ? (
          <Button component={Link} to={`/build/${next.unit.id}`} size="xl">
            Next: {next.unit.serial}
          </Button>
        ) : (
          units && <p>No other unit of this order line waits.</p>
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
