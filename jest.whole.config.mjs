import base from './jest.config.mjs';
import { writeUnitGroups } from './scripts/unit-groups.mjs';

writeUnitGroups();

/** The tests of a whole run, in the groups that share what they read. */
export default {
  ...base,
  projects: base.projects.map((project) => ({
    ...project,
    roots: [`<rootDir>/.reports/groups/${project.displayName}`],
  })),
};
