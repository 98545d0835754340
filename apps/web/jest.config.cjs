const preset = require('../../tools/jest/preset.cjs');

module.exports = {
  ...preset,
  testEnvironment: '<rootDir>/src/testing/browserEnvironment.cjs',
  moduleNameMapper: { ...preset.moduleNameMapper, '\\.css$': '<rootDir>/src/testing/noStyles.cjs' },
};
