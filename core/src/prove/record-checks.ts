import type { RecordedCheck } from '../reading/recorded-check.ts';
import type { QuantityKind } from '../quantity/explained.ts';
import type { ProofCheck } from './checks.ts';

const written = (value: number) => (Number.isFinite(value) ? value : null);

/** The checks of a proof as they go into the record. */
export function recordChecks(checks: readonly ProofCheck[]): RecordedCheck[] {
  return checks.map(
    ({ id, label, verdict, leftOut, notAsked, detail, quantity, bound, judged, methods }) => ({
      id,
      label,
      verdict,
      leftOut,
      ...(notAsked === undefined ? {} : { notAsked }),
      detail,
      quantity: quantity satisfies QuantityKind,
      bound,
      ...(judged?.reading === undefined
        ? {}
        : { reading: written(judged.reading), uncertainty: judged.uncertainty }),
      ...(judged === undefined ? {} : { limit: written(judged.limit) }),
      ...(judged?.between === undefined ? {} : { between: [judged.between[0], judged.between[1]] }),
      methods: methods.map(({ instrument, judged: each }) => ({
        instrument,
        reading: written(each.reading ?? Infinity),
        verdict: each.verdict,
      })),
    }),
  );
}
