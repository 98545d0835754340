import type { WeldSetting } from './WeldSetting.js';

/** How a coupon of a setting came out, as the next person to dial it must know. */
export type TrialVerdict = 'short' | 'even' | 'hot' | 'hole';

/** A setting that a joint was welded with, and what came of it. */
export interface TriedSetting {
  readonly setting: WeldSetting;
  readonly even: number;
  /** Coupons that came out otherwise, holes among them. */
  readonly against: number;
  readonly holes: number;
}

/** Knobs this near are one setting to a hand, as shares of their value; a sweep also by a tenth of a millimetre. */
const sameKnob = 0.02;
const sameSweep = 0.1e-3;

/**
 * Coupons of one joint gathered by their setting, in the order they come. Settings within 2 % of each other, knob by
 * knob, are one.
 *
 * @example
 * triedSettings([{ setting: sampleSetting, verdict: 'even' }, { setting: sampleSetting, verdict: 'hole' }])[0].holes // => 1
 */
export function triedSettings(
  trials: readonly { readonly setting: WeldSetting; readonly verdict: TrialVerdict }[],
): readonly TriedSetting[] {
  const found: { setting: WeldSetting; even: number; against: number; holes: number }[] = [];
  for (const { setting, verdict } of trials) {
    let mine = found.find((each) => isSameSetting(each.setting, setting));
    if (mine === undefined) found.push((mine = { setting, even: 0, against: 0, holes: 0 }));
    if (verdict === 'even') mine.even++;
    else mine.against++;
    if (verdict === 'hole') mine.holes++;
  }
  return found;
}

/** Whether two settings are one to a hand. */
function isSameSetting(one: WeldSetting, other: WeldSetting): boolean {
  return isNear(one.power * one.duty, other.power * other.duty) && isSameWay(one, other, sameKnob);
}

/** Whether pace, sweep and rate agree within a share, whatever the power. */
export function isSameWay(one: WeldSetting, other: WeldSetting, within: number): boolean {
  return isSameSweep(one, other, within) && isSamePace(one, other, within);
}

function isSameSweep({ wobble: one }: WeldSetting, { wobble: other }: WeldSetting, within: number): boolean {
  if (one.shape === 'none' || other.shape === 'none') return one.shape === other.shape;
  return (
    one.shape === other.shape &&
    Math.abs(one.width - other.width) <= Math.max(sameSweep, within * one.width) + 1e-12 &&
    isNear(one.frequency, other.frequency, within)
  );
}

function isSamePace({ pace: one }: WeldSetting, { pace: other }: WeldSetting, within: number): boolean {
  if (one.by === 'wire') {
    return (
      other.by === 'wire' &&
      isNear(one.diameter, other.diameter) &&
      isNear(one.wireSpeed, other.wireSpeed, within)
    );
  }
  return other.by === 'hand' && isNear(one.travel, other.travel, within);
}

function isNear(one: number, other: number, within = sameKnob): boolean {
  return Math.abs(one - other) <= within * Math.max(Math.abs(one), Math.abs(other)) + 1e-12;
}
