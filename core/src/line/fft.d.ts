declare module 'fft.js' {
  export default class FFT {
    constructor(size: number);
    readonly size: number;
    createComplexArray(): number[];
    realTransform(spectrum: number[], values: readonly number[]): void;
    inverseTransform(out: number[], data: number[]): void;
  }
}
