import type { PieceToCut } from '@gorvane/core/recipe/step.ts';
import { Length } from './length.tsx';

/** How long a tube, sleeve or slip is cut and, where its name does not say it, of what colour. */
export function PieceLength({ piece: { length, colour } }: { readonly piece: PieceToCut }) {
  return (
    <>
      <Length metres={length.value} cable />
      {colour === null ? '' : `, ${colour}`}
    </>
  );
}
