import { join } from 'node:path';
import { addressOf, call } from './calls.mjs';
import { checked } from './crash.mjs';
import { buildShim } from './diskShim.mjs';
import { Draws } from './draws.mjs';
import { missing, saveAndKill } from './killedShop.mjs';
import { cutPower } from './powerCut.mjs';
import { campaignFolder, sampleShop, saveCoupon, serveShop } from './servedShop.mjs';

/** Saves that are tried on a disk that fails. */
const tries = 40;
/** What a disk that fails may be answered with: it is told as that, or nothing comes. */
const toldAsDisk = 507;

/**
 * Disks that fail: full, with errors, with writes that end half way, and one that says it has written and has not. Whatever was
 * acknowledged is there afterwards, whatever was refused is told as a matter of the disk, and a full disk is still read from. Of
 * a disk that lies, only that the shop starts, or says why not.
 *
 * @param rounds disks
 */
export async function faults({ rounds, seed }) {
  const draws = new Draws(seed);
  const around = campaignFolder();
  const shim = buildShim(around);
  if (shim === null) return { figures: 'not run: it needs a C compiler (cc) on Linux', isWell: true };
  const folder = join(around, 'shop');
  const headers = await sampleShop(folder);
  const totals = { saves: 0, refused: 0, lost: 0, notStarted: 0 };
  const wrong = [];
  for (let round = 0; round < rounds; round++) {
    const kind = draws.oneOf(['full', 'error', 'short']);
    const env = {
      ...{ LD_PRELOAD: shim, HERON_DISK_FOLDER: folder, HERON_DISK_FAULT: kind },
      ...{ HERON_DISK_AFTER: String(draws.whole(0, 300)), HERON_DISK_EVERY: String(draws.oneOf([1, 1, 3])) },
    };
    const { acknowledged, refused } = await onDisk(folder, headers, env, kind, wrong);
    const { lost } = await missing(folder, headers, acknowledged);
    totals.saves += acknowledged.length;
    totals.lost += lost.length;
    if (refused === null) totals.notStarted += 1;
    else totals.refused += refused;
  }
  const lying = await lyingDisk({ around, folder, shim, headers, draws, rounds: Math.ceil(rounds / 10) });
  return {
    figures: `${rounds} failing disks, ${totals.notStarted} not started on, ${totals.saves} saves acknowledged, ${totals.lost} lost, ${totals.refused} refused, ${wrong.length} of them otherwise than as the disk's${wrong.length > 0 ? ` (${wrong.slice(0, 3).join('; ')})` : ''}; ${checked(folder)}; ${lying.figures}`,
    isWell: totals.lost === 0 && wrong.length === 0 && totals.saves > 0 && totals.refused > 0 && lying.isWell,
  };
}

/** @returns what was acknowledged, and how many were refused; null where the server would not start on such a disk */
async function onDisk(folder, headers, env, kind, wrong) {
  const shop = await serveShop(folder, env).catch((fault) => {
    requireWords(fault.message);
    return null;
  });
  if (shop === null) return { acknowledged: [], refused: null };
  const acknowledged = [];
  let refused = 0;
  for (let i = 0; i < tries; i++) {
    const { id, status } = await saveCoupon(shop.url, headers, { from: addressOf(i) });
    if (status === 201) acknowledged.push(id);
    else {
      refused += 1;
      if (status !== toldAsDisk) wrong.push(`a save on a disk with ${kind}: ${status}`);
    }
    if (kind !== 'full') continue;
    const read = await call(`${shop.url}/api/coupons?limit=5`, { headers, from: addressOf(i) });
    if (read.status !== 200) wrong.push(`a list on a full disk: ${read.status} ${read.text.slice(0, 200)}`);
  }
  await shop.stop('SIGKILL');
  return { acknowledged, refused };
}

/** A start that is refused says why in a line, not with the innards of the program. */
function requireWords(said) {
  if (!/heron: /.test(said) || /^\s+at /m.test(said))
    throw new Error(`no start, and not said in words: ${said}`);
}

async function lyingDisk({ around, folder, shim, headers, draws, rounds }) {
  const log = join(around, 'lying.log');
  const env = {
    ...{ LD_PRELOAD: shim, HERON_DISK_FOLDER: folder, HERON_DISK_FAULT: 'lies', HERON_DISK_LOG: log },
    HERON_DISK_AFTER: '0',
  };
  const totals = { saves: 0, lost: 0, told: 0, damaged: 0 };
  for (let round = 0; round < rounds; round++) {
    const { acknowledged } = await saveAndKill(folder, headers, draws, env);
    cutPower(folder, log, draws);
    totals.saves += acknowledged.length;
    const after = await missing(folder, headers, acknowledged).catch((fault) => {
      requireWords(fault.message);
      return null;
    });
    if (after === null) {
      totals.damaged += 1;
      break;
    }
    totals.lost += after.lost.length;
    if (after.printed.includes('acknowledged until')) totals.told += 1;
  }
  return {
    figures: `a disk that lies: ${rounds} power cuts, ${totals.saves} saves acknowledged, ${totals.lost} lost, told at ${totals.told} starts, ${totals.damaged} refused as damaged`,
    isWell: true,
  };
}
