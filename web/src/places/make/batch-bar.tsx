import { batchModes } from '@gorvane/core/unit/batch.ts';
import type { BatchMode } from '@gorvane/core/unit/batch.ts';
import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import { SegmentedControl } from '@mantine/core';
import { Link } from 'react-router';
import { stateWords } from '@gorvane/core/unit/unit-state.ts';
import type { UnitView } from '../../data/live.ts';

interface BatchBarProps {
  readonly views: readonly UnitView[];
  readonly unitId: string;
  readonly mode: BatchMode;
  readonly onMode: (mode: BatchMode) => void;
}

/** Where it is kept how a batch is worked through. */
export const batchModeKey = (lineId: string) => `build/batch/${lineId}`;

/** The units of this order line, each with its own state, and how they are worked through. */
export function BatchBar({ views, unitId, mode, onMode }: BatchBarProps) {
  const { unit } = views[0]!;
  return (
    <nav className="batch-bar" aria-label="Batch">
      <ol>
        {views.map(({ unit: each, progress }) => (
          <li key={each.id}>
            <Link
              to={`/build/${each.id}`}
              aria-current={each.id === unitId ? 'true' : undefined}
              title={stateWords(progress)}
            >
              <span className="reading">{each.serial}</span> {stateMark(progress)}
            </Link>
          </li>
        ))}
      </ol>
      <SegmentedControl
        aria-label="How the batch is worked through"
        value={mode}
        onChange={(value) => onMode(value)}
        data={[...batchModes]}
      />
      <Link to={`/build/batch/${unit.orderId}/${unit.lineId}`}>The batch</Link>
    </nav>
  );
}

/** A unit's state as a mark of few letters. */
function stateMark(progress: UnitProgress): string {
  if (progress.scrapped !== null) return '■ scrap';
  if (progress.finished) return '● done';
  if (progress.aside !== null) return '▲ aside';
  if (!progress.started) return '○';
  return `${progress.done.size}/${progress.steps.length}`;
}
