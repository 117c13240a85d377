import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { coaxCables } from '../cable/catalogue/catalogue.ts';
import type { FeatureName } from '../connector/features.ts';
import { featureValue } from '../connector/gauge-card.ts';
import type { EndInput } from '../end/end-input.ts';
import { connectorsFor } from '../plan/find-end.ts';
import { adaptStrip } from '../strip/adapt.ts';
import { cutOf, findCut } from '../strip/cut-of.ts';
import { toleranceNow } from '../strip/joint-window.ts';
import type { MeasuredStrip } from '../strip/strip-plan.ts';
import { judgeStrip } from '../strip/measured.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { exampleEnd, house } from '../testing/example.ts';
import { methodOf } from './methods.ts';

/** Every cable with every end of the catalogue that it goes into. */
const ends = coaxCables.flatMap((cable) =>
  connectorsFor(cable, house).map(({ id }) => exampleEnd(cable.id, id)),
);
const byMethod = [...new Set(ends.map(({ connector }) => connector.method))].map(
  (name) => [name, ends.filter(({ connector }) => connector.method === name)] as const,
);

/** A caliper's last digit, metres. */
const digit = 0.02e-3;

/** Pushes a strip as it was cut into its connector, by the features alone; says what shorts, gaps or interferes. */
function seat({ card, connector }: EndInput, strip: StripPlan, cut: MeasuredStrip): string[] {
  const value = (name: FeatureName) => featureValue(card, name);
  const has = (name: FeatureName) => card.features[name] !== undefined;
  const [braid, foil, tube] = [cut.braid, cut.foil, cut.tube];
  const [dielectric, conductor] = [cut.dielectric!, cut.conductor!];
  const lip = strip.rearLip;
  const wrong = (is: boolean, what: string) => (is ? [what] : []);
  const shell =
    braid === undefined
      ? []
      : strip.shield === 'forward' && !has('stemLength')
        ? wrong(dielectric - braid < 0.3e-3 - digit, 'braid at the front bore')
        : has('stemLength')
          ? wrong(
              braid > lip + value('stemLength') + digit && !cutOf(strip, 'braid').label.includes('laid'),
              'braid under the shoulder',
            )
          : has('noseLength')
            ? wrong(braid > value('noseLength') + digit, 'braid under the shoulder of the reducer')
            : [];
  const inner = [
    ...wrong(foil !== undefined && foil > dielectric + 0.1e-3 + digit, 'foil before the dielectric'),
    ...wrong(tube !== undefined && has('tubeSeat') && dielectric < -0.2e-3, 'gap at the tube'),
  ];
  const contact = strip.contactRides
    ? [
        ...wrong(
          conductor - dielectric > value('pinBoreDepth') + digit,
          'conductor bottoms: a gap behind the contact',
        ),
        ...wrong(
          has('inspectionHoleFar') && conductor - dielectric < value('inspectionHoleFar'),
          'no conductor in the inspection hole',
        ),
      ]
    : has('contactReach')
      ? [
          ...wrong(
            conductor > lip + value('stopDepth') + value('contactReach') + digit,
            'conductor at the bottom',
          ),
          ...wrong(dielectric > lip + value('stopDepth') + digit, 'dielectric before the jacket'),
        ]
      : has('tipBore')
        ? wrong(conductor < lip + value('lipToTip') - digit, 'no conductor at the tip')
        : [];
  return [...shell, ...inner, ...contact].map((what) => `${connector.id}: ${what}`);
}

/** In parts of a cut's own tolerance. */
const off = fc.double({ min: -1.2, max: 1.2, noNaN: true });
const offsets = fc.array(off, { minLength: 5, maxLength: 5 });

/** Lengths as somebody cuts them who aims at the plan: within what the connector alone would allow, and a little beyond. */
const cutsOf = (strip: StripPlan, by: readonly number[]): MeasuredStrip =>
  Object.fromEntries(
    strip.cuts.map((cut, index) => {
      const { plus, minus } = cut.alone ?? cut;
      const part = by[index]!;
      return [cut.layer, cut.position.value + part * (part > 0 ? plus : minus)];
    }),
  );

