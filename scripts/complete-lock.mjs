import { readFileSync, writeFileSync } from 'node:fs';
import { root } from './setup.mjs';

/**
 * Some registries do not carry the builds of a package for other platforms; an install there leaves them out of the
 * lock file, and then `npm ci` refuses it everywhere. Run after changing a dependency: writes them back in.
 */
const path = `${root}package-lock.json`;
const lock = JSON.parse(readFileSync(path, 'utf8'));
const systems = [
  'android',
  'darwin',
  'freebsd',
  'linux',
  'openharmony',
  'win32',
  'aix',
  'netbsd',
  'openbsd',
  'sunos',
];
const processors = [
  'arm64',
  'arm',
  'x64',
  'ia32',
  'ppc64',
  'riscv64',
  'loong64',
  's390x',
  'mips64el',
  'wasm32',
];

for (const [owner, { optionalDependencies = {} }] of Object.entries(lock.packages)) {
  for (const [name, version] of Object.entries(optionalDependencies)) {
    const words = name.split(/[-/]/);
    const os = systems.filter((system) => words.includes(system));
    const cpu = processors.filter((processor) => words.includes(processor));
    const known = lock.packages[`node_modules/${name}`] ?? lock.packages[`${owner}/node_modules/${name}`];
    if (known || os.length + cpu.length === 0) continue;
    lock.packages[`node_modules/${name}`] = {
      version,
      dev: true,
      optional: true,
      ...(os.length > 0 && { os }),
      ...(cpu.length > 0 && { cpu }),
    };
  }
}
const sorted = Object.entries(lock.packages).sort(([a], [b]) => (a < b ? -1 : 1));
writeFileSync(path, `${JSON.stringify({ ...lock, packages: Object.fromEntries(sorted) }, null, 2)}\n`);
