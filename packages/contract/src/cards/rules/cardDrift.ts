import { depthDrift, type DepthDrift, type DriftReading } from '@lone-heron/core';
import type { CardContent } from '../card.js';
import { proofDifferences } from './cardProof.js';
import type { Coupon } from '../../coupons/coupon.js';
import { couponReadings } from '../../coupons/rules/couponReadings.js';
import type { MachineProfile } from '../../machines/machine.js';
import type { Bottle } from '../../supply/bottle.js';

/** Coupons of a card that disagree with those before, and what else changed between the two. */
export interface CardDrift {
  readonly drift: DepthDrift;
  readonly older: readonly Coupon[];
  readonly newer: readonly Coupon[];
  /** The window that was fitted between them; null where they went through the same. */
  readonly newWindow: number | null;
  /** Whether a bottle of the card's gas was sent back between them. */
  readonly isNewBottle: boolean;
  /** How the machine's other welds changed over the same time; null where there are too few. */
  readonly elsewhere: DepthDrift | null;
}

/** Where no window was changed, the newest so many are held against those before. */
const newest = 3;
const least = 2;

/**
 * Whether a card's newest coupons disagree with its older ones. They are told apart at the last change of the window where
 * there are enough on both sides of it, else the newest three are held against the rest.
 *
 * @param coupons of the card's machine, in any order, other settings among them
 * @returns null where there are too few to tell, or where they agree
 */
export function cardDrift(
  content: Pick<CardContent, 'machineId' | 'joint' | 'setting'>,
  coupons: readonly Coupon[],
  profile: MachineProfile,
  bottles: readonly Bottle[],
): CardDrift | null {
  const onMachine = coupons
    .filter(({ machineId, withdrawnAt }) => machineId === content.machineId && withdrawnAt === null)
    .toSorted((one, other) => Date.parse(one.weldedAt) - Date.parse(other.weldedAt));
  const mine = onMachine.filter((coupon) => proofDifferences(content, coupon).length === 0);
  const { older, newer, newWindow } = split(mine);
  const drift = depthDrift(readingsOf(older, profile), readingsOf(newer, profile));
  const [from, to] = [older.at(-1)?.weldedAt, newer[0]?.weldedAt];
  if (drift === null || !drift.isDrift || from === undefined || to === undefined) return null;
  const others = onMachine.filter((coupon) => !mine.includes(coupon));
  return {
    ...{ drift, older, newer, newWindow },
    isNewBottle: bottles.some(
      ({ gas, goneAt }) => gas === content.setting.gas && goneAt !== null && goneAt > from && goneAt <= to,
    ),
    elsewhere: depthDrift(
      readingsOf(
        others.filter(({ weldedAt }) => weldedAt <= from),
        profile,
      ),
      readingsOf(
        others.filter(({ weldedAt }) => weldedAt >= to),
        profile,
      ),
    ),
  };
}

function split(mine: readonly Coupon[]): Pick<CardDrift, 'older' | 'newer' | 'newWindow'> {
  const last = mine.at(-1);
  const sinceWindow = mine.filter(({ windowId }) => windowId === last?.windowId);
  const before = mine.filter(({ windowId }) => windowId !== last?.windowId);
  if (last !== undefined && sinceWindow.length >= least && before.length >= least)
    return { older: before, newer: sinceWindow, newWindow: last.windowNumber };
  return { older: mine.slice(0, -newest), newer: mine.slice(-newest), newWindow: null };
}

function readingsOf(coupons: readonly Coupon[], profile: MachineProfile): readonly DriftReading[] {
  return coupons.flatMap((coupon) => couponReadings(coupon, profile));
}
