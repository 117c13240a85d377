import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import type { PieceToCut, Step } from '@gorvane/core/recipe/step.ts';
import type { UnitHappening } from '@gorvane/core/unit/unit.ts';
import { IconCircle, IconCircleCheckFilled } from '@tabler/icons-react';
import { PieceLength } from '../../controls/piece-length.tsx';
import { isCut } from './primary.ts';

interface CutPanelProps {
  readonly step: Step;
  readonly progress: UnitProgress;
  readonly onRecord: (happenings: readonly UnitHappening[]) => Promise<void>;
}

/** What becomes of a piece that is touched: cut, or not cut after all. */
export const touchPiece = (progress: UnitProgress, piece: PieceToCut): UnitHappening[] =>
  piece.partIds
    .filter((partId) => isCut(piece, progress) || !progress.cut.has(partId))
    .map((partId) => ({ kind: isCut(piece, progress) ? 'cut taken back' : 'part cut', partId }));

/** Tubes, sleeves and slips of the lead with length and colour, each ticked as it is cut: before anything is captive. */
export function CutPanel({ step, progress, onRecord }: CutPanelProps) {
  if (step.cuts.length === 0) return null;
  const next = step.cuts.find((piece) => !isCut(piece, progress));
  return (
    <section className="parts" aria-labelledby="cut-now">
      <h2 id="cut-now">Cut now</h2>
      <ol>
        {step.cuts.map((piece) => (
          <li key={piece.partIds[0]} className={piece === next ? 'next-part' : undefined}>
            <CutTick piece={piece} progress={progress} onRecord={onRecord} />
          </li>
        ))}
      </ol>
    </section>
  );
}

function CutTick({
  piece,
  progress,
  onRecord,
}: Omit<CutPanelProps, 'step'> & { readonly piece: PieceToCut }) {
  const ticked = isCut(piece, progress);
  const Icon = ticked ? IconCircleCheckFilled : IconCircle;
  return (
    <button
      type="button"
      aria-pressed={ticked}
      onClick={(event) => {
        void onRecord(touchPiece(progress, piece));
        // A touched button gives the focus back, so that the space bar goes on again.
        if (event.detail > 0) event.currentTarget.blur();
      }}
    >
      <Icon size={30} className={ticked ? 'good' : 'soft'} aria-hidden="true" />
      <span>
        {piece.label}
        <small>
          <PieceLength piece={piece} />
        </small>
      </span>
    </button>
  );
}
