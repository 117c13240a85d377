import type { PlannedLook } from '@gorvane/core/prove/looks.ts';
import type { Readings } from '@gorvane/core/reading/reading.ts';
import { SegmentedControl } from '@mantine/core';
import { LookDrawing } from '../../../drawing/look-drawing.tsx';

interface LooksPanelProps {
  readonly looks: readonly PlannedLook[];
  readonly hand: Readings;
  readonly onHand: (hand: Readings) => void;
}

/** Looks as checks: each with what is good and what is out, drawn, and answered by one touch. */
export function LooksPanel({ looks, hand, onHand }: LooksPanelProps) {
  const answer = (id: string, value: string) => {
    const { [id]: _old, ...others } = hand.looks ?? {};
    onHand({ ...hand, looks: value === 'unseen' ? others : { ...others, [id]: value === 'Good' } });
  };
  return (
    <details>
      <summary>
        Looks: {Object.keys(hand.looks ?? {}).length} of {looks.length} answered
      </summary>
      {looks.map(({ id, label, good, out, subject, bad, whenFinished }) => (
        <div key={id} className="look-row">
          <LookDrawing look="good" subject={subject} />
          <LookDrawing look={bad} subject={subject} />
          <div>
            <strong>{label}</strong>
            {whenFinished && <span className="soft"> when it is finished</span>}
            <div className="good">● {good}</div>
            <div className="out">■ {out}</div>
            <SegmentedControl
              size="xs"
              aria-label={label}
              value={hand.looks?.[id] === undefined ? 'unseen' : hand.looks[id] ? 'Good' : 'Out'}
              onChange={(value) => answer(id, value)}
              data={[
                { value: 'unseen', label: 'not seen' },
                { value: 'Good', label: 'Good' },
                { value: 'Out', label: 'Out' },
              ]}
            />
          </div>
        </div>
      ))}
    </details>
  );
}
