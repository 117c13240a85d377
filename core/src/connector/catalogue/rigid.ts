import type { ConnectorEntry } from '../connector-entry.ts';

const source = 'engineering value, class-typical connector; measure the connector in hand';

interface SemiRigid {
  readonly series: 'sma' | 'n';
  readonly sex: 'plug' | 'socket';
  readonly reversePolarity?: boolean;
  readonly coax: 'rg-402' | 'rg-405';
}

const tubes = {
  'rg-402': { name: 'RG-402', bodyBore: 3.68, pinBore: 1, pinOutside: 1.6, couplingBore: 4.2 },
  'rg-405': { name: 'RG-405', bodyBore: 2.29, pinBore: 0.58, pinOutside: 1.2, couplingBore: 2.8 },
} as const;

const bodies = {
  sma: {
    seat: 4,
    pinBoreDepth: 2.4,
    plug: [4.6, 7.4, 10.2, 8.8],
    socket: [5, 8.2, 10.4, 6.4],
    tolerance: 0.12,
  },
  n: { seat: 6, pinBoreDepth: 4.2, plug: [9, 17, 22, 21], socket: [10, 20, 22, 16], tolerance: 0.25 },
} as const;

function directSolder({ series, sex, reversePolarity = false, coax }: SemiRigid): ConnectorEntry {
  const tube = tubes[coax];
  const body = bodies[series];
  const [shoulder, plane, tip, outside] = body[sex];
  const prefix = reversePolarity ? 'rp-' : '';
  return {
    id: `${prefix}${series}-${sex}-direct-${coax}`,
    name: `${prefix.toUpperCase()}${series.toUpperCase()} ${sex}, direct solder, ${tube.name}`,
    seriesId: series,
    sex,
    reversePolarity,
    method: 'direct solder',
    forCoax: `${tube.name} class`,
    contactFixing: 'solder',
    plating: series === 'sma' ? 'gold' : 'silver',
    featuresMm: {
      tubeSeat: body.seat,
      bodyBore: tube.bodyBore,
      pinBore: tube.pinBore,
      pinOutside: tube.pinOutside,
      pinBoreDepth: body.pinBoreDepth,
      contactTolerance: body.tolerance,
      couplingBore: tube.couplingBore,
      lipToShoulder: body.seat + shoulder - 2,
      lipToMatingPlane: body.seat + plane - 2,
      lipToTip: body.seat + tip - 2,
      bodyOutside: outside,
    },
    source,
  };
}

/** Soldered on the tube of semi-rigid coax. */
export const directSolderConnectors: ConnectorEntry[] = (['rg-402', 'rg-405'] as const).flatMap((coax) => [
  directSolder({ series: 'sma', sex: 'plug', coax }),
  directSolder({ series: 'sma', sex: 'socket', coax }),
  directSolder({ series: 'sma', sex: 'plug', reversePolarity: true, coax }),
  directSolder({ series: 'sma', sex: 'socket', reversePolarity: true, coax }),
  directSolder({ series: 'n', sex: 'plug', coax }),
  directSolder({ series: 'n', sex: 'socket', coax }),
]);

interface FeederFigures {
  readonly size: string;
  readonly jacket: number;
  readonly outer: number;
  readonly pitch: number;
  readonly valleys: number;
  readonly conductor: number;
  /** Bore of a tubular inner conductor. */
  readonly bore?: number;
}

const feederSizes: readonly FeederFigures[] = [
  { size: '1/2', jacket: 16, outer: 13.9, pitch: 6.2, valleys: 2, conductor: 4.8 },
  { size: '3/4', jacket: 22.6, outer: 20, pitch: 6.7, valleys: 2, conductor: 7 },
  { size: '7/8', jacket: 28, outer: 24.9, pitch: 7, valleys: 3, conductor: 9.1, bore: 8.3 },
  { size: '1-1/4', jacket: 39, outer: 35.8, pitch: 9.6, valleys: 3, conductor: 13.1, bore: 12.1 },
  { size: '1-5/8', jacket: 50, outer: 46.5, pitch: 12, valleys: 3, conductor: 17.6, bore: 16.4 },
  { size: '2-1/4', jacket: 64, outer: 59.5, pitch: 15, valleys: 3, conductor: 22.2, bore: 20.8 },
];

