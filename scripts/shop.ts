import { createWriteStream } from 'node:fs';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { parseArgs } from 'node:util';
import { asStored } from '@gorvane/core/unit/as-stored.ts';
import { headNames } from '@gorvane/core/file/archive-tables.ts';
import { ArchiveWriter } from '@gorvane/core/file/archive-writer.ts';
import { ZipFile } from '@gorvane/core/file/archive-zip.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import { planHash, planText } from '@gorvane/core/plan/plan-hash.ts';
import { yearsOfShop } from '@gorvane/demo/years.ts';

/** Writes an archive of a shop of years: `npm run shop -- --units 20000 --seed 1 --out shop.zip`. */
const { values } = parseArgs({
  options: {
    units: { type: 'string', default: '2000' },
    seed: { type: 'string', default: '1' },
    out: { type: 'string', default: 'shop.zip' },
  },
});

async function write(): Promise<void> {
  const { head, orders } = yearsOfShop(Number(values.units), Number(values.seed));
  const zip = new ZipFile();
  const writer = new ArchiveWriter(zip.put);
  for (const name of headNames) writer.table(name, head[name]);
  let entries = 0;
  const written = new Set<FrozenPlan>();
  for (const { units, events } of orders()) {
    for (const { plan } of units) {
      if (!plan || written.has(plan)) continue;
      written.add(plan);
      writer.plan(planHash(plan), new TextEncoder().encode(planText(plan)));
    }
    writer.units(units.map(asStored), [JSON.stringify(events)]);
    entries += events.length;
    await zip.written();
  }
  const file = await zip.close(writer.checksums, '2026-11-24T07:00:00.000Z');
  await pipeline(Readable.fromWeb(file.stream() as never), createWriteStream(values.out));
  console.log(
    `${values.units} units, ${entries} entries, ${Math.round(file.size / 1e6)} MB in ${values.out}`,
  );
}

await write();
