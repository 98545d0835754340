import { join } from 'node:path';
import { checked } from './crash.mjs';
import { buildShim } from './diskShim.mjs';
import { Draws } from './draws.mjs';
import { missing, saveAndKill } from './killedShop.mjs';
import { cutPower } from './powerCut.mjs';
import { campaignFolder, sampleShop } from './servedShop.mjs';

/**
 * Cuts the power again and again while four save: what was written to the disk and not synced is lost by halves, torn at a
 * sector. Everything that was acknowledged must be there after each.
 *
 * @param rounds power cuts
 */
export async function power({ rounds, seed }) {
  const draws = new Draws(seed);
  const around = campaignFolder();
  const shim = buildShim(around);
  if (shim === null) return { figures: 'not run: it needs a C compiler (cc) on Linux', isWell: true };
  const folder = join(around, 'shop');
  const log = join(around, 'disk.log');
  const env = { LD_PRELOAD: shim, HERON_DISK_FOLDER: folder, HERON_DISK_LOG: log };
  const headers = await sampleShop(folder);
  const totals = { saves: 0, writes: 0, lostWrites: 0, lost: 0 };
  for (let round = 0; round < rounds; round++) {
    const { acknowledged, refused } = await saveAndKill(folder, headers, draws, env);
    if (refused.length > 0) throw new Error(`refused without a reason: ${refused.join(', ')}`);
    const { writes, lost: lostWrites } = cutPower(folder, log, draws);
    const { lost, printed } = await missing(folder, headers, acknowledged);
    if (printed.includes('acknowledged until')) throw new Error(`saves are told to be lost: ${printed}`);
    totals.saves += acknowledged.length;
    totals.writes += writes;
    totals.lostWrites += lostWrites;
    totals.lost += lost.length;
    if ((round + 1) % 50 === 0) console.log(`  ${round + 1} cuts, ${totals.saves} saves`);
  }
  return {
    figures: `${rounds} power cuts, ${totals.lostWrites} of ${totals.writes} unsynced writes lost, ${totals.saves} saves acknowledged, ${totals.lost} lost; ${checked(folder)}`,
    isWell: totals.lost === 0 && totals.saves > 0,
  };
}
