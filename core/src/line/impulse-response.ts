import FFT from 'fft.js';
import type { Reflections } from './reflection-model.ts';
import { windowAt } from './window.ts';

/**
 * Impulse response of a reflection from `lowest` hertz on in even steps, one value per `timeStep` seconds, by windowed inverse
 * transform; the sum of its values up to a time is the step response. Values at negative times stand at the end.
 */
export function impulseResponse(
  { re, im }: Reflections,
  lowest: number,
  step: number,
): { readonly impulse: Float64Array; readonly timeStep: number } {
  const count = re.length;
  const size = 2 ** Math.ceil(Math.log2(4 * count));
  const transform = new FFT(size);
  const spectrum = transform.createComplexArray();
  for (let n = 0; n < count; n++) {
    const weight = windowAt(n / (count - 1)) * (n === 0 && lowest === 0 ? 1 : 2);
    spectrum[2 * n] = re[n]! * weight;
    spectrum[2 * n + 1] = im[n]! * weight;
  }
  const time = transform.createComplexArray();
  transform.inverseTransform(time, spectrum);
  const timeStep = 1 / (size * step);
  return {
    timeStep,
    impulse: Float64Array.from({ length: size }, (_, n) => {
      const angle = 2 * Math.PI * lowest * timeStep * (n < size / 2 ? n : n - size);
      return time[2 * n]! * Math.cos(angle) - time[2 * n + 1]! * Math.sin(angle);
    }),
  };
}
