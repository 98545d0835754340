import type { WantedValue } from '@lone-heron/core';
import type { Setting } from '../../joint/setting.js';

/** A setting as the parameters of a link; wire alone where the feeder sets the pace. */
export function sentSetting({ powerW, dutyPercent, wobble, pace }: Setting): WantedValue[] {
  return [
    { key: 'power', value: powerW },
    { key: 'duty', value: dutyPercent },
    ...(wobble.shape === 'none'
      ? [{ key: 'wobbleWidth', value: 0 } as const]
      : [
          { key: 'wobbleWidth', value: wobble.widthMm } as const,
          { key: 'wobbleRate', value: wobble.frequencyHz } as const,
        ]),
    ...(pace.by === 'wire' ? [{ key: 'wireSpeed', value: pace.wireSpeedMmS } as const] : []),
  ];
}
