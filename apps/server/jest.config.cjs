const preset = require('../../tools/jest/preset.cjs');

module.exports = {
  ...preset,
  testEnvironment: 'node',
  // The streams of the MQTT packages declare a Number of their own.
  sandboxInjectedGlobals: preset.sandboxInjectedGlobals.filter((name) => name !== 'Number'),
  // What only a server of databases does is tested where there is one.
  testPathIgnorePatterns: ['/node_modules/', '\\.postgres\\.test\\.ts$'],
  setupFiles: [...preset.setupFiles, 'reflect-metadata'],
  // The first test of a fresh clone waits until the whole server has been compiled, beside another that does the same.
  testTimeout: 60_000,
};
