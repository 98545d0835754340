import type { GunMode } from '@lone-heron/contract';

/** What a gun is switched to. */
export const gunModeWords: Readonly<Record<GunMode, string>> = {
  weld: 'welding',
  clean: 'cleaning',
  cut: 'cutting',
  pulses: 'pulses',
};
