import { firstRevision } from '../record/revise.ts';
import type { House, Shrink } from './house.ts';
import { houseId } from './house-id.ts';
import { usualInstruments } from './new-instrument.ts';
import { shrinkName } from './shrink-name.ts';
import { usualPractice } from './usual-practice.ts';
import { defaultLengthColours, shopTools, usualBootOverlap, usualLimits } from './usual-shop.ts';
import { usualStrippers } from './usual-strippers.ts';

const shrink = (suppliedMm: number, recoveredMm: number, outsideMm: number, adhesive: boolean): Shrink => {
  const tube = { supplied: suppliedMm * 1e-3, recovered: recoveredMm * 1e-3, adhesive };
  return { name: shrinkName(tube), ...tube, outside: outsideMm * 1e-3 };
};

/** What a new shop starts with: every choice is the default of the trade page, every tool the usual one. */
export function defaultHouse(now: string): House {
  return {
    ...firstRevision(houseId, now),
    name: 'This shop',
    benchNames: ['Bench one'],
    practice: { ...usualPractice, leaveOut: [], alsoAsk: [] },
    roomCelsius: 20,
    squaring: 2e-3,
    bootOverlap: usualBootOverlap,
    storeCoil: null,
    dies: [1.07e-3, 1.73e-3, 2.54e-3, 3.4e-3, 4.52e-3, 5.41e-3, 6.48e-3, 8.23e-3, 10.9e-3, 15.5e-3],
    tools: [...shopTools],
    strippers: [...usualStrippers],
    solderWire: { diameter: 1e-3, fluxByMass: 0.022 },
    tackAbove: 100,
    shrink: [
      shrink(4.8, 1.6, 5.4, false),
      shrink(6.4, 2.1, 7, false),
      shrink(9.5, 3.2, 10.3, false),
      shrink(9.5, 3.2, 10.9, true),
      shrink(12.7, 4.2, 13.6, false),
      shrink(12.7, 4.2, 14.3, true),
      shrink(19, 6.4, 20.2, false),
      shrink(19, 6.4, 21, true),
      shrink(19, 3.2, 22.5, true),
      shrink(25.4, 8.5, 26.8, false),
      shrink(25.4, 8.5, 27.6, true),
      shrink(39, 13, 41.4, true),
      shrink(52, 19, 55, true),
      shrink(75, 25, 78.6, true),
      shrink(95, 30, 99, true),
    ],
    devices: [],
    lengthColours: [...defaultLengthColours],
    instruments: [...usualInstruments],
    limits: usualLimits,
    beeperOhm: 30,
  };
}
