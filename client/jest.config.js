/** @type {import('jest').Config} */
module.exports = {
  preset: 'jest-expo',
  setupFiles: ['<rootDir>/jest.speaks.ts'],
  testMatch: ['<rootDir>/{src,bundle}/**/*.test.{ts,tsx}'],
  transformIgnorePatterns: [
    '/node_modules/(?!((jest-)?react-native|@react-native(-community)?|expo(nent)?|@expo(nent)?/.*|expo-.*|nativewind|react-native-.*|idb|date-fns|d3-polygon|intl-messageformat|@formatjs/.*|@tanstack/.*|@cricket/.*)/)',
  ],
};
