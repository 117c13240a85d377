import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { layeredCables as layered } from '../cable/catalogue/catalogue.ts';
import { pinConnectors } from '../connector/catalogue/catalogue.ts';
import { featureValue } from '../connector/gauge-card.ts';
import type { FeatureName } from '../connector/features.ts';
import { pinEndsFor } from '../plan/pin-ends.ts';
import type { House } from '../house/house.ts';
import { usualSignal } from '../connector/signal.ts';
import type { EndPlan } from '../plan/lead-plan.ts';
import type { MeasuredStrip } from '../strip/strip-plan.ts';
import { judgeStrip } from '../strip/measured.ts';
import { cutKey } from '../strip/cut-of.ts';
import { standsForItsLikes } from '../connector/terminal-block.ts';
import { house, measuredCard } from '../testing/example.ts';
import { planLead } from '../plan/lead-plan.ts';
import { signalLead, signalPlan } from '../testing/signal-lead.ts';
import { methodOf } from './methods.ts';

/** Every cable with every end that it goes into; blocks of a few sizes stand for all. */
const fitting = layered.flatMap((cable) =>
  pinEndsFor(cable, house)
    .filter(standsForItsLikes)
    .map((connector) => [cable.id, connector.id] as const),
);
const endOf = (cableId: string, connectorId: string, as: House = house): EndPlan => {
  const connector = pinConnectors.find(({ id }) => id === connectorId)!;
  return signalPlan(usualSignal(connector), cableId, [connectorId, connectorId], { house: as }).ends[0]!;
};

/** From the jacket edge straight to a contact: just out of the clamp, or a breakout behind the lip. */
function straightTo({ card, connector }: EndPlan, contact: string): number {
  const value = (name: FeatureName) => featureValue(card, name);
  const lug = connector.method === 'solder lugs' || connector.method === 'low-profile jack';
  const at = lug
    ? [value(({ ring: 'ringAcross', sleeve: 'sleeveAcross' } as const)[contact as 'ring'] ?? 'tipAcross')]
    : connector.contacts.find(({ id }) => id === contact)!.at;
  const mouth = lug
    ? (({ ring: 'ringMouth', sleeve: 'sleeveMouth' } as const)[contact as 'ring'] ?? 'contactMouth')
    : 'contactMouth';
  if (card.features.breakout) return value(mouth) + value('breakout');
  return Math.hypot(value(mouth) - value('clampFront') - 1e-3, ...at);
}

/**
 * Seats an end without the formulas of its strip: the jacket edge lies just out of the clamp (or a breakout behind the
 * lip), each core runs straight from it to its contact, and metal must lie in the contact, insulation before it.
 */
function seat(of: EndPlan): string[] {
  const { card, connector, strip } = of;
  return strip.routes.flatMap((route) => {
    const { contact, insulationEnd, end, kind } = route;
    if (contact === null) return [];
    const straight = straightTo(of, contact);
    const slack = insulationEnd - straight;
    const wrong: string[] = [];
    if (end <= straight) wrong.push(`${contact}: the metal does not reach its contact`);
    const pierced = connector.method === 'modular crimp';
    if (!pierced && insulationEnd > straight + 2e-3)
      wrong.push(`${contact}: the insulation stands in the contact`);
    if (kind === 'core' && slack < -1.5e-3) wrong.push(`${contact}: bare metal before the contact`);
    if (end - straight > featureValue(card, 'contactDepth') + 2.6e-3)
      wrong.push(`${contact}: the metal is longer than the contact is deep`);
    if (!pierced && end <= insulationEnd) wrong.push(`${contact}: nothing is bared`);
    return wrong;
  });
}

