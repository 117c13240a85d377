import type { ConnectorEntry } from '../connector.ts';

const source = 'engineering value, class-typical crimp plug; measure the connector in hand';

/** What the coax class decides: stem, ferrule, contact bore and the two dies. Millimetres. */
const byCoax = {
  '2.5 mm': {
    forCoax: '2.5 mm coax (RG-316 class)',
    ferruleDieMm: 4.52,
    pinDieMm: 1.73,
    features: {
      stemOutside: 2.3,
      stemBore: 1.6,
      ferruleBore: 3.3,
      ferruleWall: 0.75,
      pinBore: 0.6,
      pinOutside: 2.1,
      ferruleLength: 8.5,
      stemLength: 7.6,
    },
  },
  '5 mm': {
    forCoax: '5 mm coax (RG-58 and RG-223 class)',
    ferruleDieMm: 5.41,
    pinDieMm: 1.73,
    features: {
      stemOutside: 3.7,
      stemBore: 3.1,
      ferruleBore: 5.6,
      ferruleWall: 0.4,
      pinBore: 1.02,
      pinOutside: 2.1,
      ferruleLength: 11.5,
      stemLength: 9.4,
    },
  },
  '6 mm': {
    forCoax: '6 mm coax (RG-59 class)',
    ferruleDieMm: 6.48,
    pinDieMm: 1.73,
    features: {
      stemOutside: 4.5,
      stemBore: 3.9,
      ferruleBore: 6.4,
      ferruleWall: 0.45,
      pinBore: 0.7,
      pinOutside: 2.1,
      ferruleLength: 12,
      stemLength: 9.8,
    },
  },
} as const;

const bySeries = {
  BNC: {
    coupling: 'bayonet',
    contactAllowanceOhm: { centre: 0.0015, outer: 0.001 },
    lossDbAt1GHz: 0.06,
    features: {
      stopDepth: 13.8,
      lipToShoulder: 15.2,
      lipToMatingPlane: 20.6,
      lipToTip: 24.4,
      bodyOutside: 14.5,
      contactTolerance: 0.3,
    },
  },
  TNC: {
    coupling: 'thread',
    contactAllowanceOhm: { centre: 0.0015, outer: 0.001 },
    lossDbAt1GHz: 0.05,
    features: {
      stopDepth: 13.6,
      lipToShoulder: 15.6,
      lipToMatingPlane: 20.8,
      lipToTip: 24.2,
      bodyOutside: 15,
      contactTolerance: 0.3,
    },
  },
} as const;

function crimpPlug(
  series: 'BNC' | 'TNC',
  impedanceOhm: 50 | 75,
  coaxClass: keyof typeof byCoax,
): ConnectorEntry {
  const coax = byCoax[coaxClass];
  const { features, ...common } = bySeries[series];
  const limits = { BNC: { 50: 4e9, 75: 3e9 }, TNC: { 50: 11e9, 75: 3e9 } } as const;
  return {
    id: `${series.toLowerCase()}-plug-${impedanceOhm}-crimp-${coaxClass.replace(' mm', '')}`,
    name: `${series} plug, ${impedanceOhm} ohm, crimp, ${coaxClass}`,
    series,
    sex: 'plug',
    impedanceOhm,
    method: 'pin and ferrule',
    coaxClass,
    forCoax: coax.forCoax,
    ferruleDieMm: coax.ferruleDieMm,
    pinDieMm: coax.pinDieMm,
    ...common,
    ...(series === 'TNC' ? { torqueNm: 0.6 } : {}),
    frequencyLimitHz: limits[series][impedanceOhm],
    lineMm: 22,
    insulation: { volts: 500, ohms: 1e9 },
    featuresMm: {
      ...features,
      ...coax.features,
      pinFlange: 0.6,
      pinBoreDepth: 4.2,
      jacketOffset: 0,
      inspectionHoleFar: 3.2,
    },
    source,
  };
}

/** BNC and TNC plugs with crimped centre contact and crimped ferrule, 50 and 75 ohm. */
export const crimpPlugs: ConnectorEntry[] = [
  crimpPlug('TNC', 50, '5 mm'),
  crimpPlug('TNC', 50, '2.5 mm'),
  crimpPlug('TNC', 75, '6 mm'),
  crimpPlug('BNC', 50, '5 mm'),
  crimpPlug('BNC', 50, '2.5 mm'),
  crimpPlug('BNC', 75, '6 mm'),
  crimpPlug('BNC', 75, '2.5 mm'),
];
