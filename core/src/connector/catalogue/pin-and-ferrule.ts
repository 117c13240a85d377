import type { ConnectorEntry } from '../connector-entry.ts';
import type { SeriesId } from '../series.ts';
import type { FerruleClass } from './ferrule-classes.ts';
import { ferruleClasses } from './ferrule-classes.ts';

const source = 'engineering value, class-typical crimp connector; measure the connector in hand';

interface SeriesFeatures {
  readonly id: SeriesId;
  /** Of the 50-ohm plug on 5 mm coax, millimetres from the rear lip; the stop moves with the stem of other classes. */
  readonly stop: number;
  readonly flange: number;
  readonly pinBoreDepth: number;
  /** From the stop. */
  readonly toShoulder: number;
  readonly toPlane: number;
  readonly plugToTip: number;
  readonly socketToTip: number;
  readonly bodyOutside: number;
  readonly socketOutside: number;
  readonly contactTolerance: number;
  readonly inspectionHole: boolean;
}

const stemOfReference = ferruleClasses['5'].stemLength;

const bnc: SeriesFeatures = {
  id: 'bnc',
  stop: 11.3,
  flange: 0.6,
  pinBoreDepth: 4.1,
  toShoulder: 1.4,
  toPlane: 6.8,
  plugToTip: 10.6,
  socketToTip: 8.8,
  bodyOutside: 14.5,
  socketOutside: 11,
  contactTolerance: 0.3,
  inspectionHole: true,
};
const tnc: SeriesFeatures = {
  ...bnc,
  id: 'tnc',
  stop: 11.2,
  toShoulder: 2,
  toPlane: 7.2,
  plugToTip: 10.6,
  bodyOutside: 15,
};
const sma: SeriesFeatures = {
  id: 'sma',
  stop: 9.2,
  flange: 0.4,
  pinBoreDepth: 3,
  toShoulder: 0.9,
  toPlane: 3.9,
  plugToTip: 6.5,
  socketToTip: 5.9,
  bodyOutside: 9.2,
  socketOutside: 6.4,
  contactTolerance: 0.15,
  inspectionHole: true,
};
const n: SeriesFeatures = {
  id: 'n',
  stop: 11.8,
  flange: 0.8,
  pinBoreDepth: 5.2,
  toShoulder: 4,
  toPlane: 12.4,
  plugToTip: 17.6,
  socketToTip: 14.2,
  bodyOutside: 21,
  socketOutside: 16,
  contactTolerance: 0.3,
  inspectionHole: true,
};

function crimped(
  series: SeriesFeatures,
  id: SeriesId,
  sex: 'plug' | 'socket',
  size: FerruleClass,
  options: { reversePolarity?: boolean; soldered?: boolean } = {},
): ConnectorEntry {
  const coax = ferruleClasses[size];
  const { reversePolarity = false, soldered = false } = options;
  const name = `${reversePolarity ? 'RP-' : ''}${series.id.toUpperCase()}`;
  const impedance = id.endsWith('-75') ? 75 : 50;
  const stopDepth = series.stop - stemOfReference + coax.stemLength;
  return {
    id: `${name.toLowerCase()}-${sex}-${impedance}-${soldered ? 'solder' : 'crimp'}-${size}`,
    name: `${name} ${sex}, ${impedance} ohm, crimp${soldered ? ', soldered contact' : ''}, ${coax.name}`,
    seriesId: id,
    sex,
    reversePolarity,
    method: 'pin and ferrule',
    forCoax: coax.forCoax,
    contactFixing: soldered ? 'solder' : 'crimp',
    plating: series.id === 'sma' ? 'gold' : 'tri-metal',
    ferruleDieMm: coax.ferruleDie,
    ...(soldered ? {} : { pinDieMm: coax.pinDie }),
    featuresMm: {
      jacketOffset: 0,
      stemLength: coax.stemLength,
      stemOutside: coax.stemOutside,
      stemBore: coax.stemBore,
      ferruleLength: coax.ferruleLength,
      ferruleBore: coax.ferruleBore,
      ferruleWall: coax.ferruleWall,
      pinBore: coax.pinBore,
      pinOutside: coax.pinOutside,
      stopDepth,
      pinFlange: series.flange,
      pinBoreDepth: series.pinBoreDepth,
      ...(series.inspectionHole
        ? { inspectionHoleFar: Number((series.pinBoreDepth * 0.76).toFixed(1)) }
        : {}),
      contactTolerance: series.contactTolerance,
      lipToShoulder: stopDepth + series.toShoulder,
      lipToMatingPlane: stopDepth + series.toPlane,
      lipToTip: stopDepth + (sex === 'plug' ? series.plugToTip : series.socketToTip),
      bodyOutside: Math.max(sex === 'plug' ? series.bodyOutside : series.socketOutside, coax.ferruleBore + 2),
    },
    source,
  };
}

/** Both sexes of a series for the sizes of cable that it is made for. */
function family(series: SeriesFeatures, id: SeriesId, sizes: readonly FerruleClass[]): ConnectorEntry[] {
  return sizes.flatMap((size) => [crimped(series, id, 'plug', size), crimped(series, id, 'socket', size)]);
}

/** Contact and crimped ferrule: SMA, RP-SMA, BNC, TNC and N. */
export const pinAndFerruleConnectors: ConnectorEntry[] = [
  ...family(tnc, 'tnc', ['5', '2.5', '6-50', '7-50', '10', '10-low-loss', '10-stranded']),
  ...family(tnc, 'tnc-75', ['6']),
  ...family(bnc, 'bnc', ['5', '2.5', '6-50']),
  ...family(bnc, 'bnc-75', ['6', '2.5', 'rg-6']),
  ...family(sma, 'sma', ['2.5', '5', '6-50']),
  ...(['2.5', '5'] as const).flatMap((size) =>
    (['plug', 'socket'] as const).map((sex) => crimped(sma, 'sma', sex, size, { reversePolarity: true })),
  ),
  ...family(n, 'n', ['5', '6-50', '7-50', '10', '10-low-loss', '10-stranded', '13-low-loss', '15-low-loss']),
  crimped(tnc, 'tnc', 'plug', '5', { soldered: true }),
  crimped(sma, 'sma', 'plug', '2.5', { soldered: true }),
  crimped(n, 'n', 'plug', '10', { soldered: true }),
  crimped(n, 'n', 'plug', '10-low-loss', { soldered: true }),
  crimped(n, 'n', 'plug', '7-50', { soldered: true }),
  crimped(n, 'n', 'plug', '10-stranded', { soldered: true }),
];
