const preset = require('../tools/jest/preset.cjs');

module.exports = {
  ...preset,
  testEnvironment: 'node',
  globalSetup: '<rootDir>/seedOnce.cjs',
  globalTeardown: '<rootDir>/removeSeed.cjs',
  testTimeout: 240_000,
  setupFilesAfterEnv: ['<rootDir>/src/support/nothingBroke.ts'],
};
