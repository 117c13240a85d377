import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { connectors } from '../connector/catalogue/catalogue.ts';
import type { GaugeCard } from '../connector/gauge-card.ts';
import { nominalGaugeCard } from '../connector/gauge-card.ts';
import { cutLengthOf } from '../cut/cut-length.ts';
import { exampleLead, house, measuredCard, now } from '../testing/example.ts';
import type { MeasuredStrip } from './measured.ts';
import { judgeStrip } from './measured.ts';
import { stripPinAndFerrule } from './pin-and-ferrule.ts';
import type { StripPlan } from './strip-plan.ts';
import { cutOf } from './strip-plan.ts';

/**
 * Independent of the plan's formulas: puts a stripped cable into the connector. The contact slides on until it meets
 * the dielectric or the bottom of its bore; the cable goes in until the contact flange meets the stop or the jacket
 * meets the lip. Returns what can be seen.
 */
function seat(card: GaugeCard, braid: number, dielectric: number, conductor: number) {
  const f = Object.fromEntries(Object.entries(card.features).map(([name, { value }]) => [name, value]));
  const contactRear = Math.max(dielectric, conductor - f.pinBoreDepth!);
  const cableForward = Math.min(f.stopDepth! - f.pinFlange! - contactRear, -f.jacketOffset!);
  return {
    jacketGap: -f.jacketOffset! - cableForward,
    braidToShoulder: f.stemLength! - (braid + cableForward),
    contactGap: contactRear - dielectric,
    inBore: conductor - contactRear,
    contactBehind: f.stopDepth! - f.pinFlange! - (contactRear + cableForward),
  };
}

const cards = connectors.map(
  (connector) => [connector.name, nominalGaugeCard(connector, 'card', 'bag', now)] as const,
);

describe.each(cards)('%s', (_name, card) => {
  const plan = stripPinAndFerrule('A', card, house);
  const [braid, dielectric, conductor] = plan.cuts.map(({ position }) => position.value) as [
    number,
    number,
    number,
  ];

  test('at nominal everything seats: jacket on the lip, contact on stop and dielectric, braid clear', () => {
    const seated = seat(card, braid, dielectric, conductor);
    expect(seated.jacketGap).toBeCloseTo(0, 9);
    expect(seated.contactGap).toBeCloseTo(0, 9);
    expect(seated.contactBehind).toBeCloseTo(0, 9);
    expect(seated.braidToShoulder).toBeCloseTo(0.4e-3, 9);
    expect(seated.inBore).toBeGreaterThan(card.features.inspectionHoleFar.value);
  });

  test('at the plus limits nothing collides; beyond them each collides as named', () => {
    const [pb, , pc] = plan.cuts.map(({ plus }) => plus) as [number, number, number];
    expect(seat(card, braid + pb, dielectric, conductor).braidToShoulder).toBeGreaterThanOrEqual(-1e-9);
    expect(seat(card, braid + pb + 1e-4, dielectric, conductor).braidToShoulder).toBeLessThan(0);
    expect(seat(card, braid, dielectric, conductor + pc).contactGap).toBeLessThan(1e-9);
    expect(seat(card, braid, dielectric, conductor + pc + 1e-4).contactGap).toBeGreaterThan(0);
  });

  test('at the minus limit the conductor still shows past the inspection hole', () => {
    const { minus } = cutOf(plan, 'conductor');
    expect(minus).toBeGreaterThan(0);
    expect(seat(card, braid, dielectric, conductor - minus).inBore).toBeGreaterThan(
      card.features.inspectionHoleFar.value,
    );
  });
});

const card = cards[0]![1];
const plan = stripPinAndFerrule('A', card, house);
const nominal = Object.fromEntries(
  plan.cuts.map(({ layer, position }) => [layer, position.value]),
) as Required<MeasuredStrip>;

test('typing what the caliper says moves every cut that depends on it', () => {
  const longer = stripPinAndFerrule(
    'A',
    measuredCard(card, { stopDepth: 14.6e-3, stemLength: 10e-3 }),
    house,
  );
  expect(cutOf(longer, 'braid').position.value - nominal.braid).toBeCloseTo(0.6e-3, 9);
  expect(cutOf(longer, 'dielectric').position.value - nominal.dielectric).toBeCloseTo(1e-3, 9);
  expect(cutOf(longer, 'conductor').position.value - nominal.conductor).toBeCloseTo(1e-3, 9);
  expect(cutOf(longer, 'braid').position.terms.find(({ symbol }) => symbol === 's')!.assumed).toBe(false);
});

test('a blade cannot hold the tolerances that a prep tool holds', () => {
  expect(plan.cuts.some(({ beyondMethod }) => beyondMethod)).toBe(false);
  const blade = stripPinAndFerrule('A', card, {
    ...house,
    practice: { ...house.practice, stripping: 'blade' },
  });
  expect(blade.cuts.every(({ beyondMethod }) => beyondMethod)).toBe(true);
});

