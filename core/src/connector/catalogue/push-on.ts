import type { ConnectorEntry } from '../connector-entry.ts';
import type { FerruleClass } from './ferrule-classes.ts';
import { ferruleClasses } from './ferrule-classes.ts';

const source = 'engineering value, class-typical push-on connector; measure the connector in hand';

interface PushOnSeries {
  readonly series: 'n' | 'uhf';
  readonly sex: 'plug' | 'socket';
  /** From the stop. Plug and socket bodies differ in length. */
  readonly toShoulder: number;
  readonly toPlane: number;
  readonly toTip: number;
  readonly bodyOutside: number;
}

const nPlug: PushOnSeries = {
  series: 'n',
  sex: 'plug',
  toShoulder: 5,
  toPlane: 13.5,
  toTip: 18.5,
  bodyOutside: 21,
};
const nSocket: PushOnSeries = {
  series: 'n',
  sex: 'socket',
  toShoulder: 6.5,
  toPlane: 17.5,
  toTip: 19,
  bodyOutside: 16.5,
};
const uhfPlug: PushOnSeries = {
  series: 'uhf',
  sex: 'plug',
  toShoulder: 7,
  toPlane: 15.5,
  toTip: 28.5,
  bodyOutside: 18.5,
};
const uhfSocket: PushOnSeries = {
  series: 'uhf',
  sex: 'socket',
  toShoulder: 8,
  toPlane: 19.5,
  toTip: 20.5,
  bodyOutside: 16.5,
};

function pushOn({ series, sex, ...body }: PushOnSeries, size: FerruleClass): ConnectorEntry {
  const coax = ferruleClasses[size];
  const stopDepth = coax.stemLength + 3.6;
  return {
    id: `${series}-${sex}-push-on-${size}`,
    name: `${series.toUpperCase()} ${sex}, push-on contact, crimp, ${coax.name}`,
    seriesId: series,
    sex,
    method: 'push-on and ferrule',
    forCoax: coax.forCoax,
    contactFixing: 'captive',
    plating: 'tri-metal',
    ferruleDieMm: coax.ferruleDie,
    featuresMm: {
      jacketOffset: 0,
      stemLength: coax.stemLength,
      stemOutside: coax.stemOutside,
      stemBore: coax.stemBore,
      ferruleLength: coax.ferruleLength,
      ferruleBore: coax.ferruleBore,
      ferruleWall: coax.ferruleWall,
      pinBore: pushOnBores[size] ?? coax.pinBore,
      pinOutside: coax.pinOutside,
      stopDepth,
      contactReach: 6.5,
      contactTolerance: 0.3,
      lipToShoulder: stopDepth + body.toShoulder,
      lipToMatingPlane: stopDepth + body.toPlane,
      lipToTip: stopDepth + body.toTip,
      bodyOutside: Math.max(body.bodyOutside, coax.ferruleBore + 3),
    },
    source,
  };
}

/** Spring fingers take the conductor closely. */
const pushOnBores: Partial<Record<FerruleClass, number>> = {
  '6-50': 1.5,
  '10-low-loss': 2.84,
  '15-low-loss': 4.58,
};

/** Captive centre contact that the conductor is pushed into: N and UHF for low-loss foam of 6, 10 and 15 mm. */
export const pushOnConnectors: ConnectorEntry[] = (['6-50', '10-low-loss', '15-low-loss'] as const).flatMap(
  (size) => [nPlug, nSocket, uhfPlug, uhfSocket].map((body) => pushOn(body, size)),
);
