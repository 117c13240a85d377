import { cableTexts } from '@gorvane/core/quantity/made.ts';
import type { Obstruction } from '@gorvane/core/unit/progress.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import type { Primary } from './primary.ts';
import type { MomentAtWork } from './use-moment.ts';
import { clockWords } from './timer-panel.tsx';

interface DoneBarProps {
  readonly step: Step;
  readonly next: string | undefined;
  readonly primary: Primary;
  readonly onPress: () => void;
}

interface BigBarProps {
  readonly held: boolean;
  readonly title: string;
  readonly below: string;
  readonly next: string | undefined;
  readonly onPress: () => void;
}

/** The big bar at the foot: touch anywhere on it does the next thing, or it says what stands in the way. */
function BigBar({ held, title, below, next, onPress }: BigBarProps) {
  return (
    <button
      type="button"
      className={held ? 'done-bar held' : 'done-bar'}
      aria-disabled={held}
      onClick={(event) => {
        onPress();
        if (event.detail > 0) event.currentTarget.blur();
      }}
    >
      <strong>{title}</strong>
      <span>{below}</span>
      {next && <span className="done-next">{next}</span>}
    </button>
  );
}

/** The bar of one step. */
export function DoneBar({ step, next, primary, onPress }: DoneBarProps) {
  const { title, below } = wordsFor(primary, step);
  return <BigBar held={primary.does === 'wait'} title={title} below={below} next={next} onPress={onPress} />;
}

interface MomentBarProps {
  readonly at: MomentAtWork;
  readonly onPress: () => void;
}

/** The bar of a working moment: all of it is right, something is picked that is not, or a reading is still wanted. */
export function MomentBar({ at, onPress }: MomentBarProps) {
  const [unread] = at.unread;
  const picked = at.out.size + at.missing.size;
  const next = at.next && `next: ${at.next.title}`;
  if (picked > 0)
    return (
      <BigBar
        held={false}
        title={picked === 1 ? 'One thing is not right' : `${picked} things are not right`}
        below="goes on up to it, and then shows the way back"
        next={undefined}
        onPress={onPress}
      />
    );
  if (unread)
    return (
      <BigBar
        held
        title={`Read: ${unread.hold!.label}`}
        below={
          at.problems.get(unread.id) ??
          (at.unread.length === 1 ? 'the last reading' : `${at.unread.length} readings`)
        }
        next={next}
        onPress={onPress}
      />
    );
  return (
    <BigBar held={false} title={`Done: ${at.moment.title}`} below={touch} next={next} onPress={onPress} />
  );
}

const touch = 'space, pedal, or touch anywhere here';

function wordsFor(primary: Primary, step: Step): { title: string; below: string } {
  switch (primary.does) {
    case 'look on':
      return { title: 'Go on looking', below: touch };
    case 'cut':
      return {
        title: `Cut: ${primary.piece.label}, ${cableTexts(primary.piece.length.value).metric}`,
        below: `${primary.left === 1 ? 'the last piece' : `${primary.left} pieces to cut`}; ${touch}`,
      };
    case 'put on':
      return { title: `On: ${primary.part.label}`, below: `${primary.part.how}; ${touch}` };
    case 'confirm':
      return {
        title: `Seen: ${primary.part.label}`,
        below: `${primary.left === 1 ? 'the last part' : `${primary.left} parts`} before it is too late: hand on it, then ${touch}`,
      };
    case 'say it seats':
      return { title: 'It seats', below: `else say beside the step what touches; ${touch}` };
    case 'start the time':
      return {
        title: `Start: ${primary.timer.label}, ${clockWords(primary.timer.seconds)}`,
        below: touch,
      };
    case 'done':
      return { title: 'Done', below: touch };
    case 'wait':
      return wordsForBlock(primary.for, step);
  }
}

function wordsForBlock(block: Obstruction, step: Step): { title: string; below: string } {
  switch (block.code) {
    case 'parts missing':
    case 'parts not confirmed':
      return { title: 'Parts are not ticked', below: 'tick each with your hand on it, then go on' };
    case 'not measured':
      return {
        title: 'First article: measure it whole',
        below: `not read yet: ${block.what.join(', ').toLowerCase()}`,
      };
    case 'trial open':
      return { title: 'Try it in the connector', below: 'say beside the step whether it seats' };
    case 'hold open':
      return {
        title: `Hold: ${step.hold!.label}`,
        below: 'answer it beside the step; the work then goes on by itself',
      };
    case 'hold out':
      return { title: 'Out: go back, or measure again', below: 'beside the step is what it costs' };
  }
}
