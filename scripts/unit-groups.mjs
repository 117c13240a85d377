import { mkdirSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { root } from './setup.mjs';

/** Where each project of jest.config.js has its tests. */
const roots = { core: ['core/src', 'demo/src', 'server/src', 'scripts'], web: ['web/src'] };

/**
 * Writes the groups in which a whole run takes the unit tests, and says where they lie. All files of a folder read what they test
 * once between them, and it is compiled once; each still has its own set-up, and leaves the page and the database as it found
 * them. By itself a file runs as it stands: `npm run unit`.
 */
export function writeUnitGroups() {
  const groups = join(root, '.reports/groups');
  rmSync(groups, { recursive: true, force: true });
  for (const [project, folders] of Object.entries(roots)) {
    mkdirSync(join(groups, project), { recursive: true });
    const files = folders.flatMap((folder) =>
      readdirSync(join(root, folder), { recursive: true })
        .filter((file) => /\.test\.tsx?$/.test(file))
        .map((file) => join(folder, file)),
    );
    for (const [name, members] of Object.entries(groupsOf(files)))
      writeFileSync(
        join(groups, project, `${name.replaceAll('/', '-')}.test.ts`),
        members.map((file) => inItsOwn(project, file)).join(''),
      );
  }
}

function groupsOf(files) {
  const groups = {};
  for (const file of files.sort())
    (groups[isAlone(file) ? file.replace(/\.test\.tsx?$/, '') : dirname(file)] ??= []).push(file);
  return groups;
}

/** One that puts something else in the place of a module: what the others have read would stand in its way. */
const isAlone = (file) => /\bjest\.\w*mock(Module)?\(/i.test(readFileSync(join(root, file), 'utf8'));

/** A file's tests under its name, with what it sets up and takes down for itself alone. */
function inItsOwn(project, file) {
  const read = (path) => `require(${JSON.stringify(join(root, path))})`;
  const leave = project === 'web' ? `  afterAll(${read('web/test/leave.ts')}.leave);\n` : '';
  return `describe(${JSON.stringify(file)}, () => {\n${leave}  ${read(file)};\n});\n`;
}
