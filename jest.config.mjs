const transform = {
  '^.+\\.tsx?$': [
    '@swc/jest',
    {
      jsc: {
        parser: { syntax: 'typescript', tsx: true },
        transform: { react: { runtime: 'automatic' } },
        target: 'es2022',
      },
      module: { type: 'es6' },
    },
  ],
};

const shared = {
  transform,
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
};

export default {
  testTimeout: 60_000,
  projects: [
    {
      ...shared,
      displayName: 'core',
      testEnvironment: 'node',
      roots: ['<rootDir>/core/src', '<rootDir>/demo/src', '<rootDir>/server/src'],
    },
    {
      ...shared,
      displayName: 'web',
      testEnvironment: '<rootDir>/web/test/environment.mjs',
      roots: ['<rootDir>/web/src'],
      setupFiles: ['fake-indexeddb/auto', '<rootDir>/web/test/setup.ts'],
      moduleNameMapper: { '\\.css$': '<rootDir>/web/test/style.ts' },
    },
  ],
};
