const preset = require('../../tools/jest/preset.cjs');

module.exports = {
  ...preset,
  testEnvironment: 'node',
  setupFiles: [...preset.setupFiles, 'reflect-metadata'],
  // The first test of a fresh clone waits until the whole server has been compiled, beside another that does the same.
  testTimeout: 60_000,
};
