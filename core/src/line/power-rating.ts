import { computedAttenuation, fittedAttenuation } from '../cable/attenuation.ts';
import type { Cable, CoaxCable } from '../cable/cable.ts';
import { overBraid } from '../cable/braid.ts';
import { effectiveConductorDiameter, effectiveShieldDiameter } from '../cable/electrical.ts';
import { lineFigures } from '../cable/line-figures.ts';
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

/** Heat that a jacket sheds in calm air, W per square metre and kelvin: on the safe side. Engineering value. */
const shedding = 10;

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

/** Field at the inner conductor that the dielectric stands for good, V/m. Engineering values, from rated voltages. */
const lastingField = {
  polyethylene: 3.7e6,
  'foam polyethylene': 1.8e6,
  PTFE: 4e6,
  'fused disc': 1e6,
} as const;

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

/** Kelvin that the inner conductor and the jacket stand above the air for each watt put in, per metre of cable. */
export function temperatureRise(cable: CoaxCable, frequency: number): { conductor: number; jacket: number } {
  const top = hottest[cable.dielectric.material];
  const parts = computedAttenuation(cable, frequency, top);
  const warm = parts.total / computedAttenuation(cable, frequency).total;
  const nominal = fittedAttenuation(lineFigures(cable).fit, frequency) * warm;
  const heat = (2 * nominal) / 100 / decibelsPerNeper;
  const { diameter } = cable.jacket;
  const air = 1 / (shedding * Math.PI * diameter);
  const through = (outer: number, inner: number, k: number) =>
    outer > inner ? Math.log(outer / inner) / (2 * Math.PI * k) : 0;
  const jacket = through(diameter, overBraid(cable), conductivity.jacket);
  const dielectric = through(
    effectiveShieldDiameter(cable),
    effectiveConductorDiameter(cable),
    conductivity[cable.dielectric.material],
  );
  const inner = parts.conductor / parts.total;
  const inside = parts.dielectric / parts.total;
  return {
    conductor: heat * ((inner + inside / 2) * dielectric + jacket + air),
    jacket: heat * air,
  };
}

/**
 * Power at which the inner conductor reaches what its dielectric stands, and at which the field at its surface does.
 * Source: heat conduction through layers; shedding, temperatures and fields are engineering values.
 * @throws RangeError when the use cannot be.
 */
export function cablePowerLimits(cable: CoaxCable, use: PowerUse): PowerLimit[] {
  checkUse(use);
  const top = hottest[cable.dielectric.material];
  const rise = temperatureRise(cable, use.frequency).conductor;
  const spot = hotSpotFactor(use.swr);
  const heatPower = Math.max(0, top - use.ambientCelsius) / (rise * spot * use.duty);
  const radius = effectiveConductorDiameter(cable) / 2;
  const ratio = Math.log(effectiveShieldDiameter(cable) / (2 * radius));
  const peakVolts = lastingField[cable.dielectric.material] * radius * ratio;
  return [
    {
      part: cable.name,
      kind: 'heat',
      power: heatPower,
      how: {
        value: heatPower,
        kind: 'power',
        formula: '(hottest - ambient) / (rise per watt x (S2 + 1) / 2S x duty)',
        terms: [
          { label: 'Hottest inner conductor', value: top, kind: 'temperature', assumed: true },
          { label: 'Ambient', value: use.ambientCelsius, kind: 'temperature' },
          { label: 'Rise per watt, calm air', value: rise, kind: 'ratio', assumed: true },
          { label: 'Hot spot of the standing wave', value: spot, kind: 'ratio' },
          { label: 'Duty', value: use.duty, kind: 'ratio' },
        ],
        source: 'heat conduction through dielectric and jacket, 10 W/m2K to calm air: engineering value',
      },
    },
    voltageLimit(cable.name, peakVolts, cable.nominalImpedance, use.swr, 'field at the inner conductor'),
  ];
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
