import { describe, expect, test } from '@jest/globals';
import { measuredCard, now } from '../testing/example.ts';
import { connectorById, connectors } from './catalogue/catalogue.ts';
import { pinAndFerruleConnectors } from './catalogue/pin-and-ferrule.ts';
import { hasPin, seriesAndSex } from './connector.ts';
import { loadConnector } from './load-connector.ts';
import { bagName, completeCard, featureTerm, featureValue, nominalGaugeCard } from './gauge-card.ts';
import { gaugeCardSchema } from './gauge-card-schema.ts';

describe('the catalogue of connectors', () => {
  test('ids and names are unique: an order cannot be misread', () => {
    for (const key of ['id', 'name'] as const) {
      const values = connectors.map((connector) => connector[key]);
      expect(values.filter((value, index) => values.indexOf(value) !== index)).toEqual([]);
    }
  });

  test('ids that units and leads already refer to are kept', () => {
    for (const id of [
      'tnc-plug-50-crimp-5',
      'tnc-plug-50-crimp-2.5',
      'tnc-plug-75-crimp-6',
      'bnc-plug-50-crimp-5',
      'bnc-plug-50-crimp-2.5',
      'bnc-plug-75-crimp-6',
      'bnc-plug-75-crimp-2.5',
    ])
      expect(connectorById(id).id).toBe(id);
    expect(() => connectorById('bayonet')).toThrow(/no connector "bayonet"/);
  });

  test('both sexes of every series that is made with contacts', () => {
    for (const series of ['SMA', 'BNC', 'TNC', 'N', '7-16', 'UHF']) {
      const sexes = new Set(
        connectors.filter((connector) => connector.series.series === series).map(({ sex }) => sex),
      );
      expect([series, [...sexes].sort()]).toEqual([series, ['plug', 'socket']]);
    }
  });

  test('an entry that is none is refused, with the place', () => {
    const [entry] = pinAndFerruleConnectors;
    expect(() => loadConnector({ ...entry!, seriesId: 'bayonet' as never })).toThrow(/seriesId/);
    expect(() => loadConnector({ ...entry!, featuresMm: { stemLenght: 3 } as never })).toThrow(/stemLenght/);
  });
});

test('reverse polarity turns the contact over and leaves the body', () => {
  const contact = (id: string) => [seriesAndSex(connectorById(id)), hasPin(connectorById(id))];
  expect(contact('sma-plug-50-crimp-5')).toEqual(['SMA plug', true]);
  expect(contact('rp-sma-plug-50-crimp-5')).toEqual(['RP-SMA plug', false]);
  expect(contact('sma-socket-50-crimp-5')).toEqual(['SMA socket', false]);
  expect(contact('rp-sma-socket-50-crimp-5')).toEqual(['RP-SMA socket', true]);
});

describe('gauge cards', () => {
  const connector = connectorById('n-plug-clamp-10');
  const card = nominalGaugeCard(connector, 'card', bagName(connector, 'Whip lead'), now);

  test('hold what their method asks for, named by their bag', () => {
    expect(card.name).toBe('N plugs for Whip lead');
    expect(card.features.coneLength).toEqual({ value: 0.004, state: 'assumed' });
    expect(card.features.stemLength).toBeUndefined();
    expect(gaugeCardSchema.parse(card)).toEqual(card);
  });

  test('a card from before a feature was asked for is completed, what was measured stands', () => {
    const { coneLength: _length, ...older } = measuredCard(card, { stackLength: 0.0161 }).features;
    const whole = completeCard({ ...card, features: older }, connector);
    expect(whole.features.coneLength).toEqual({ value: 0.004, state: 'assumed' });
    expect(whole.features.stackLength).toEqual({ value: 0.0161, state: 'measured' });
  });

  test('a feature is read with its letter; one that is not on the card is an error with its name', () => {
    expect(featureTerm(card, 'coneLength')).toMatchObject({ symbol: 'l', value: 0.004, assumed: true });
    expect(() => featureValue(card, 'tubeSeat')).toThrow(/"N plugs for Whip lead": Tube seat is not on it/);
  });
});
