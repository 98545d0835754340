import { execFileSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { Draws } from './draws.mjs';
import { engineEnv } from './engine.mjs';
import { saveAndKill } from './killedShop.mjs';
import { campaignFolder, couponIds, sampleShop, serveShop } from './servedShop.mjs';

/**
 * Kills the server again and again while four save. Everything that was acknowledged must be there in the end, and the whole
 * shop well.
 *
 * @param rounds kills
 */
export async function crash({ rounds, seed }) {
  const draws = new Draws(seed);
  const folder = campaignFolder();
  const headers = await sampleShop(folder);
  const acknowledged = [];
  for (let round = 0; round < rounds; round++) {
    const { acknowledged: more, refused } = await saveAndKill(folder, headers, draws);
    if (refused.length > 0) throw new Error(`refused without a reason: ${refused.join(', ')}`);
    acknowledged.push(...more);
    // A campaign of hours that is broken off has said what it found by then.
    if ((round + 1) % 100 === 0) {
      const lost = await lostOf(folder, headers, acknowledged);
      console.log(`  ${round + 1} kills, ${acknowledged.length} saves, ${lost.length} lost`);
    }
  }
  const lost = await lostOf(folder, headers, acknowledged);
  return {
    figures: `${rounds} kills, ${acknowledged.length} saves acknowledged, ${lost.length} lost; ${checked(folder)}`,
    isWell: lost.length === 0 && acknowledged.length > 0,
  };
}

/** Which of what was acknowledged a shop that is started again does not have. */
async function lostOf(folder, headers, acknowledged) {
  const shop = await serveShop(folder);
  const there = await couponIds(shop.url, headers);
  await shop.stop();
  return acknowledged.filter((id) => !there.has(id));
}

const command = fileURLToPath(new URL('../dist/served/checkCommand.js', import.meta.url));

/** What ./heron check says of the database, its history and its saves. */
export function checked(folder) {
  const run = () =>
    execFileSync(process.execPath, [command], {
      env: { ...process.env, HERON_DATA: folder, ...engineEnv(folder) },
    });
  let said;
  try {
    said = run().toString();
  } catch (fault) {
    said = fault.stdout.toString();
  }
  const looked = said
    .split('\n')
    .filter((line) => /^(well |WRONG) (database|history|saves|photos|clock):/.test(line));
  const wrong = looked.filter((line) => line.startsWith('WRONG'));
  if (looked.length < 5 || wrong.length > 0) throw new Error(`the shop is not well: ${said}`);
  return 'database, history, saves, photos and clock well';
}
