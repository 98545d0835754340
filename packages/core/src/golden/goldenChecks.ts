import { evidenceChecks } from './checks/evidenceChecks.js';
import { fieldChecks } from './checks/fieldChecks.js';
import { heatChecks } from './checks/heatChecks.js';
import { lifeChecks } from './checks/lifeChecks.js';
import { meltChecks } from './checks/meltChecks.js';
import { quantityChecks } from './checks/quantityChecks.js';
import { otherModeChecks } from './checks/otherModeChecks.js';
import { shopChecks } from './checks/shopChecks.js';
import { warpChecks } from './checks/warpChecks.js';
import type { GoldenCheck } from './goldenCheck.js';

/** What the core can be held to, by the golden file's name without its ending. */
export const goldenChecks: ReadonlyMap<string, GoldenCheck> = new Map([
  ...quantityChecks,
  ...meltChecks,
  ...evidenceChecks,
  ...heatChecks,
  ...fieldChecks,
  ...warpChecks,
  ...shopChecks,
  ...lifeChecks,
  ...otherModeChecks,
]);
