import { parseArgs } from 'node:util';
import type { Loss } from '../e2e/kills.ts';
import { killBrowsers } from '../e2e/kills.ts';
import { answers, serve } from './built-server.ts';

/**
 * Kills browsers at work and looks what they have lost, `npm run torture -- --kills 200 --seed 1`, and offers files in
 * which something was changed, `--files 10000`.
 */
const { values } = parseArgs({
  options: {
    kills: { type: 'string', default: '200' },
    files: { type: 'string', default: '0' },
    seed: { type: 'string', default: '1' },
  },
});
const seed = Number(values.seed);
const port = 4793;
const address = `http://127.0.0.1:${port}`;

async function kill(kills: number): Promise<number> {
  const server = await serve(port, '--demo');
  try {
    await answers(address);
    let losses = 0;
    const onKill = (done: number, lost: readonly Loss[]) => {
      for (const { kill, message } of lost) console.log(`kill ${kill}: ${message}`);
      losses += lost.length;
      if (done % 10 === 0) console.log(`${done} of ${kills} kills, ${losses} losses`);
    };
    await killBrowsers({ kills, seed, address, onKill });
    console.log(`${losses} losses in ${kills} kills`);
    return losses;
  } finally {
    server.kill();
  }
}

async function changeFiles(files: number): Promise<number> {
  const { offerChangedFiles } = await import('../web/test/torture-files.ts');
  const { harm, taken } = await offerChangedFiles({
    files,
    seed,
    onFile: (done) => done % 500 === 0 && console.log(`${done} of ${files} files`),
  });
  for (const { file, message } of harm) console.log(`file ${file}: ${message}`);
  console.log(
    `${harm.length} taken wrongly, refused without words or changing data, of ${files} changed files`,
  );
  console.log(`${taken} were taken, whole or what of them holds`);
  return harm.length;
}

const [kills, files] = [Number(values.kills), Number(values.files)];
const found = (kills > 0 ? await kill(kills) : 0) + (files > 0 ? await changeFiles(files) : 0);
process.exitCode = found === 0 ? 0 : 1;
