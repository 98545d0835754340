const { rmSync } = require('node:fs');

/** After all files. */
module.exports = function removeSeed() {
  rmSync(process.env.HERON_E2E_SEEDED, { recursive: true, force: true });
};
