import type { Obstruction } from '@gorvane/core/build/progress.ts';
import type { Step } from '@gorvane/core/build/step.ts';

interface DoneBarProps {
  readonly step: Step;
  readonly next: Step | undefined;
  readonly isCurrent: boolean;
  readonly blocks: readonly Obstruction[];
  readonly onGoOn: () => void;
}

/** The big bar at the foot: touch anywhere on it goes on, or it says what stands in the way. */
export function DoneBar({ step, next, isCurrent, blocks, onGoOn }: DoneBarProps) {
  const [block] = blocks;
  return (
    <button
      type="button"
      className={block ? 'done-bar held' : 'done-bar'}
      aria-disabled={block !== undefined}
      onClick={onGoOn}
    >
      <strong>{block ? wordBlock(block, step) : isCurrent ? 'Done' : 'Go on looking'}</strong>
      <span>
        {block
          ? block.code === 'parts missing'
            ? 'tick each with your hand on it, then go on'
            : 'answer it beside the step; the work then goes on by itself'
          : 'space, pedal, or touch anywhere here'}
      </span>
      {next && <span className="done-next">next: {next.title}</span>}
    </button>
  );
}

function wordBlock(block: Obstruction, step: Step): string {
  switch (block.code) {
    case 'parts missing':
      return block.partIds.length === 1
        ? 'One part is not ticked'
        : `${block.partIds.length} parts are not ticked`;
    case 'hold open':
      return `Hold: ${step.hold!.label}`;
    case 'hold out':
      return 'Out: go back, or measure again';
  }
}
