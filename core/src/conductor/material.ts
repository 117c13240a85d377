/** Metals that cables and contacts are made of. Resistivity in ohm metre at 20 C, temperature coefficient per kelvin. */
export interface Metal {
  readonly resistivity: number;
  readonly temperatureCoefficient: number;
  readonly source: string;
}

export const metals = {
  copper: { resistivity: 1.7241e-8, temperatureCoefficient: 0.00393, source: 'IEC 60028, annealed copper' },
  silver: { resistivity: 1.59e-8, temperatureCoefficient: 0.0038, source: 'handbook value, pure silver' },
  tin: { resistivity: 1.15e-7, temperatureCoefficient: 0.0045, source: 'handbook value, pure tin' },
  aluminium: {
    resistivity: 2.82e-8,
    temperatureCoefficient: 0.0039,
    source: 'IEC 60889, hard-drawn, rounded',
  },
  bronze: {
    resistivity: 9e-8,
    temperatureCoefficient: 0.002,
    source: 'engineering value, phosphor bronze',
  },
  steel: {
    resistivity: 1.8e-7,
    temperatureCoefficient: 0.0045,
    source: 'engineering value, mild core steel',
  },
} as const satisfies Record<string, Metal>;

export type MetalName = keyof typeof metals;

/** Resistivity at a temperature in degrees Celsius, ohm metre: `rho20 (1 + a (T - 20))`. */
export function resistivityAt(metal: MetalName, celsius: number): number {
  const { resistivity, temperatureCoefficient } = metals[metal];
  return resistivity * (1 + temperatureCoefficient * (celsius - 20));
}
