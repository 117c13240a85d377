import type { ConnectorEntry } from '../connector-entry.ts';
import type { SeriesId } from '../series.ts';

const source = 'engineering value, class-typical clamp connector; measure the connector in hand';

interface GlandSize {
  readonly size: string;
  readonly name: string;
  readonly forCoax: string;
  /** Nut, washer and gasket are told apart by their holes. */
  readonly nutBore: number;
  readonly washerBore: number;
  readonly gasketBore: number;
  readonly nutOutside: number;
  readonly clampBore: number;
  readonly coneRim: number;
  readonly coneLength: number;
  readonly stackLength: number;
  readonly pinBore: number;
  readonly pinOutside: number;
}

const five: GlandSize = {
  size: '5',
  name: '5 mm',
  forCoax: '5 mm coax (RG-58 and RG-223 class)',
  nutBore: 6,
  washerBore: 5.8,
  gasketBore: 5.5,
  nutOutside: 12.5,
  clampBore: 4.35,
  coneRim: 7.6,
  coneLength: 3,
  stackLength: 11,
  pinBore: 1.05,
  pinOutside: 2,
};
const six: GlandSize = {
  ...five,
  size: '6-75',
  name: '6 mm, 75 ohm',
  forCoax: '6 mm coax of 75 ohm (RG-59 class)',
  nutBore: 6.9,
  washerBore: 6.6,
  gasketBore: 6.4,
  nutOutside: 12.5,
  clampBore: 4.9,
  coneRim: 8.4,
  pinBore: 0.72,
};
const sixty: GlandSize = {
  ...six,
  size: '6-50',
  name: '6 mm',
  forCoax: '6 mm coax of 50 ohm (RG-8X class, low-loss foam 6 mm)',
  clampBore: 5.25,
  pinBore: 1.65,
  pinOutside: 2.6,
};
const seven: GlandSize = {
  ...six,
  size: '7-75',
  name: '7 mm, 75 ohm',
  forCoax: '7 mm coax of 75 ohm (RG-6 class)',
  nutBore: 7.7,
  washerBore: 7.4,
  gasketBore: 7.15,
  clampBore: 6,
  coneRim: 9.6,
  pinBore: 1.1,
};
const sevenFifty: GlandSize = {
  ...seven,
  size: '7-50',
  name: '7 mm low-loss',
  forCoax: 'low-loss foam 7 mm',
  nutBore: 8.4,
  washerBore: 8.1,
  gasketBore: 7.85,
  nutOutside: 14,
  clampBore: 6.3,
  coneRim: 10.2,
  pinBore: 1.9,
  pinOutside: 2.7,
};
const ten: GlandSize = {
  size: '10',
  name: '10 mm',
  forCoax: '10 mm coax (RG-213 class)',
  nutBore: 11.2,
  washerBore: 10.9,
  gasketBore: 10.6,
  nutOutside: 18.5,
  clampBore: 8.5,
  coneRim: 13,
  coneLength: 4,
  stackLength: 15,
  pinBore: 2.45,
  pinOutside: 3.6,
};
const tenLowLoss: GlandSize = {
  ...ten,
  size: '10-low-loss',
  name: '10 mm low-loss',
  forCoax: 'low-loss foam 10 mm',
  pinBore: 2.85,
  pinOutside: 4,
};

const tenStranded: GlandSize = {
  ...ten,
  size: '10-stranded',
  name: '10 mm low-loss, stranded',
  forCoax: 'low-loss foam 10 mm, stranded',
  pinBore: 2.95,
  pinOutside: 4,
};

interface GlandBody {
  readonly seriesId: SeriesId;
  readonly sex: 'plug' | 'socket';
  readonly pinBoreDepth: number;
  readonly toShoulder: number;
  readonly toPlane: number;
  readonly toTip: number;
  readonly bodyOutside: number;
  readonly inspectionHole: boolean;
}

