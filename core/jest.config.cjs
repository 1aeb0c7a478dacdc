/** @type {import('jest').Config} */
module.exports = {
  rootDir: __dirname,
  testEnvironment: 'node',
  // Handed to each module. Otherwise every mention of one is a question to the sandbox that the tests run in: listing the washers of a
  // side took six times as long by it. Nothing that a test may put something else in place of.
  sandboxInjectedGlobals: [
    'Array',
    'Float64Array',
    'Infinity',
    'Int32Array',
    'Map',
    'Math',
    'Number',
    'Object',
    'Set',
    'Uint8Array',
  ],
  testMatch: ['<rootDir>/src/**/*.test.ts', '<rootDir>/calc/**/*.test.ts'],
  // Shipped as ES modules, which Node's own require does not read.
  transformIgnorePatterns: ['/node_modules/(?!(d3-polygon|intl-messageformat|@formatjs)/)'],
  transform: {
    '^.+\\.[jt]sx?$': [
      '@swc/jest',
      {
        jsc: {
          target: 'es2022',
          parser: { syntax: 'typescript', decorators: true },
          transform: { legacyDecorator: true, decoratorMetadata: false, useDefineForClassFields: false },
        },
      },
    ],
  },
};
