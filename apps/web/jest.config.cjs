const preset = require('../../tools/jest/preset.cjs');

module.exports = {
  ...preset,
  testEnvironment: 'jsdom',
  // Among the icons is one of that name.
  sandboxInjectedGlobals: preset.sandboxInjectedGlobals.filter((name) => name !== 'Infinity'),
};