function feederClamp(
  { size, jacket, outer, pitch, valleys, conductor, bore }: FeederFigures,
  series: 'n' | '7-16' | 'uhf',
  sex: 'plug' | 'socket',
): ConnectorEntry {
  const ringValley = valleys * pitch;
  const stopDepth = ringValley + 22;
  const front = stopDepth + pitch / 2;
  const reach = { n: [14, 24, 30], '7-16': [16, 30, 36], uhf: [14, 26, 39] }[series];
  return {
    id: `${series}-${sex}-feeder-${size}`,
    name: `${series.toUpperCase()} ${sex}, feeder clamp, ${size} inch`,
    seriesId: series,
    sex,
    method: 'feeder clamp',
    forCoax: `corrugated feeder ${size} inch`,
    contactFixing: bore ? 'screw' : 'seized',
    plating: 'tri-metal',
    featuresMm: {
      pitch,
      ringValley,
      conductorProud: bore ? 8 : 6,
      flareDiameter: outer + 2.4,
      ringOutside: outer + 2,
      stopDepth,
      nutBore: jacket + 0.9,
      nutOutside: jacket + 12,
      gasketBore: jacket + 0.3,
      bodyBore: outer,
      ...(bore ? { innerTubeBore: bore - 0.2 } : { pinBore: conductor + 0.15 }),
      contactTolerance: 0.4,
      lipToShoulder: front + reach[0]!,
      lipToMatingPlane: front + reach[1]!,
      lipToTip: front + reach[2]!,
      bodyOutside: Math.max(jacket + 14, series === '7-16' ? 36 : 21),
    },
    source,
  };
}

/** Clamps for corrugated feeder. */
export const feederClamps: ConnectorEntry[] = feederSizes.flatMap((figures) => [
  feederClamp(figures, 'n', 'plug'),
  feederClamp(figures, 'n', 'socket'),
  feederClamp(figures, '7-16', 'plug'),
  feederClamp(figures, '7-16', 'socket'),
  feederClamp(figures, 'uhf', 'plug'),
]);

type TrunkSize = '13' | '19' | '13-disc';

/** Sheath, inside of the sheath and conductor. */
const trunkSizes: Readonly<Record<TrunkSize, readonly [number, number, number]>> = {
  '13': [12.7, 11.6, 2.77],
  '19': [19.05, 17.7, 4.24],
  '13-disc': [12.7, 11.6, 3.02],
};

function trunk(size: TrunkSize, sex: 'splice' | 'plug'): ConnectorEntry {
  const [sheath, inside, conductor] = trunkSizes[size];
  const isDisc = size === '13-disc';
  const named = `aluminium trunk ${size.replace('-disc', '')} mm${isDisc ? ', fused disc' : ''}`;
  const large = size === '19';
  const isSplice = sex === 'splice';
  const nutOutside = sheath + 11;
  const body = large ? 56 : 44;
  return {
    id: `trunk-${isSplice ? 'splice' : 'pin'}-${size}`,
    name: `${isSplice ? 'straight splice' : 'pin connector'}, ${named}`,
    forDielectric: isDisc ? 'fused disc' : 'foam polyethylene',
    seriesId: 'trunk',
    sex,
    method: 'trunk seizing',
    forCoax: named,
    contactFixing: 'seized',
    plating: 'bare',
    featuresMm: {
      jacketOffset: 3,
      insertionDepth: large ? 23 : 19,
      coringDepth: large ? 30 : isDisc ? 32 : 26,
      seizingDepth: large ? 18 : 15,
      seizingBore: conductor + 0.2,
      mandrelOutside: inside - 0.3,
      nutBore: sheath + 0.3,
      nutOutside,
      lipToShoulder: body * 0.8,
      lipToMatingPlane: isSplice ? body : body + 6,
      lipToTip: isSplice ? 2 * body : body + 36,
      bodyOutside: nutOutside,
    },
    source,
  };
}

/** Splices and pin connectors for seamless-aluminium trunk. */
export const trunkConnectors: ConnectorEntry[] = (['13', '19', '13-disc'] as const).flatMap((size) => [
  trunk(size, 'splice'),
  trunk(size, 'plug'),
]);

function compressionPlug(
  size: 'rg-6' | 'rg-59',
  figures: { post: number; bore: number; sleeve: number; conductor: number },
): ConnectorEntry {
  return {
    id: `f-plug-compression-${size}`,
    name: `F plug, compression, ${size === 'rg-6' ? '6 class' : 'RG-59 class'}`,
    seriesId: 'f',
    sex: 'plug',
    method: 'compression',
    forCoax: size === 'rg-6' ? '7 mm coax of 75 ohm (RG-6 class)' : '6 mm coax of 75 ohm (RG-59 class)',
    contactFixing: 'conductor',
    plating: 'nickel',
    featuresMm: {
      jacketOffset: -9,
      stopDepth: 15.3,
      postLength: 10,
      postOutside: figures.post,
      postBore: figures.bore,
      sleeveBore: figures.sleeve,
      pinBore: figures.conductor,
      lipToShoulder: 15.5,
      lipToMatingPlane: 15.3,
      lipToTip: 19.8,
      bodyOutside: 11.6,
    },
    source,
  };
}

/** Compression plugs for 75-ohm drop cable. */
export const compressionPlugs: ConnectorEntry[] = [
  compressionPlug('rg-6', { post: 5.4, bore: 4.85, sleeve: 8.1, conductor: 1.3 }),
  compressionPlug('rg-59', { post: 4.4, bore: 3.9, sleeve: 7.4, conductor: 0.9 }),
];
