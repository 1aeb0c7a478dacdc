const { sandboxInjectedGlobals, transform } = require('../core/jest.config.cjs');
const [withoutMetadata] = Object.values(transform);

/** @type {import('jest').Config} */
module.exports = {
  rootDir: __dirname,
  testEnvironment: 'node',
  sandboxInjectedGlobals,
  testMatch: ['<rootDir>/test/**/*.test.ts', '<rootDir>/src/**/*.test.ts'],
  transform: {
    // As in production: no decorator metadata, so that a column without an explicit type fails here too.
    '^.+\\.(tsx?|mjs)$': withoutMetadata,
    '/node_modules/.+\\.js$': ['@swc/jest', { jsc: { target: 'es2022' }, module: { type: 'commonjs' } }],
  },
  transformIgnorePatterns: [
    '/node_modules/(?!(hono|@hono|p-limit|yocto-queue|d3-polygon|intl-messageformat|@formatjs)/)',
  ],
  globalSetup: '<rootDir>/test/templates.testing.ts',
  globalTeardown: '<rootDir>/test/drop-templates.testing.ts',
  testTimeout: 30000,
};
