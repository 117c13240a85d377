declare module 'fft.js' {
  export default class FFT {
    constructor(size: number);
    createComplexArray(): number[];
    inverseTransform(out: number[], data: number[]): void;
  }
}
