const path = require('node:path');
const floors = require('./core/floors.json').map(({ floor }) => floor);

const test = '\\.test\\.tsx?$';
const testing = '^core/src/testing/';

/** Each floor of core imports only itself and floors below it, types included; tests and their helpers stand apart. */
const floorRules = floors.slice(0, -1).map((floor, height) => ({
  name: `floor-${floor}-imports-no-floor-above`,
  severity: 'error',
  from: { path: `^core/src/${floor}/`, pathNot: test },
  to: { path: `^core/src/(${floors.slice(height + 1).join('|')})/` },
}));

/** Imports run one way: core knows nobody; demo and server know core; web knows core; places never know each other. */
module.exports = {
  forbidden: [
    ...floorRules,
    {
      name: 'every-folder-of-core-is-a-floor',
      severity: 'error',
      from: { path: '^core/src/', pathNot: `^core/src/(${floors.join('|')}|testing)/` },
      to: {},
    },
    {
      name: 'only-tests-use-testing',
      severity: 'error',
      from: { path: '^(core|web|server|demo)/src', pathNot: [test, testing, '/testing/'] },
      to: { path: testing },
    },
    {
      name: 'core-knows-nobody',
      severity: 'error',
      from: { path: '^core/src' },
      to: { path: '^(web|server|demo|e2e)/' },
    },
    {
      name: 'core-has-no-interface-and-no-storage',
      severity: 'error',
      from: { path: '^core/src', pathNot: test },
      to: { path: 'node_modules/(react|dexie|@mantine|express)|^node:' },
    },
    {
      name: 'demo-and-server-know-core',
      severity: 'error',
      from: { path: '^(demo|server)/src' },
      to: { path: '^(web|e2e)/' },
    },
    {
      name: 'web-knows-core',
      severity: 'error',
      from: { path: '^web/src' },
      to: { path: '^(server|demo|e2e)/' },
    },
    {
      name: 'places-apart',
      severity: 'error',
      from: { path: '^web/src/places/([^/]+)/' },
      to: { path: '^web/src/places/', pathNot: '^web/src/places/$1/' },
    },
    {
      name: 'below-the-places',
      severity: 'error',
      from: { path: '^web/src/(drawing|controls|data|draft|work)/', pathNot: test },
      to: { path: '^web/src/(places|app)/' },
    },
    {
      name: 'app-is-the-top',
      severity: 'error',
      from: { path: '^web/src/places/' },
      to: { path: '^web/src/app/' },
    },
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'no-orphans',
      severity: 'error',
      from: { orphan: true, pathNot: `(${test}|\\.d\\.ts$|/main\\.tsx?$|write\\.ts$)` },
      to: {},
    },
  ],
  options: {
    tsConfig: { fileName: path.join(__dirname, 'tsconfig.base.json') },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'default'] },
  },
};
