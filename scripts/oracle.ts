import { parseArgs } from 'node:util';
import { readFileSync } from 'node:fs';
import type { OracleFile } from '@gorvane/core/oracle/evaluate.ts';
import { oracleDeviation } from '@gorvane/core/oracle/evaluate.ts';

/** Evaluates reference files with the core and prints the worst deviation of each quantity. */
function evaluate(path: string): boolean {
  const file = JSON.parse(readFileSync(path, 'utf8')) as OracleFile;
  const worst = new Map<string, { deviation: number; id: string }>();
  for (const each of file.cases) {
    for (const [quantity, deviation] of Object.entries(oracleDeviation(each))) {
      const known = worst.get(quantity);
      if (!known || !(deviation <= known.deviation)) worst.set(quantity, { deviation, id: each.id });
    }
  }
  console.log(`${path}: ${file.cases.length} cases`);
  let good = true;
  for (const [quantity, limit] of Object.entries(file.tolerance.limits)) {
    const found = worst.get(quantity);
    if (!found) continue;
    const within = found.deviation <= limit;
    good &&= within;
    console.log(
      `  ${within ? 'Good' : 'Out '} ${quantity.padEnd(30)} worst ${found.deviation.toExponential(2)} of ${limit.toExponential(2)} (${found.id})`,
    );
  }
  return good;
}

const files = parseArgs({ allowPositionals: true }).positionals;
if (files.length === 0) {
  console.error('Usage: npm run oracle -- FILE...');
  process.exit(2);
}
try {
  const results = files.map(evaluate);
  process.exit(results.every(Boolean) ? 0 : 1);
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exit(2);
}
