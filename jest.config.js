const shared = {
  transform: {
    '^.+\\.(tsx?|m?js)$': [
      '@swc/jest',
      {
        jsc: {
          target: 'es2022',
          parser: { syntax: 'typescript', tsx: true },
          transform: { react: { runtime: 'automatic' } },
        },
        module: { type: 'commonjs' },
      },
    ],
  },
  transformIgnorePatterns: ['/node_modules/(?!(@noble|d3-[a-z-]+|internmap|@koa|koa-[a-z-]+|uuid)/)'],
  moduleNameMapper: { '\\.css$': '<rootDir>/web/test/noStyles.ts' },
  testEnvironment: 'node',
};

/** A machine that runs everything at once takes seconds for what takes one alone; what hangs is still told. */
const TEST_TIMEOUT_MS = 60_000;

export default {
  testTimeout: TEST_TIMEOUT_MS,
  // Else one core of two stands idle: the whole takes half as long.
  maxWorkers: '100%',
  projects: [
    {
      ...shared,
      displayName: 'core',
      testMatch: ['<rootDir>/core/src/**/*.test.ts', '<rootDir>/tools/**/*.test.ts'],
      setupFiles: ['<rootDir>/core/src/test-support/seed.ts'],
    },
    { ...shared, displayName: 'cli', testMatch: ['<rootDir>/cli/src/**/*.test.ts'] },
    { ...shared, displayName: 'contract', testMatch: ['<rootDir>/contract/src/**/*.test.ts'] },
    { ...shared, displayName: 'drawing', testMatch: ['<rootDir>/drawing/src/**/*.test.ts'] },
    { ...shared, displayName: 'web', testMatch: ['<rootDir>/web/src/**/*.test.ts'] },
    {
      ...shared,
      displayName: 'panels',
      testMatch: ['<rootDir>/web/src/**/*.test.tsx'],
      testEnvironment: '<rootDir>/web/test/browser.mjs',
      setupFiles: ['<rootDir>/web/test/workers.ts'],
      setupFilesAfterEnv: ['<rootDir>/web/test/afterEach.ts'],
    },
    {
      ...shared,
      displayName: 'server',
      testMatch: ['<rootDir>/server/**/*.test.ts'],
      globalSetup: '<rootDir>/server/test/globalSetup.mjs',
      globalTeardown: '<rootDir>/server/test/globalTeardown.mjs',
    },
  ],
};
