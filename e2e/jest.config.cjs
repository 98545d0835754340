const preset = require('../tools/jest/preset.cjs');

module.exports = {
  ...preset,
  testEnvironment: 'node',
  testTimeout: 240_000,
  setupFilesAfterEnv: ['<rootDir>/src/support/nothingBroke.ts'],
};
