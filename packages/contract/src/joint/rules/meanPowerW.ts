import type { Setting } from '../setting.js';

/** Mean power of a setting while its light is on, W: what its pulses leave of what is dialled. */
export function meanPowerW({ powerW, dutyPercent }: Pick<Setting, 'powerW' | 'dutyPercent'>): number {
  return (powerW * dutyPercent) / 100;
}
