/**
 * Property tests draw from one seed, so that a run can be had again; HERON_SEED draws from another. What fast-check prints of
 * a failure has the seed in it.
 */
const fc = require('fast-check');

const seed = Number(process.env.HERON_SEED ?? 20_261_128);
if (!Number.isInteger(seed))
  throw new Error(`HERON_SEED is ${process.env.HERON_SEED}; allowed is a whole number`);
fc.configureGlobal({ ...fc.readConfigureGlobal(), seed });
