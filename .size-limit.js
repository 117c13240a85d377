import { readFileSync } from 'node:fs';

/** The first screen: the entry, the bench, and all that they import without being asked. */
const manifest = JSON.parse(readFileSync(new URL('web/dist/.vite/manifest.json', import.meta.url), 'utf8'));
const files = new Set();
const collect = (key) => {
  const chunk = manifest[key];
  if (files.has(chunk.file)) return;
  files.add(chunk.file);
  (chunk.imports ?? []).forEach(collect);
};
Object.keys(manifest)
  .filter((key) => manifest[key].isEntry)
  .forEach(collect);

export default [
  {
    name: 'JavaScript of the first screen',
    path: [...files].map((file) => `web/dist/${file}`),
    gzip: true,
    limit: '200 kB',
  },
];
