import { levelReached } from '../prove/proof-level.ts';
import { checksOfProof } from '../unit/certificate.ts';
import { unitProgress } from '../unit/progress.ts';
import type { Unit, UnitEvent } from '../unit/unit.ts';
import { writeCsv } from './csv.ts';

/** Every check of every proof, one line each. */
export function checksCsv(unit: Unit, events: readonly UnitEvent[]): string {
  const { plan } = unit;
  const proofs = plan ? unitProgress(unit, events).proofs : [];
  return writeCsv(
    [
      'proof',
      'at',
      'by',
      'check',
      'reading',
      'limit',
      'other limit',
      'bound',
      'uncertainty',
      'quantity',
      'verdict',
      'left out',
      'why',
      'level of the proof',
    ],
    proofs.flatMap((proof, n) => {
      const checks = checksOfProof(plan!, proof);
      const level = levelReached(checks);
      return checks.map(
        ({ label, reading, limit, between, bound, uncertainty, quantity, verdict, leftOut, notAsked }) => [
          n + 1,
          proof.at,
          proof.by,
          label,
          reading === undefined ? null : (reading ?? 'open'),
          between ? between[0] : (limit ?? null),
          between?.[1] ?? null,
          bound,
          uncertainty ?? null,
          quantity,
          verdict,
          leftOut ? 'yes' : 'no',
          notAsked ?? null,
          level,
        ],
      );
    }),
  );
}

/** Every reading between two points, SI. */
export function pairsCsv(unit: Unit, events: readonly UnitEvent[]): string {
  const { proofs } = unitProgress(unit, events);
  return writeCsv(
    ['proof', 'instrument', 'from', 'to', 'reading (ohm)'],
    proofs.flatMap(({ takes }, n) =>
      takes.flatMap(({ instrument, pairs }) =>
        pairs.map(({ from, to, ohms, connected }) => [
          n + 1,
          instrument,
          from,
          to,
          ohms === undefined ? (connected ? 'closed' : 'open') : (ohms ?? 'open'),
        ]),
      ),
    ),
  );
}
