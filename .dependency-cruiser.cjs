const path = require('node:path');

/** Imports run one way: core knows nobody; demo and server know core; web knows core; places never know each other. */
module.exports = {
  forbidden: [
    {
      name: 'core-knows-nobody',
      severity: 'error',
      from: { path: '^core/src' },
      to: { path: '^(web|server|demo|e2e)/' },
    },
    {
      name: 'core-has-no-interface-and-no-storage',
      severity: 'error',
      from: { path: '^core/src', pathNot: '\\.test\\.ts$' },
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
      from: { path: '^web/src/(drawing|controls|data|draft)/', pathNot: '\\.test\\.tsx?$' },
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
      to: {
        circular: true,
        dependencyTypesNot: ['type-only'],
        viaOnly: { dependencyTypesNot: ['type-only'] },
      },
    },
    {
      name: 'no-orphans',
      severity: 'error',
      from: { orphan: true, pathNot: '(\\.test\\.tsx?|\\.d\\.ts|/main\\.tsx?|write\\.ts)$' },
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
