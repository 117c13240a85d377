import { computedAttenuation, fittedAttenuation } from '../cable/attenuation.ts';
import type { Cable, CoaxCable } from '../cable/cable.ts';
import { overBraid } from '../cable/braid.ts';
import { effectiveConductorDiameter, effectiveShieldDiameter } from '../cable/electrical.ts';
import { lineFigures } from '../cable/line-figures.ts';
import { emissivity, heatShed, surfaceWhere } from './calm-air.ts';
import { decibelsPerNeper } from '../quantity/decibel.ts';
import type { Explained } from '../quantity/explained.ts';
import type { ConnectorSeries } from '../connector/series.ts';

/** How a line is used. */
export interface PowerUse {
  /** Hertz. */
  readonly frequency: number;
  /** Air around the cable, C. */
  readonly ambientCelsius: number;
  /** Part of the time that power is on, above 0, at most 1. */
  readonly duty: number;
  /** Standing-wave ratio on the line, 1 or more. */
  readonly swr: number;
  /** Metres above the sea: thin air breaks down sooner. */
  readonly altitude: number;
}

/** What one part stands: power while on, watts. */
export interface PowerLimit {
  readonly part: string;
  readonly kind: 'heat' | 'voltage';
  readonly power: number;
  readonly how: Explained;
}

/** From this part of what it stands on, a line is near its limit. Engineering value. */
const nearLimit = 0.8;

/** What a power means for a line that stands `most`, both in watts. */
export function powerVerdict(power: number, most: number): 'fits' | 'tight' | 'does not fit' {
  if (power <= nearLimit * most) return 'fits';
  return power <= most ? 'tight' : 'does not fit';
}

/** Heat conduction, W/(m K). Handbook values. */
const conductivity = {
  polyethylene: 0.33,
  'foam polyethylene': 0.17,
  PTFE: 0.25,
  'fused disc': 0.05,
  jacket: 0.17,
} as const;

/** Hottest the inner conductor may be before it creeps through the dielectric, C. Engineering values. */
const hottest = { polyethylene: 80, 'foam polyethylene': 85, PTFE: 200, 'fused disc': 80 } as const;

/** Field at the inner conductor that a solid dielectric stands for good, V/m. Engineering values, from rated voltages. */
const solidField = { polyethylene: 3.7e6, PTFE: 4e6 } as const;

/** Of what breaks down air at a bare conductor, foam and air spaces stand so much for good. Engineering value, from rated peak powers of feeders. */
const lastingInGas = 0.17;

/**
 * Field at an inner conductor of a radius in metres that its dielectric stands for good, V/m. Foam and spacers leave gas at the
 * conductor: it breaks down at `3.1 MV/m (1 + 0.308 / sqrt(r / cm))`, Peek's law, so that a thicker conductor stands a weaker field.
 */
export function lastingField(material: CoaxCable['dielectric']['material'], radius: number): number {
  if (material === 'polyethylene' || material === 'PTFE') return solidField[material];
  return lastingInGas * 3.1e6 * (1 + 0.308 / Math.sqrt(radius * 100));
}

/** Fall of the breakdown voltage of air with height: its density, scale height 8.4 km. */
const thinAir = (altitude: number) => Math.exp(-altitude / 8400);

/** Heat at the hottest place of a standing wave over that of the flat line: `(S^2 + 1) / (2 S)`. Source: line textbooks. */
export function hotSpotFactor(swr: number): number {
  return (swr * swr + 1) / (2 * swr);
}

function checkUse({ frequency, duty, swr, altitude }: PowerUse): void {
  if (!(frequency > 0 && duty > 0 && duty <= 1 && swr >= 1 && altitude >= -500 && altitude < 12_000))
    throw new RangeError(
      'power: expected a frequency above 0, a duty above 0 and at most 1, an SWR of 1 or more, and a height below 12 km',
    );
}

/** Heat of a line for each watt put in, W per metre at the power end, with its conductor as hot as it may be. */
function heatPerWatt(cable: CoaxCable, frequency: number): number {
  const top = hottest[cable.dielectric.material];
  const warm = computedAttenuation(cable, frequency, top).total / computedAttenuation(cable, frequency).total;
  const nominal = fittedAttenuation(lineFigures(cable).fit, frequency) * warm;
  return (2 * nominal) / 100 / decibelsPerNeper;
}

/** Kelvin between jacket surface and inner conductor for each watt of heat per metre. */
function insideRise(cable: CoaxCable, frequency: number): number {
  const parts = computedAttenuation(cable, frequency, hottest[cable.dielectric.material]);
  const through = (outer: number, inner: number, k: number) =>
    outer > inner ? Math.log(outer / inner) / (2 * Math.PI * k) : 0;
  const jacket = through(cable.jacket.diameter, overBraid(cable), conductivity.jacket);
  const dielectric = through(
    effectiveShieldDiameter(cable),
    effectiveConductorDiameter(cable),
    conductivity[cable.dielectric.material],
  );
  const [inner, inside] = [parts.conductor / parts.total, parts.dielectric / parts.total];
  return (inner + inside / 2) * dielectric + jacket;
}

/** A tube without a jacket is its own surface. */
const emits = (cable: CoaxCable): number =>
  cable.tube && cable.jacket.diameter <= cable.tube.outside + 1e-6
    ? emissivity['metal tube']
    : emissivity.jacket;

const shedAt = (cable: CoaxCable, surface: number, ambient: number): number =>
  heatShed(surface, ambient, cable.jacket.diameter, emits(cable));

/** Hottest surface that is looked for, C. */
const surfaceLimit = 400;

