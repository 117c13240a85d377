import { describe, expect, test } from '@jest/globals';
import { coaxCables } from '../cable/catalogue/catalogue.ts';
import { coaxConnectors, connectors } from '../connector/catalogue/catalogue.ts';
import { featureNames } from '../connector/features.ts';
import { gaugeCardProblems, nominalGaugeCard } from '../connector/gauge-card.ts';
import { methodNames } from '../connector/method-name.ts';
import { exampleEnd, now } from '../testing/example.ts';
import { cutOtherwise, groupOf, meetings } from '../testing/seat-simulator.ts';
import { methodOf, methods } from './methods.ts';

/** Every cable with every connector in which all parts go together. */
const fitting = coaxConnectors.flatMap((connector) => {
  const method = methodOf(connector.method);
  return coaxCables
    .filter((cable) => method.refuses(cable) === null)
    .filter((cable) =>
      method
        .fit(exampleEnd(cable.id, connector.id))
        .every(({ verdict, id }) => verdict !== 'does not fit' || id.endsWith('die')),
    )
    .map((cable) => [cable.id, connector.id, connector.method] as const);
});

/** Features that a connector has or not. */
const optional = [
  'inspectionHoleFar',
  'pinBore',
  'innerTubeBore',
  'couplingBore',
  'ringMouth',
  'ringAcross',
  // A panel part has a breakout instead of a clamp.
  'clampFront',
  'clampLength',
  'clampLeast',
  'clampMost',
  'entryBore',
  'breakout',
];

describe('every connector that ships', () => {
  test('asks each question about a cable once, under a name of its own', () => {
    for (const [cableId, connectorId, method] of fitting) {
      const ids = methodOf(method)
        .fit(exampleEnd(cableId, connectorId))
        .map(({ id }) => id);
      expect([connectorId, ids.length]).toEqual([connectorId, new Set(ids).size]);
    }
  });

  test('goes on some cable, and every cable has an end', () => {
    const without = coaxConnectors.filter(({ id }) => !fitting.some(([, connectorId]) => connectorId === id));
    expect(without.map(({ id }) => id)).toEqual([]);
    const bare = coaxCables.filter(
      ({ id, family }) => family !== 'unbalanced audio' && !fitting.some(([cableId]) => cableId === id),
    );
    expect(bare.map(({ id }) => id)).toEqual([]);
  });

  test('has every feature that its method asks for, in range and without contradiction', () => {
    for (const connector of connectors) {
      const { firstFeatures, foldedFeatures, rules } = methodOf(connector.method);
      const asked = [...firstFeatures, ...foldedFeatures];
      expect(asked.length).toBe(new Set(asked).size);
      const card = nominalGaugeCard(connector, 'card', 'bag', now);
      const lacking = asked.filter((name) => !card.features[name] && !optional.includes(name));
      expect([connector.id, lacking]).toEqual([connector.id, []]);
      const given = featureNames.filter((name) => card.features[name]);
      expect(given.filter((name) => !asked.includes(name))).toEqual([]);
      expect([connector.id, gaugeCardProblems(card, rules)]).toEqual([connector.id, []]);
    }
  });

  test('every method that has a name is there, with connectors of its own', () => {
    expect(methods.map(({ name }) => name).sort()).toEqual([...methodNames].sort());
    for (const { name } of methods) expect(connectors.some(({ method }) => method === name)).toBe(true);
  });
});

/** Room that a seated joint may leave where nothing is meant to touch, metres. */
const most = 3e-3;

describe.each(fitting)('%s in %s', (cableId, connectorId) => {
  const end = exampleEnd(cableId, connectorId);
  const strip = methodOf(end.connector.method).strip(end);
  const [cable, contact, connector] = (['cable', 'contact', 'connector'] as const).map((group) =>
    groupOf(strip.section, group),
  ) as [typeof strip.section, typeof strip.section, typeof strip.section];

  test('pushed together, every layer seats where it is meant to and nothing stands in anything', () => {
    const onContact = meetings(cable, contact);
    if (contact.length > 0) expect(onContact[0]!.gap).toBeCloseTo(0, 6);
    const [first] = meetings([...cable, ...contact], connector);
    expect(first).toBeDefined();
    expect([first!.moving, first!.fixed, first!.gap > -1e-7]).toEqual([first!.moving, first!.fixed, true]);
    // A compression plug has no stop: its dielectric is brought flush by eye.
    if (end.connector.method !== 'compression') expect(first!.gap).toBeLessThan(most);
  });

  test('a layer cut to its plus limit still goes in', () => {
    for (const { layer, plus } of strip.cuts) {
      // What is folded back grows to the rear; what a loose contact rides on moves the contact with it.
      if (strip.contactRides && layer === 'dielectric') continue;
      if (strip.shield === 'folded back' && layer === 'braid') continue;
      const longer = cutOtherwise(cable, layer, plus);
      const worst = [...meetings(longer, contact), ...meetings(longer, connector)].filter(
        ({ moving }) => moving === layer,
      );
      for (const { moving, fixed, gap } of worst)
        expect([moving, fixed, gap > -1e-6]).toEqual([moving, fixed, true]);
    }
  });

  test('its tolerances are real, and every side of one says what happens beyond it', () => {
    for (const { plus, minus, tooLong, tooShort } of strip.cuts) {
      expect(plus).toBeGreaterThan(0);
      expect(minus).toBeGreaterThan(0);
      expect(Math.min(tooLong.length, tooShort.length)).toBeGreaterThan(20);
    }
  });
});
