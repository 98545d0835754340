import type { NozzleShape } from '@lone-heron/core';

/** Shapes of a nozzle in the shop's words. */
export const nozzleWords: Readonly<Record<NozzleShape, string>> = {
  flat: 'flat',
  vee: 'V',
  notched: 'notched',
  cutting: 'cutting',
};
