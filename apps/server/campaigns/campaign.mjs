/**
 * Campaigns against the server as it is started: ./heron campaign crash|power|faults|fuzz|load|scale|servers|soak|year [--rounds N] [--seed N]
 * [--engine file|postgres]. Each prints its figures, and ends with 1 where something was lost or broke.
 */
import { parseArgs } from 'node:util';
import { crash } from './crash.mjs';
import { keepInPostgres } from './engine.mjs';
import { faults } from './faults.mjs';
import { fuzz } from './fuzz.mjs';
import { load } from './load.mjs';
import { scale } from './scale.mjs';
import { servers } from './servers.mjs';
import { power } from './power.mjs';
import { soak } from './soak.mjs';
import { year } from './year.mjs';

/** What each is, and how much of it where nobody says. */
const campaigns = {
  crash: { run: crash, rounds: 1000 },
  power: { run: power, rounds: 200 },
  faults: { run: faults, rounds: 60 },
  fuzz: { run: fuzz, rounds: 100_000 },
  load: { run: load, rounds: 10_000 },
  scale: { run: scale, rounds: 200 },
  servers: { run: servers, rounds: 200 },
  soak: { run: soak, rounds: 360 },
  year: { run: year, rounds: 250 },
};

/** What asks something of the shop, and not of the disk under its file. */
const onBoth = ['crash', 'fuzz', 'load', 'scale', 'servers'];

const { values, positionals } = readWords();
const [name = ''] = positionals;
const campaign = campaigns[name];
if (campaign === undefined)
  refuse(`“${name}” is no campaign; there are ${Object.keys(campaigns).join(', ')}`);
const rounds = wholeNumber('rounds', values.rounds ?? campaign.rounds);
const seed = wholeNumber('seed', values.seed);

const engine = values.engine;
if (!['file', 'postgres'].includes(engine)) refuse(`--engine is “${engine}”; allowed is file or postgres`);
if (engine === 'postgres') {
  if (!onBoth.includes(name))
    refuse(`${name} is about the file that a shop lies in; on PostgreSQL there are ${onBoth.join(', ')}`);
  await keepInPostgres();
}

console.log(`${name}: ${rounds} rounds from seed ${seed}${engine === 'file' ? '' : ', on PostgreSQL'}`);
const { figures, isWell } = await campaign.run({ rounds, seed });
console.log(`${isWell ? 'ok  ' : 'FAIL'} ${name}: ${figures}`);
process.exit(isWell ? 0 : 1);

function readWords() {
  const options = {
    rounds: { type: 'string' },
    seed: { type: 'string', default: '20261129' },
    engine: { type: 'string', default: 'file' },
  };
  try {
    return parseArgs({ allowPositionals: true, options });
  } catch (fault) {
    return refuse(fault.message.split('\n')[0]);
  }
}

function wholeNumber(what, given) {
  const number = Number(given);
  if (Number.isInteger(number) && number > 0) return number;
  return refuse(`--${what} is “${given}”; allowed is a whole number above 0`);
}

function refuse(why) {
  console.error(`heron: ${why}.`);
  process.exit(1);
}
