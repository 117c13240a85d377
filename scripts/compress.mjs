import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';

/** Writes every text of the build a second time, compressed: the server sends that to whoever takes it. */
const folder = new URL('../web/dist', import.meta.url).pathname;
const isText = (name) => /\.(js|css|html|svg|json|webmanifest)$/.test(name);
/** Below this a file is not worth a second one, bytes. */
const least = 1000;

for (const entry of readdirSync(folder, { recursive: true, withFileTypes: true })) {
  if (!entry.isFile() || !isText(entry.name)) continue;
  const path = join(entry.parentPath, entry.name);
  const bytes = readFileSync(path);
  if (bytes.length < least) continue;
  writeFileSync(`${path}.br`, brotliCompressSync(bytes));
  writeFileSync(`${path}.gz`, gzipSync(bytes));
}
