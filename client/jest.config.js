const { sandboxInjectedGlobals, transform } = require('../core/jest.config.cjs');
const [withoutBabel] = Object.values(transform);

/** @type {import('jest').Config} */
module.exports = {
  preset: 'jest-expo',
  sandboxInjectedGlobals,
  setupFiles: ['<rootDir>/jest.speaks.ts'],
  setupFilesAfterEnv: ['<rootDir>/jest.waits.ts'],
  testTimeout: 30_000,
  transform: {
    // Neither pages nor their packages.
    '/(core|contract|words)/src/.+\\.ts$': withoutBabel,
    '/node_modules/(@formatjs|@tanstack|d3-polygon|date-fns|idb|intl-messageformat)/.+\\.js$': withoutBabel,
  },
  testMatch: ['<rootDir>/{src,bundle}/**/*.test.{ts,tsx}'],
  transformIgnorePatterns: [
    '/node_modules/(?!((jest-)?react-native|@react-native(-community)?|expo(nent)?|@expo(nent)?/.*|expo-.*|nativewind|react-native-.*|idb|date-fns|d3-polygon|intl-messageformat|@formatjs/.*|@tanstack/.*|@cricket/.*)/)',
  ],
};