const bodies = {
  nPlug: {
    seriesId: 'n',
    sex: 'plug',
    pinBoreDepth: 5.2,
    toShoulder: 5,
    toPlane: 13,
    toTip: 18,
    bodyOutside: 21,
    inspectionHole: true,
  },
  nSocket: {
    seriesId: 'n',
    sex: 'socket',
    pinBoreDepth: 5.2,
    toShoulder: 6,
    toPlane: 16,
    toTip: 18,
    bodyOutside: 20,
    inspectionHole: true,
  },
  bncPlug: {
    seriesId: 'bnc',
    sex: 'plug',
    pinBoreDepth: 4.2,
    toShoulder: 4,
    toPlane: 9,
    toTip: 12.8,
    bodyOutside: 14.5,
    inspectionHole: true,
  },
  bncPlug75: {
    seriesId: 'bnc-75',
    sex: 'plug',
    pinBoreDepth: 4.2,
    toShoulder: 4,
    toPlane: 9,
    toTip: 12.8,
    bodyOutside: 14.5,
    inspectionHole: true,
  },
  uhfPlug: {
    seriesId: 'uhf',
    sex: 'plug',
    pinBoreDepth: 6,
    toShoulder: 9,
    toPlane: 16,
    toTip: 29,
    bodyOutside: 20,
    inspectionHole: false,
  },
} as const satisfies Record<string, GlandBody>;

function gland(body: GlandBody, size: GlandSize): ConnectorEntry {
  const seat = size.stackLength + 1.5;
  const series = body.seriesId.replace('-75', '');
  return {
    id: `${series}-${body.sex}-clamp-${size.size}`,
    name: `${series.toUpperCase()} ${body.sex}, clamp gland, ${size.name}`,
    seriesId: body.seriesId,
    sex: body.sex,
    method: 'clamp gland',
    forCoax: size.forCoax,
    contactFixing: 'solder',
    plating: 'silver',
    featuresMm: {
      stackLength: size.stackLength,
      coneLength: size.coneLength,
      coneRim: size.coneRim,
      // A sleeve that goes under the braid is narrower than a ring over it.
      clampBore: body.seriesId === 'uhf' ? size.clampBore - 1 : size.clampBore,
      insulatorSeat: 1.5,
      pinFlange: 0.6,
      pinBoreDepth: body.pinBoreDepth,
      pinBore: size.pinBore,
      pinOutside: size.pinOutside,
      ...(body.inspectionHole ? { inspectionHoleFar: Number((0.76 * body.pinBoreDepth).toFixed(1)) } : {}),
      ...(body.seriesId === 'uhf' ? { couplingBore: 13.2 } : {}),
      contactTolerance: 0.3,
      nutBore: size.nutBore,
      washerBore: size.washerBore,
      gasketBore: size.gasketBore,
      nutOutside: size.nutOutside,
      lipToShoulder: seat + body.toShoulder,
      lipToMatingPlane: seat + body.toPlane,
      lipToTip: seat + body.toTip,
      bodyOutside: Math.max(body.bodyOutside, size.nutOutside + 1),
    },
    source,
  };
}

/** Clamp glands: N, BNC and UHF. */
export const clampGlands: ConnectorEntry[] = [
  gland(bodies.nPlug, five),
  gland(bodies.nPlug, ten),
  gland(bodies.nPlug, tenLowLoss),
  gland(bodies.nPlug, sevenFifty),
  gland(bodies.nPlug, tenStranded),
  gland(bodies.nSocket, ten),
  gland(bodies.nSocket, tenLowLoss),
  gland(bodies.bncPlug, five),
  gland(bodies.bncPlug75, six),
  gland(bodies.uhfPlug, five),
  gland(bodies.uhfPlug, sixty),
  gland(bodies.uhfPlug, seven),
  gland(bodies.uhfPlug, sevenFifty),
  gland(bodies.uhfPlug, tenStranded),
  gland(bodies.uhfPlug, ten),
  gland(bodies.uhfPlug, tenLowLoss),
];
