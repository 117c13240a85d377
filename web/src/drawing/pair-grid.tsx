import type { Proof } from '@gorvane/core/prove/proof.ts';
import { useMemo } from 'react';
import type { CellKind } from './pair-grid.ts';
import { gridCell, pairGridPaths } from './pair-grid.ts';
import './drawing.css';

const looks: Readonly<Record<CellKind, { readonly fill: string; readonly words: string }>> = {
  connected: { fill: 'var(--good)', words: 'connected as planned' },
  planned: { fill: 'var(--copper)', words: 'planned, not read' },
  missing: { fill: 'var(--out)', words: 'planned, but open' },
  unplanned: { fill: 'var(--out)', words: 'connected or leaking, but not planned' },
  'unread open': { fill: 'var(--line)', words: 'planned open, not read' },
};

/** Every contact against every other as a grid, for leads of many contacts; what is wrong is listed below it in words. */
export function PairGrid({ proof }: { readonly proof: Proof }) {
  const { points } = proof.wiring;
  const paths = useMemo(() => pairGridPaths(proof.pairs), [proof.pairs]);
  const size = points.length * gridCell;
  const wrong = proof.pairs.filter(({ verdict }) => verdict === 'Out');
  return (
    <figure className="pair-grid">
      <svg
        className="drawing"
        viewBox={`0 0 ${size} ${size}`}
        style={{ maxWidth: 620 }}
        role="img"
        aria-label={`Matrix of ${points.length} contacts, ${wrong.length} pairs not as planned`}
      >
        {[...paths].map(([kind, path]) => (
          <path key={kind} d={path} fill={looks[kind].fill} />
        ))}
      </svg>
      <figcaption>
        {[...paths.keys()].map((kind) => (
          <span key={kind} className="soft">
            <svg width="12" height="12" aria-hidden="true">
              <rect width="12" height="12" fill={looks[kind].fill} />
            </svg>{' '}
            {looks[kind].words}{' '}
          </span>
        ))}
        <ul>
          {wrong.slice(0, mostListed).map(({ from, to, planned }) => (
            <li key={`${from}-${to}`} className="out">
              ■ {points[from]!.label} to {points[to]!.label}: planned {planned ? 'connected' : 'open'}
            </li>
          ))}
        </ul>
        {wrong.length > mostListed && <p>and {wrong.length - mostListed} more.</p>}
      </figcaption>
    </figure>
  );
}

const mostListed = 40;
