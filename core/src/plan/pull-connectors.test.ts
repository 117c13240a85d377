import { describe, expect, test } from '@jest/globals';
import { cables } from '../cable/catalogue/catalogue.ts';
import type { LayeredCable } from '../cable/cable.ts';
import { connectorById } from '../connector/catalogue/catalogue.ts';
import { house } from '../testing/example.ts';
import { connectorPulled } from './pull-connectors.ts';

const cableById = (id: string) => cables.find((cable): cable is LayeredCable => cable.id === id)!;
const pulled = (connector: string, cable: string) =>
  connectorPulled(connectorById(connector), cableById(cable), house);

describe('another cable pulls its connectors along', () => {
  test.each([
    // It still fits.
    ['tnc-plug-50-crimp-5', 'rg-58', 'tnc-plug-50-crimp-5'],
    // The same series, sex and method in its size.
    ['n-plug-50-crimp-5', 'rg-213', 'n-plug-50-crimp-10'],
    ['n-plug-clamp-5', 'rg-213', 'n-plug-clamp-10'],
    // Nothing of its series goes on it.
    ['bnc-plug-50-crimp-5', 'corrugated-7/8', undefined],
    ['xlr-3-plug', 'corrugated-7/8', undefined],
  ])('%s on %s: %s', (connector, cable, wanted) => {
    expect(pulled(connector, cable)?.id).toBe(wanted);
  });

  test('where its method has no such size, series and sex stay', () => {
    expect(pulled('uhf-plug-screw-on-5', 'rg-213')).toMatchObject({ sex: 'plug', series: { series: 'UHF' } });
    expect(pulled('uhf-plug-screw-on-5', 'rg-213')!.method).not.toBe('screw-on body');
  });
});
