import type { Explained } from '../quantity/explained.ts';

/** Diameters that coils of a length usually have, metres: what hangs on a hook and lies in a case. Custom of the trade. */
const usual: readonly { readonly upTo: number; readonly diameter: number }[] = [
  { upTo: 5, diameter: 0.25 },
  { upTo: 30, diameter: 0.35 },
  { upTo: Infinity, diameter: 0.5 },
];

/**
 * The coil that a lead is wound to, metres: as the store has it, else as leads of its length usually are, and never less than
 * its cable takes. `length` is the longest way along the lead, `least` what its cable takes, `store` null where the house says nothing.
 */
export function coilTo(length: number, least: number, store: number | null): Explained {
  const wanted = store ?? usual.find(({ upTo }) => length <= upTo)!.diameter;
  const value = Math.max(wanted, least);
  return {
    value,
    kind: 'length',
    formula: 'as coils are wound here, never less than the cable takes',
    terms: [
      {
        label: store === null ? 'Usual for this length' : 'What the store uses',
        value: wanted,
        kind: 'length',
        assumed: store === null,
      },
      { label: 'Least for this cable', value: least, kind: 'length', assumed: true },
    ],
    source:
      'house setting, else 250 mm up to 5 m, 350 mm up to 30 m; least: 20 diameters, low-loss foam 30, feeder twice its repeated bend radius',
  };
}
