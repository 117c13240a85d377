import { parseArgs } from 'node:util';
import { readFileSync, writeFileSync } from 'node:fs';

/** The floors of the core as one picture, made from the list that the dependency check reads; `--check` only compares. */
interface Floor {
  readonly floor: string;
  readonly answers: string;
}

const read = (path: string) => readFileSync(new URL(path, import.meta.url), 'utf8');
const floors = JSON.parse(read('../core/floors.json')) as Floor[];
const page = new URL('../docs/architecture.md', import.meta.url);
const [start, end] = ['<!-- floors -->', '<!-- /floors -->'];

const widest = Math.max(...floors.map(({ floor }) => floor.length));
const rows = [...floors]
  .map(
    ({ floor, answers }, height) => `${String(height + 1).padStart(2)}  ${floor.padEnd(widest)}  ${answers}`,
  )
  .reverse();
const picture = ['```text', ...rows, '```'].join('\n');

const text = readFileSync(page, 'utf8');
const [before, rest] = text.split(start);
const after = rest?.split(end)[1];
if (before === undefined || after === undefined)
  throw new Error(`docs/architecture.md lacks ${start} or ${end}.`);
const wanted = `${before}${start}\n\n${picture}\n\n${end}${after}`;
const { check } = parseArgs({ options: { check: { type: 'boolean' } } }).values;
if (!check) writeFileSync(page, wanted);
else if (wanted !== text) {
  console.error('docs/architecture.md does not show the floors as they are: run "npm run floors".');
  process.exit(1);
}