/** Kelvin that jacket and inner conductor stand above the air with a power put in, watts on average. */
export function temperatureRise(
  cable: CoaxCable,
  frequency: number,
  power: number,
  ambient: number,
): { conductor: number; jacket: number } {
  const heat = power * heatPerWatt(cable, frequency);
  const surface = surfaceWhere((at) => shedAt(cable, at, ambient), heat, ambient, surfaceLimit);
  const jacket = surface - ambient;
  return { conductor: jacket + heat * insideRise(cable, frequency), jacket };
}

/**
 * Power at which the inner conductor reaches what its dielectric stands, and at which the field at its surface does.
 * Source: heat conduction through layers, convection and radiation to calm air; temperatures and fields are engineering values.
 * @throws RangeError when the use cannot be.
 */
export function cablePowerLimits(cable: CoaxCable, use: PowerUse): PowerLimit[] {
  checkUse(use);
  const radius = effectiveConductorDiameter(cable) / 2;
  const ratio = Math.log(effectiveShieldDiameter(cable) / (2 * radius));
  const peakVolts = lastingField(cable.dielectric.material, radius) * radius * ratio;
  return [
    heatLimit(cable, use),
    voltageLimit(cable.name, peakVolts, cable.nominalImpedance, use.swr, 'field at the inner conductor'),
  ];
}

/** The power at which the surface sheds just what brings the inner conductor to its limit. */
function heatLimit(cable: CoaxCable, { frequency, ambientCelsius, duty, swr }: PowerUse): PowerLimit {
  const top = hottest[cable.dielectric.material];
  const inside = insideRise(cable, frequency);
  const conductorAt = (surface: number) => surface + shedAt(cable, surface, ambientCelsius) * inside;
  const surface = surfaceWhere(conductorAt, top, ambientCelsius, Math.max(top, ambientCelsius));
  const shed = shedAt(cable, surface, ambientCelsius);
  const [perWatt, spot] = [heatPerWatt(cable, frequency), hotSpotFactor(swr)];
  const power = shed / (perWatt * spot * duty);
  return {
    part: cable.name,
    kind: 'heat',
    power,
    how: {
      value: power,
      kind: 'power',
      formula: 'heat shed / (heat per watt x (S2 + 1) / 2S x duty)',
      terms: [
        { label: 'Hottest inner conductor', value: top, kind: 'temperature', assumed: true },
        { label: 'Ambient', value: ambientCelsius, kind: 'temperature' },
        { label: 'Surface then', value: surface, kind: 'temperature' },
        { label: 'Heat shed to calm air, W per metre', value: shed, kind: 'ratio' },
        { label: 'Heat per watt put in, W per metre', value: perWatt, kind: 'ratio' },
        { label: 'Hot spot of the standing wave', value: spot, kind: 'ratio' },
        { label: 'Duty', value: duty, kind: 'ratio' },
      ],
      source:
        'heat conduction through dielectric and jacket; natural convection and radiation of a horizontal cylinder',
    },
  };
}

/** `P = V^2 / (2 Z S)`: the peak of a standing wave is `sqrt(2 P Z S)`. */
function voltageLimit(part: string, volts: number, impedance: number, swr: number, what: string): PowerLimit {
  const power = volts ** 2 / (2 * impedance * swr);
  return {
    part,
    kind: 'voltage',
    power,
    how: {
      value: power,
      kind: 'power',
      formula: 'V2 / (2 Z S)',
      terms: [
        { label: `Peak voltage, ${what}`, symbol: 'V', value: volts, kind: 'voltage', assumed: true },
        { label: 'Impedance', symbol: 'Z', value: impedance, kind: 'resistance' },
        { label: 'Standing-wave ratio', symbol: 'S', value: swr, kind: 'ratio' },
      ],
      source: 'peak of a standing wave; voltage is an engineering value',
    },
  };
}

/** What a mated pair stands: its class power falls with the square root of frequency, its voltage with the height. */
export function connectorPowerLimits(connector: ConnectorSeries, use: PowerUse): PowerLimit[] {
  checkUse(use);
  const derated = Math.max(0, (85 - use.ambientCelsius) / 65);
  const spot = hotSpotFactor(use.swr);
  const power = (connector.powerAt1GHz * Math.sqrt(1e9 / use.frequency) * derated) / (spot * use.duty);
  const volts = connector.peakVolts * thinAir(use.altitude);
  return [
    {
      part: connector.name,
      kind: 'heat',
      power,
      how: {
        value: power,
        kind: 'power',
        formula: 'power at 1 GHz x sqrt(1 GHz / f) x (85 - ambient) / 65 / (hot spot x duty)',
        terms: [
          { label: 'Class power at 1 GHz, 20 C', value: connector.powerAt1GHz, kind: 'power', assumed: true },
          { label: 'Frequency', symbol: 'f', value: use.frequency, kind: 'frequency' },
          { label: 'Ambient', value: use.ambientCelsius, kind: 'temperature' },
          { label: 'Hot spot of the standing wave', value: spot, kind: 'ratio' },
          { label: 'Duty', value: use.duty, kind: 'ratio' },
        ],
        source: 'engineering value',
      },
    },
    voltageLimit(connector.name, volts, connector.impedance, use.swr, 'air gap, at this height'),
  ];
}

/** Every limit of a line, the lowest first. Cables known by a sheet only have none that can be computed. */
export function powerLimits(
  cable: Cable,
  connectors: readonly ConnectorSeries[],
  use: PowerUse,
): PowerLimit[] {
  const ofCable = cable.structure === 'coax' ? cablePowerLimits(cable, use) : [];
  const distinct = connectors.filter(({ id }, n) => connectors.findIndex((other) => other.id === id) === n);
  return [...ofCable, ...distinct.flatMap((connector) => connectorPowerLimits(connector, use))].sort(
    (a, b) => a.power - b.power,
  );
}
