/** Of 0 C, K. */
const zeroCelsius = 273.15;
const gravity = 9.81;
/** Of black-body radiation, W/(m2 K4). */
const stefanBoltzmann = 5.670374e-8;

/** Air at one atmosphere by its temperature in kelvin: handbook values as powers of it, within 2 % from 270 to 500 K. */
const prandtl = 0.707;
const conductivityOfAir = (kelvin: number) => 0.0263 * (kelvin / 300) ** 0.85;
const viscosityOfAir = (kelvin: number) => 1.589e-5 * (kelvin / 300) ** 1.75;

/** Part of black-body radiation: plastic of any colour, and a metal tube that is tarnished or tinned. Handbook values. */
export const emissivity = { jacket: 0.9, 'metal tube': 0.4 } as const;

/**
 * Heat that a horizontal cable sheds to calm air and to walls as cold as the air, W per metre: natural convection by Churchill
 * and Chu, `Nu = (0.60 + 0.387 Ra^(1/6) / (1 + (0.559 / Pr)^(9/16))^(8/27))^2` with air at the mean temperature, and
 * radiation. `surface` and `air` in C, surface the warmer; `diameter` in metres.
 */
export function heatShed(surface: number, air: number, diameter: number, emits: number): number {
  const [hot, cold] = [surface + zeroCelsius, air + zeroCelsius];
  const rise = hot - cold;
  if (!(rise > 0)) return 0;
  const film = (hot + cold) / 2;
  const viscosity = viscosityOfAir(film);
  const rayleigh = ((gravity * rise * diameter ** 3) / (film * viscosity ** 2)) * prandtl;
  const nusselt =
    (0.6 + (0.387 * rayleigh ** (1 / 6)) / (1 + (0.559 / prandtl) ** (9 / 16)) ** (8 / 27)) ** 2;
  const convection = (nusselt * conductivityOfAir(film)) / diameter;
  const radiated = emits * stefanBoltzmann * (hot ** 4 - cold ** 4);
  return Math.PI * diameter * (convection * rise + radiated);
}

/**
 * The surface temperature, C, at which a rising function of it reaches a value, between `air` and `hottest`, by halving; the
 * hotter end where it does not.
 */
export function surfaceWhere(
  rising: (surface: number) => number,
  value: number,
  air: number,
  hottest: number,
): number {
  let [low, high] = [air, hottest];
  for (let halving = 0; halving < 60; halving++) {
    const middle = (low + high) / 2;
    if (rising(middle) < value) low = middle;
    else high = middle;
  }
  return high;
}
