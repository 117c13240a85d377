const transform = {
  '^.+\\.(tsx?|js)$': [
    '@swc/jest',
    {
      jsc: {
        parser: { syntax: 'typescript', tsx: true },
        transform: { react: { runtime: 'automatic' } },
        target: 'es2022',
      },
      // As ES modules they would be linked anew for every test file, which takes a quarter of its time.
      module: { type: 'commonjs' },
    },
  ],
};

/** What is installed runs as it comes, but for packages that come as ES modules only. */
const asItComes = '/node_modules/(?!(@noble|@zip.js|uuid)/)';

const shared = {
  // The default would take scripts/test.mjs, which runs the tests, for one of them.
  testMatch: ['**/*.test.{ts,tsx}'],
  transform,
  transformIgnorePatterns: [asItComes],
  moduleNameMapper: {
    '^(@zip.js/zip.js/lib/.*)$': '<rootDir>/node_modules/$1',
    '^@noble/hashes/sha2\\.js$': '<rootDir>/core/src/testing/sha256.ts',
  },
};

export default {
  // `npm run unit` has functions optimized later (`--interrupt-budget`), for every test file makes them anew, and more room for what
  // lives shortly (`--max-semi-space-size`).
  // Jest leaves a core idle by default; here there are two, and both work.
  maxWorkers: '100%',
  testTimeout: 300_000,
  // Modules of a test file are never let go by a worker: one that has grown is followed by a fresh one.
  workerIdleMemoryLimit: '1200MB',
  projects: [
    {
      ...shared,
      displayName: 'core',
      testEnvironment: 'node',
      roots: ['<rootDir>/core/src', '<rootDir>/demo/src', '<rootDir>/server/src', '<rootDir>/scripts'],
    },
    {
      ...shared,
      displayName: 'web',
      testEnvironment: '<rootDir>/web/test/environment.mjs',
      roots: ['<rootDir>/web/src'],
      setupFiles: ['fake-indexeddb/auto', '<rootDir>/web/test/setup.ts'],
      moduleNameMapper: {
        ...shared.moduleNameMapper,
        '\\.css$': '<rootDir>/web/test/style.ts',
        '^(.*\\.woff)\\?url$': '$1',
        // The one for development keeps a stack of every element that is made: a fifth of the time.
        '^react/jsx-runtime$': '<rootDir>/node_modules/react/cjs/react-jsx-runtime.production.js',
      },
      transform: { ...transform, '\\.woff$': '<rootDir>/web/test/font-transform.mjs' },
      transformIgnorePatterns: [`${asItComes}.*(?<!\\.woff)$`],
    },
  ],
};
