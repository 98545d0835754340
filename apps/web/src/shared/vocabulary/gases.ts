import type { ShieldingGas } from '@lone-heron/core';

/** Gases in the shop's words. */
export const gasWords: Readonly<Record<ShieldingGas, string>> = {
  argon: 'argon',
  nitrogen: 'nitrogen',
  dryAir: 'dry air',
};
