const preset = require('../../tools/jest/preset.cjs');

module.exports = {
  ...preset,
  testEnvironment: 'node',
  // The streams of the MQTT packages declare a Number of their own.
  sandboxInjectedGlobals: preset.sandboxInjectedGlobals.filter((name) => name !== 'Number'),
};
