import { pieceLooks, pulseLooks, stripLooks } from '@lone-heron/core';
import type { HandMode } from './modeWork.js';

/** How a trial of each mode can have turned out, from too little to too much. */
export const modeLooks = {
  clean: stripLooks,
  cut: pieceLooks,
  spot: pulseLooks,
  seam: pulseLooks,
} as const satisfies Readonly<Record<HandMode, readonly [string, ...string[]]>>;
export type LookOf<Mode extends HandMode> = (typeof modeLooks)[Mode][number];
export type ModeLook = LookOf<HandMode>;

/** The look that is wanted. */
export const wantedLook = {
  clean: 'bare',
  cut: 'through',
  spot: 'joined',
  seam: 'joined',
} as const satisfies { readonly [Mode in HandMode]: LookOf<Mode> };
