import { formatCapacitance } from '@gorvane/core/quantity/capacitance.ts';
import { formatDecibels } from '@gorvane/core/quantity/decibel.ts';
import type { QuantityKind } from '@gorvane/core/quantity/explained.ts';
import { formatForce } from '@gorvane/core/quantity/force.ts';
import { formatFrequency } from '@gorvane/core/quantity/frequency.ts';
import { formatUncertain } from '@gorvane/core/quantity/prefix.ts';
import type { LengthUnit } from '@gorvane/core/quantity/length.ts';
import { formatLength } from '@gorvane/core/quantity/length.ts';
import { formatPower } from '@gorvane/core/quantity/power.ts';
import { formatResistance } from '@gorvane/core/quantity/resistance.ts';
import { formatTemperature } from '@gorvane/core/quantity/temperature.ts';
import type { TimeForm } from '@gorvane/core/quantity/time.ts';
import { formatTime, usualTimes } from '@gorvane/core/quantity/time.ts';
import { createContext, useContext } from 'react';

/** Millimetre or inch first: set in House, followed everywhere. */
export const FirstUnit = createContext<LengthUnit>('mm');

/** How days and times are written: set in House for this bench, followed everywhere. */
export const Times = createContext<TimeForm>(usualTimes);

const writers: Record<QuantityKind, (value: number, first: LengthUnit) => string> = {
  length: (value, first) => formatLength(value, { first, digits: Math.abs(value) < 0.1 ? 2 : 1 }),
  distance: (value, first) =>
    first === 'mm' ? `${Number(value.toPrecision(3))} m` : `${Number((value / 0.3048).toPrecision(3))} ft`,
  frequency: formatFrequency,
  decibel: formatDecibels,
  'dB per 100 m': (value) => `${value.toFixed(1)} dB per 100 m`,
  power: formatPower,
  resistance: formatResistance,
  capacitance: formatCapacitance,
  ratio: (value) => String(Number(value.toPrecision(3))),
  temperature: formatTemperature,
  count: (value) => String(value),
  force: formatForce,
  seconds: (value) =>
    value < 90 ? `${value < 10 ? value.toFixed(1) : Math.round(value)} s` : `${Math.round(value / 60)} min`,
  torque: (value) => `${Number(value.toPrecision(2))} N m`,
  voltage: (value) => `${Number(value.toPrecision(3))} V`,
};

/** Writes an SI value of any kind the way this house reads it. */
export function useWriting(): (value: number, kind: QuantityKind) => string {
  const first = useContext(FirstUnit);
  return (value, kind) => writers[kind](value, first);
}

const baseUnits: Partial<Record<QuantityKind, string>> = { resistance: 'ohm', capacitance: 'F' };

/** Figures that an uncertainty is worth, where it is not written to the place of its reading. */
const worth = 2;

/** A reading with how far it may be off, both to the same place where its unit has prefixes. */
export function writeUncertain(
  value: number,
  uncertainty: number,
  kind: QuantityKind,
  write: (value: number, kind: QuantityKind) => string,
): string {
  const unit = baseUnits[kind];
  return unit && value !== 0 && Number.isFinite(value)
    ? formatUncertain(value, uncertainty, unit)
    : `${write(value, kind)} ± ${write(Number(uncertainty.toPrecision(worth)), kind)}`;
}

/** Writes a time, ISO, as day and minute the way this bench does. */
export function useTimes(): (at: string) => string {
  const form = useContext(Times);
  return (at) => formatTime(at, form);
}
