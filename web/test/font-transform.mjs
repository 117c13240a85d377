import { readFileSync } from 'node:fs';

/** A font file as an address that holds it: nothing serves it in a test. */
export default {
  process: (_text, path) => ({
    code: `exports.__esModule = true; exports.default = "data:font/woff;base64,${readFileSync(path).toString('base64')}";`,
  }),
};
