const preset = require('../../tools/jest/preset.cjs');

module.exports = { ...preset, testEnvironment: 'node' };
