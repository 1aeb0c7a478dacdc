const core = require('../core/jest.config.cjs');

/** @type {import('jest').Config} */
module.exports = {
  ...core,
  rootDir: __dirname,
  testMatch: ['<rootDir>/src/**/*.test.ts'],
};
