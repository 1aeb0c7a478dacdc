/** @type {import('jest').Config} */
module.exports = {
  preset: 'jest-expo',
  setupFiles: ['<rootDir>/jest.speaks.ts'],
  setupFilesAfterEnv: ['<rootDir>/jest.waits.ts'],
  testTimeout: 30_000,
  testMatch: ['<rootDir>/{src,bundle}/**/*.test.{ts,tsx}'],
  transformIgnorePatterns: [
    '/node_modules/(?!((jest-)?react-native|@react-native(-community)?|expo(nent)?|@expo(nent)?/.*|expo-.*|nativewind|react-native-.*|idb|date-fns|d3-polygon|intl-messageformat|@formatjs/.*|@tanstack/.*|@cricket/.*)/)',
  ],
};
