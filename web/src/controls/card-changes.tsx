import type { CardChange } from '@gorvane/core/unit/card-change.ts';
import { cardChanges, keepCard } from '@gorvane/core/unit/card-change.ts';
import type { GaugeCard } from '@gorvane/core/connector/gauge-card-schema.ts';
import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import { isAtWork } from '@gorvane/core/unit/progress.ts';
import type { UnitHappening } from '@gorvane/core/unit/unit.ts';
import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import { Button, Group } from '@mantine/core';
import { useMemo } from 'react';
import type { UnitView } from '../data/live.ts';
import { useBags } from '../data/live.ts';
import { recordHappenings } from '../data/units.ts';
import { RecordAlert } from './record-alert.tsx';
import { useRecorder } from './use-recorder.ts';
import './card-changes.css';

/** A unit at work with a card that says something else now than when it was started. */
interface Changed {
  readonly view: UnitView;
  readonly change: CardChange;
}

/** Cards that were changed since these units were started: what moves, and whether it is used from here or not. */
export function CardChanges({ views }: { readonly views: readonly UnitView[] }) {
  const cards = useBags();
  const changed = useMemo(() => (cards ? changesOf(views, cards) : []), [views, cards]);
  const byCard = new Map<string, Changed[]>();
  for (const each of changed)
    byCard.set(each.change.card.id, [...(byCard.get(each.change.card.id) ?? []), each]);
  return [...byCard.values()].map((units) => <CardNotice key={units[0]!.change.card.id} units={units} />);
}

const changesOf = (views: readonly UnitView[], cards: readonly GaugeCard[]): Changed[] =>
  views
    .filter(({ progress }) => progress.started && isAtWork(progress))
    .flatMap((view) => changesAt(view.progress, cards).map((change) => ({ view, change })));

const changesAt = (progress: UnitProgress, cards: readonly GaugeCard[]): CardChange[] =>
  progress.plan ? cardChanges(progress.plan, progress, cards) : [];

const moved = ({ label, before, after }: CardChange['cuts'][number]) =>
  `${label}: ${formatMillimetres(before, 1)} to ${formatMillimetres(after, 1)} mm`;

function CardNotice({ units }: { readonly units: readonly Changed[] }) {
  const { attempt, problem } = useRecorder();
  const { change } = units[0]!;
  const serials = units.map(({ view }) => view.unit.serial).join(', ');
  // What follows is worked out from the record as it then stands: another tab may have cut or decided meanwhile.
  const decide = (of: (change: CardChange) => UnitHappening | null) =>
    void attempt(async () => {
      for (const { view } of units)
        await recordHappenings(view.unit.id, (now) =>
          changesAt(now, [change.card]).flatMap((own) => of(own) ?? []),
        );
    });
  return (
    <section className="card-changes" role="status" aria-label={`Card changed: ${change.card.name}`}>
      <p>
        <strong>▲ {change.card.name} says something else now</strong> than when {serials}{' '}
        {units.length > 1 ? 'were' : 'was'} started. {change.features.map(moved).join('; ')}
      </p>
      <p>
        {change.cuts.length > 0
          ? `Cuts that move: ${change.cuts.map(moved).join('; ')}.`
          : 'No cut that is still to be made moves.'}{' '}
        {change.settled.length > 0 && `End ${change.settled.join(' and ')}: cut already, stays as it is. `}
        {change.otherContents &&
          'The bag holds something else, too: parts and steps follow that only in a unit that is started anew.'}
      </p>
      {change.refusal && <p className="out">■ It cannot be used here. {change.refusal}</p>}
      <RecordAlert problem={problem} />
      <Group>
        {change.use && (
          <Button onClick={() => decide(({ use }) => use)}>
            Use it from here{units.length > 1 ? `, in all ${units.length}` : ''}
          </Button>
        )}
        <Button variant="default" onClick={() => decide(({ card }) => keepCard(card))}>
          Keep the old figures
        </Button>
      </Group>
    </section>
  );
}
