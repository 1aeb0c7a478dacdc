const plain = {
  target: 'es2022',
  parser: { syntax: 'typescript', decorators: true },
  transform: { legacyDecorator: true, decoratorMetadata: false, useDefineForClassFields: false },
};
const commonjs = { type: 'commonjs' };

/** @type {import('jest').Config} */
module.exports = {
  preset: 'jest-expo',
  sandboxInjectedGlobals: require('../core/jest.config.cjs').sandboxInjectedGlobals,
  setupFiles: ['<rootDir>/jest.speaks.ts'],
  setupFilesAfterEnv: ['<rootDir>/jest.waits.ts'],
  testTimeout: 30_000,
  transform: {
    // Neither pages nor their packages: what needs no Babel takes a tenth of the time without it.
    '/(core|contract|words)/src/.+\\.ts$': ['@swc/jest', { jsc: plain, module: commonjs }],
    '/node_modules/(@formatjs|@tanstack|d3-polygon|date-fns|idb|intl-messageformat)/.+\\.js$': [
      '@swc/jest',
      { jsc: { target: 'es2022' }, module: commonjs },
    ],
  },
  testMatch: ['<rootDir>/{src,bundle}/**/*.test.{ts,tsx}'],
  transformIgnorePatterns: [
    '/node_modules/(?!((jest-)?react-native|@react-native(-community)?|expo(nent)?|@expo(nent)?/.*|expo-.*|nativewind|react-native-.*|idb|date-fns|d3-polygon|intl-messageformat|@formatjs/.*|@tanstack/.*|@cricket/.*)/)',
  ],
};