describe('lugs', () => {
  const cut = (cableId: string, connectorId: string, label: RegExp, as?: House) =>
    endOf(cableId, connectorId, as).strip.cuts.find((each) => label.test(each.label))!.position.value * 1e3;

  test('lie where they lie, not where a drawing of the contacts puts them: the shield tail is the shortest', () => {
    // Sleeve lug 17 mm from the lip and 4 mm off the axis, jacket 1 mm past its clamp at 14 mm: 2 mm along, 4 across.
    const way = Math.hypot(2, 4);
    expect(cut('mic-pair', 'jack-6-trs', /^Shield tail end/)).toBeCloseTo(way + 0.8 + 0.5, 6);
    // Tip lug at 25 mm, 1.5 mm off the axis; 1.5 mm longer than straight, so that the tail takes the pull.
    expect(cut('mic-pair', 'jack-6-trs', /^Core end, (white|red|blue|black)/)).toBeCloseTo(
      Math.hypot(10, 1.5) + 1.5 + 0.8 + 0.5,
      6,
    );
  });

  test('with all joints made the shield has the least slack on every end that has one; in the other school the most', () => {
    const other: House = { ...house, practice: { ...house.practice, shieldTail: 'longer than the cores' } };
    const lugged = fitting.filter(([, id]) => /^(jack|phono)/.test(id));
    expect(lugged.length).toBeGreaterThan(10);
    for (const [cableId, connectorId] of lugged)
      for (const as of [house, other]) {
        const end = endOf(cableId, connectorId, as);
        const slack = (kind: 'core' | 'shield') =>
          end.strip.routes
            .filter((route) => route.kind === kind && route.contact !== null)
            .map(({ contact, mouth }) => mouth - straightTo(end, contact!));
        const [tail, core] = [slack('shield')[0], slack('core')[0]];
        if (tail === undefined || core === undefined) continue;
        expect([cableId, connectorId, Math.sign(Math.round((core - tail) * 1e6))]).toEqual([
          cableId,
          connectorId,
          as === house ? 1 : -1,
        ]);
      }
  });
});

describe('every cable in every end that it goes into', () => {
  test('there are many, and every end is among them', () => {
    expect(fitting.length).toBeGreaterThan(250);
    const without = pinConnectors.filter(
      ({ id, method }) =>
        method !== 'terminal clamp' && !fitting.some(([, connectorId]) => connectorId === id),
    );
    expect(without.map(({ id }) => id)).toEqual([]);
  });

  test('seated, every core reaches its contact with its metal in it and its insulation before it', () => {
    for (const [cableId, connectorId] of fitting)
      expect([cableId, connectorId, seat(endOf(cableId, connectorId))]).toEqual([cableId, connectorId, []]);
  });

  test('as planned it is Good; what was cut otherwise is Good after the advice', () => {
    const random = fc.sample(fc.double({ min: -3e-3, max: 3e-3, noNaN: true }), { numRuns: 600, seed: 5 });
    let next = 0;
    for (const [cableId, connectorId] of fitting.filter((_, index) => index % 7 === 0)) {
      const { strip } = endOf(cableId, connectorId);
      const nominal = Object.fromEntries(strip.cuts.map((cut) => [cutKey(cut), cut.position.value]));
      expect(judgeStrip(strip, nominal).verdict).toBe('Good');
      expect(judgeStrip(strip, {}).verdict).toBe('Not yet');
      const measured = Object.fromEntries(
        Object.entries(nominal).map(([key, length]) => [
          key,
          Math.max(0, length + random[next++ % random.length]!),
        ]),
      );
      expect([connectorId, judgeStrip(strip, recut(measured, judgeStrip(strip, measured))).verdict]).toEqual([
        connectorId,
        'Good',
      ]);
    }
  });

  test('no cut asks for more than the bench can hold, and every side of a tolerance says what happens', () => {
    for (const [cableId, connectorId] of fitting) {
      const { strip } = endOf(cableId, connectorId);
      expect([
        connectorId,
        strip.cuts.filter(({ beyondMethod }) => beyondMethod).map(({ label }) => label),
      ]).toEqual([connectorId, []]);
      for (const { tooLong, tooShort } of strip.cuts)
        expect(Math.min(tooLong.length, tooShort.length)).toBeGreaterThan(20);
    }
  });
});

function recut(measured: Record<string, number>, { recuts }: ReturnType<typeof judgeStrip>): MeasuredStrip {
  const after = { ...measured };
  for (const step of recuts) {
    if (step.action === 'trim') after[step.cut]! -= step.by;
    else for (const key of Object.keys(after)) after[key]! += step.by;
  }
  return after;
}

