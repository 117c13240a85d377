import type { Proof } from '@gorvane/core/prove/proof.ts';
import { PairGrid } from '../../../drawing/pair-grid.tsx';
import { WiringMap } from '../../../drawing/wiring-map.tsx';
import { WiringMatrix } from './wiring-matrix.tsx';

/** Up to so many points a map and a table of words are read at a glance. */
const fewPoints = 16;

/** Map and matrix of all contacts; where there are many, as a grid. */
export function Connections({ proof }: { readonly proof: Proof }) {
  return proof.wiring.points.length > fewPoints ? (
    <PairGrid proof={proof} />
  ) : (
    <>
      <WiringMap proof={proof} />
      <WiringMatrix proof={proof} />
    </>
  );
}