describe.each(byMethod)('%s', (_method, all) => {
  test('no set of cuts that are each Good shorts, gaps or interferes in the seated section', () => {
    fc.assert(
      fc.property(fc.constantFrom(...all), offsets, (end, by) => {
        const strip = methodOf(end.connector.method).strip(end);
        const cut = cutsOf(strip, by);
        if (judgeStrip(strip, cut).verdict === 'Good') expect(seat(end, strip, cut)).toEqual([]);
        // And at the very edges, where every cut is as far off as its own figure lets it be.
        const edge = Object.fromEntries(
          strip.cuts.map(({ layer, position, plus, minus }, index) => [
            layer,
            position.value + (by[index]! > 0 ? plus : -minus),
          ]),
        );
        if (judgeStrip(strip, edge).verdict === 'Good') expect(seat(end, strip, edge)).toEqual([]);
      }),
      { numRuns: 150 },
    );
  });

  test('what is planned side by side leaves every window open, each cut at the worst of its tolerance', () => {
    for (const end of all) {
      const strip = methodOf(end.connector.method).strip(end);
      for (const { behind, before, least } of strip.windows ?? []) {
        const rear = findCut(strip, behind as 'braid');
        const front = findCut(strip, before as 'dielectric');
        if (!rear || !front) continue;
        const closest = front.position.value - front.minus - (rear.position.value + rear.plus);
        expect(closest).toBeGreaterThanOrEqual(least - 1e-9);
        expect(Math.min(rear.plus, front.minus)).toBeGreaterThan(0.1e-3);
      }
    }
  });
});

describe('a measured cut narrows those after it', () => {
  const end = exampleEnd('rg-213', 'uhf-plug-soldered-10-silver');
  const strip = methodOf(end.connector.method).strip(end);
  const [braid, dielectric] = [cutOf(strip, 'braid'), cutOf(strip, 'dielectric')];
  const gap = dielectric.position.value - braid.position.value;

  test('a braid cut long leaves the dielectric less, one cut short leaves it what the connector allows', () => {
    const long = toleranceNow(strip, dielectric, { braid: braid.position.value + braid.plus });
    expect(long.minus).toBeCloseTo(gap - braid.plus - 0.3e-3, 9);
    const short = toleranceNow(strip, dielectric, { braid: braid.position.value - 0.5e-3 });
    expect(short.minus).toBeCloseTo(dielectric.alone!.minus, 9);
  });

  test('braid that meets a short dielectric is Out for what it does, and is trimmed', () => {
    const cut = {
      braid: braid.position.value + 0.5e-3,
      dielectric: dielectric.position.value - 1.1e-3,
      conductor: cutOf(strip, 'conductor').position.value,
    };
    const judged = judgeStrip(strip, cut);
    expect(judged.cuts[0]).toMatchObject({ verdict: 'Out' });
    expect(judged.cuts[0]!.reason).toMatch(/dead short/);
    const [first] = judged.recuts;
    expect(first).toMatchObject({ action: 'trim', cut: 'braid' });
    expect(judgeStrip(strip, { ...cut, braid: cut.braid - first!.by }).verdict).toBe('Good');
  });

  test('foil cut in one stroke with the dielectric follows it', () => {
    const pushed = exampleEnd('low-loss-10', 'n-plug-push-on-10-low-loss');
    const flush = methodOf('push-on and ferrule').strip(pushed);
    const at = cutOf(flush, 'dielectric').position.value - 0.5e-3;
    expect(adaptStrip(flush, { dielectric: at }).map(({ cut: { layer } }) => layer)).toContain('foil');
    const planned = cutsOf(flush, [0, 0, 0, 0, 0]);
    const forward = judgeStrip(flush, { ...planned, dielectric: at });
    expect(forward.cuts.find(({ cut: { layer } }) => layer === 'foil')!.verdict).toBe('Out');
    expect(judgeStrip(flush, { ...planned, dielectric: at, foil: at }).verdict).toBe('Good');
  });
});
