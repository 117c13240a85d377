/** SI values in the multiples that tables and charts are written in. */
export const inMillimetres = (metres: number) => metres * 1e3;
export const inSquareMillimetres = (squareMetres: number) => squareMetres * 1e6;
export const fromSquareMillimetres = (squareMillimetres: number) => squareMillimetres * 1e-6;
export const inKilohertz = (hertz: number) => hertz / 1e3;
export const inMegahertz = (hertz: number) => hertz / 1e6;
export const fromMegahertz = (megahertz: number) => megahertz * 1e6;
export const inMicroseconds = (seconds: number) => seconds * 1e6;
export const inNanoseconds = (seconds: number) => seconds * 1e9;
export const inPicofarads = (farads: number) => farads * 1e12;
export const inNanohenries = (henries: number) => henries * 1e9;