/** Does what the advice says to the lengths. */
function recut(measured: Required<MeasuredStrip>, strip: StripPlan): Required<MeasuredStrip> {
  const after = { ...measured };
  for (const step of judgeStrip(strip, measured).recuts) {
    if (step.action === 'trim') after[step.layer] -= step.by;
    else for (const layer of ['braid', 'dielectric', 'conductor'] as const) after[layer] += step.by;
  }
  return after;
}

describe('a strip that was measured', () => {
  test('nothing typed is Not yet, nominal is Good', () => {
    expect(judgeStrip(plan, {}).verdict).toBe('Not yet');
    expect(judgeStrip(plan, nominal)).toMatchObject({ verdict: 'Good', recuts: [], uses: 0 });
  });

  test('a long braid is trimmed and the next blade set nearer', () => {
    const judged = judgeStrip(plan, { ...nominal, braid: nominal.braid + 0.7e-3 });
    expect(judged.verdict).toBe('Out');
    expect(judged.cuts[0]!.reason).toMatch(/against the shoulder/);
    expect(judged.recuts).toHaveLength(1);
    expect(judged.recuts[0]).toMatchObject({ action: 'trim', layer: 'braid' });
    expect(judged.offsets[0]!.by).toBeCloseTo(-0.7e-3, 9);
  });

  test('a short dielectric takes the jacket back, and that costs length', () => {
    const judged = judgeStrip(plan, { ...nominal, dielectric: nominal.dielectric - 0.8e-3 });
    expect(judged.recuts[0]).toMatchObject({ action: 'take the jacket back' });
    expect(judged.uses).toBeCloseTo(0.8e-3, 9);
  });

  test('the conductor is judged from where the dielectric really ends', () => {
    const shifted = {
      ...nominal,
      dielectric: nominal.dielectric + 0.25e-3,
      conductor: nominal.conductor + 0.45e-3,
    };
    expect(judgeStrip(plan, shifted).verdict).toBe('Good');
    expect(judgeStrip(plan, { ...nominal, conductor: nominal.conductor + 0.45e-3 }).verdict).toBe('Out');
  });

  test('whatever was cut, following the advice ends in a Good strip', () => {
    const off = fc.double({ min: -3e-3, max: 3e-3, noNaN: true });
    fc.assert(
      fc.property(off, off, off, (braid, dielectric, conductor) => {
        const measured = {
          braid: nominal.braid + braid,
          dielectric: nominal.dielectric + dielectric,
          conductor: nominal.conductor + conductor,
        };
        return judgeStrip(plan, recut(measured, plan)).verdict === 'Good';
      }),
    );
  });
});

describe('cut length', () => {
  const lengthOf = (
    options: { plane?: 'tip' | 'mating plane' | 'jacket'; spare?: number; card?: GaugeCard } = {},
  ) => {
    const { lead, card: nominalCard } = exampleLead();
    const used = options.card ?? nominalCard;
    const changed = {
      ...lead,
      spareTerminations: options.spare ?? 0,
      ends: lead.ends.map((end) => ({ ...end, referencePlane: options.plane ?? 'mating plane' })),
    };
    const strip = stripPinAndFerrule('A', used, house);
    const map = <T>(value: T) => new Map(['A', 'B'].map((id) => [id, value]));
    return { cut: cutLengthOf(changed, changed.pieces[0]!, map(used), map(strip), house), strip, used };
  };

  test('the finished lead, put together again from the cut cable, has the finished length', () => {
    for (const plane of ['tip', 'mating plane'] as const) {
      const { cut, strip, used } = lengthOf({ plane });
      const lipToPlane =
        plane === 'tip' ? used.features.lipToTip.value : used.features.lipToMatingPlane.value;
      const betweenJackets = cut.cut.value - 2 * cutOf(strip, 'conductor').position.value;
      expect(betweenJackets).toBeCloseTo(cut.betweenJackets, 9);
      expect(betweenJackets + 2 * (lipToPlane + used.features.jacketOffset.value)).toBeCloseTo(3.4, 9);
    }
  });

  test('measured from jacket to jacket nothing is taken off', () => {
    const { cut, strip } = lengthOf({ plane: 'jacket' });
    expect(cut.cut.value).toBeCloseTo(3.4 + 2 * cutOf(strip, 'conductor').position.value, 9);
  });

  test('the items add up to the cut, and squaring comes on top', () => {
    const { cut } = lengthOf({ spare: 1 });
    expect(cut.cut.terms.reduce((sum, { value }) => sum + value, 0)).toBeCloseTo(cut.cut.value, 12);
    expect(cut.offTheReel.value - cut.cut.value).toBeCloseTo(2 * house.squaring, 12);
  });

  test('spare for one re-termination is the jacket under the ferrule, a squaring cut and a new strip at each end', () => {
    const { cut: without } = lengthOf();
    const { cut: spare, strip, used } = lengthOf({ spare: 1 });
    const underFerrule =
      used.features.ferruleLength.value - used.features.stemLength.value - used.features.jacketOffset.value;
    const each = underFerrule + house.squaring + cutOf(strip, 'conductor').position.value;
    expect(spare.cut.value - without.cut.value).toBeCloseTo(2 * each, 9);
  });
});
