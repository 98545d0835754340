import type { HandMode, ModeSetting, ModeShop, ModeWork } from '@lone-heron/contract';
import type { ModeAnswer } from './useModeDial.js';

/** What is dialled, of whichever mode: what sheets that log it, keep it or climb from it need to know. */
export interface TriedWork {
  readonly work: ModeWork;
  readonly setting: ModeSetting;
  readonly shop: ModeShop;
  /** By look. */
  readonly odds: Readonly<Record<string, number>>;
}

/** An answer without which mode it is of. */
export function triedWork<Mode extends HandMode>({ work, setting, shop, odds }: ModeAnswer<Mode>): TriedWork {
  return { work, setting, shop, odds };
}