describe('lengths follow the contacts', () => {
  const routes = (end: EndPlan) => new Map(end.strip.routes.map((route) => [route.contact, route]));

  test('of a jack the tip is longest, then the ring, then the sleeve', () => {
    const at = routes(signalPlan('balanced', 'mic-pair', ['jack-6-trs', 'jack-6-trs']).ends[0]!);
    expect(at.get('tip')!.end).toBeGreaterThan(at.get('ring')!.end);
    expect(at.get('ring')!.end).toBeGreaterThan(at.get('sleeve')!.end);
  });

  test('the tail is shorter than the cores, or longer where the house wants it to let go last', () => {
    const tail = (practice: House['practice']['shieldTail']) => {
      const as = { ...house, practice: { ...house.practice, shieldTail: practice } };
      const at = routes(
        signalPlan('balanced', 'mic-pair', ['xlr-3-socket', 'xlr-3-plug'], { house: as }).ends[0]!,
      );
      return at.get('2')!.end - at.get('1')!.end;
    };
    expect(tail('shorter than the cores')).toBeCloseTo(1.5e-3, 6);
    expect(tail('longer than the cores')).toBeCloseTo(-1.5e-3, 6);
  });

  test('a measured mouth moves core, cut length and resistance together', () => {
    const made = (extra: number) => {
      const plan = signalPlan('balanced', 'mic-pair', ['xlr-3-socket', 'xlr-3-socket']);
      const [end] = plan.ends;
      const card = measuredCard(end!.card, { contactMouth: featureValue(end!.card, 'contactMouth') + extra });
      return methodOf('solder cup').strip({ ...end!.input, card });
    };
    const longest = (extra: number) => Math.max(...made(extra).cuts.map(({ position }) => position.value));
    expect(longest(2e-3) - longest(0)).toBeCloseTo(1.9e-3, 3);
  });

  test('a spare core is folded back under shrink, or cut flush, by house practice', () => {
    const spare = (practice: House['practice']['spareCore']) => {
      const as = { ...house, practice: { ...house.practice, spareCore: practice } };
      const { strip } = signalPlan('unbalanced', 'mic-pair', ['jack-6-ts', 'phono-spring'], { house: as })
        .ends[0]!;
      return strip.routes.find(({ contact }) => contact === null)!;
    };
    expect(spare('fold back')).toMatchObject({ label: 'blue', end: 12e-3 });
    expect(spare('cut flush').end).toBe(0);
  });

  test('the conductive layer goes back to the jacket edge on the cable that has one', () => {
    const layers = (cableId: string) =>
      endOf(cableId, 'jack-6-ts').strip.cuts.filter(({ layer }) => layer === 'conductive layer');
    expect(layers('instrument')).toHaveLength(1);
    expect(layers('twin-phono')).toHaveLength(0);
  });
});

describe('what does not go together says so', () => {
  const checks = (cableId: string, connectorId: string) => {
    const connector = pinConnectors.find(({ id }) => id === connectorId)!;
    const plan = signalPlan(usualSignal(connector), cableId, [connectorId, connectorId]);
    return plan.ends[0]!.fit.filter(({ verdict }) => verdict === 'does not fit').map(({ id }) => id);
  };

  test.each([
    ['speaker-2x4', 'xlr-3-plug', ['entry', 'clamp closes', 'contact 2', 'contact 3']],
    ['twin-phono', 'xlr-3-plug', ['clamp holds']],
    ['speaker-2x4', 'terminal-3.5-screw-2', ['contact 1', 'contact 2']],
    ['mic-pair', 'jack-3-trs', ['entry', 'clamp closes']],
    ['speaker-2x1.5', 'spade-pair-6', ['contact +', 'contact -']],
  ])('%s in %s: %j', (cableId, connectorId, expected) =>
    expect(checks(cableId, connectorId)).toEqual(expect.arrayContaining(expected)),
  );

  test('two jackets side by side ask for the larger entry', () => {
    const y = (near: string) =>
      signalPlan('stereo', 'twin-phono', [
        near,
        { id: 'phono-spring', channel: 'left', legLength: 0.3 },
        { id: 'phono-spring', channel: 'right', legLength: 0.3 },
      ]).ends[0]!.fit.filter(({ verdict }) => verdict === 'does not fit');
    expect(y('jack-3-trs').map(({ id }) => id)).toEqual(['entry', 'clamp closes']);
    expect(y('jack-3-trs-large')).toEqual([]);
  });

  test('tubes and thick coax are refused by cups, coax by clamps for cores', () => {
    const cable = (id: string) => layered.find((each) => each.id === id)!;
    expect(methodOf('solder cup').refuses(cable('rg-402'))).toMatch(/flexible cable/);
    expect(methodOf('speaker clamp').refuses(cable('rg-58'))).toMatch(/clamps insulated cores/);
    expect(methodOf('pin and ferrule').refuses(cable('mic-pair'))).toMatch(/coaxial cable/);
    expect(methodOf('solder lugs').refuses(cable('instrument'))).toBeNull();
  });

  test('a card that cannot be is said at its feature, and the plan is withheld', () => {
    const { lead, cards } = signalLead('balanced', 'mic-pair', ['xlr-3-plug', 'xlr-3-plug']);
    const plan = planLead(lead, [measuredCard(cards[0]!, { contactMouth: 20e-3 })], house);
    expect(plan.withheld[0]!.message).toMatch(
      /^End A: Clamp, front edge \(22 mm\) is not smaller than mouth of the contact \(20 mm\)/,
    );
    expect(plan.steps).toEqual([]);
  });
});
