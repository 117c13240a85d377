import type { PieceToCut } from '@gorvane/core/recipe/step.ts';
import { colourBeside } from '@gorvane/core/recipe/step.ts';
import { Length } from './length.tsx';

/** How long a tube, sleeve or slip is cut and, where its name does not say it, of what colour. */
export function PieceLength({ piece }: { readonly piece: PieceToCut }) {
  const colour = colourBeside(piece);
  return (
    <>
      <Length metres={piece.length.value} cable />
      {colour === null ? '' : `, ${colour}`}
    </>
  );
}
