const preset = require('../../tools/jest/preset.cjs');

module.exports = {
  ...preset,
  testEnvironment: 'node',
  collectCoverageFrom: ['<rootDir>/src/**/*.ts', '!<rootDir>/src/**/*.test.ts', '!<rootDir>/src/testing/**'],
  coverageDirectory: '<rootDir>/../../.cache/coverage/core',
  coverageProvider: 'v8',
  coverageReporters: ['text-summary'],
  coverageThreshold: { global: { branches: 90 } },
};
