import {
  degree,
  findMetal,
  second,
  watt,
  weightedLight,
  windowDose,
  type BorneLight,
  type DialledMetalId,
  type DosePowers,
  type ShieldingGas,
} from '@lone-heron/core';
import type { LifeFactor } from '../lifeFactors.js';
import { isWindowFailure } from './isWindowFailure.js';
import type { ChangePlace, ProtectiveWindow, WindowReason } from '../protectiveWindow.js';

/** Light through a window: a coupon or an entry of the light log, or as many of either as are alike in all this. */
export interface WindowLight {
  readonly isCoupon: boolean;
  /** How many it stands for. */
  readonly count: number;
  readonly windowId: string;
  readonly personId: string;
  /** Of all of them together; null where nobody timed them. */
  readonly seconds: number | null;
  /** Mean while the light was on. */
  readonly powerW: number;
  readonly metal: DialledMetalId;
  /** Null where it was not said, as are the three below. */
  readonly gunAngleDeg: number | null;
  readonly gas: ShieldingGas | null;
  readonly batch: string | null;
  readonly isSoftStart: boolean | null;
}

/** A reading of a machine's own counter of light-on hours. */
export interface CounterReading {
  readonly machineId: string;
  readonly at: string;
  readonly hours: number;
}

/** A window with all that went through it. */
export interface WindowLife {
  readonly windowId: string;
  readonly machineId: string;
  readonly number: number;
  readonly fittedAt: string;
  /** When it came out; null while it is fitted. */
  readonly removedAt: string | null;
  /** Null where it is fitted or came out before its end. */
  readonly failedBy: WindowReason | null;
  readonly days: number;
  readonly coupons: number;
  readonly lightHours: number;
  /** Weighted by what wears glass: hours at 1 kW. */
  readonly wornHours: number;
  readonly levels: Readonly<Record<LifeFactor, string | null>>;
}

/** What lives are made of. */
export interface LivesInput {
  readonly windows: readonly (Pick<
    ProtectiveWindow,
    'id' | 'machineId' | 'number' | 'fittedAt' | 'removedAt' | 'removedReason' | 'supplier' | 'lot'
  > & { readonly fittedPlace: ChangePlace | null })[];
  readonly light: readonly WindowLight[];
  readonly counters: readonly CounterReading[];
  /** Light that machines were heard to have had, as such counters. */
  readonly heard: readonly CounterReading[];
  readonly powers: DosePowers;
  /** An untimed coupon counts so, s: like the middle of those that were timed. Null where none was. */
  readonly usualS: number | null;
  readonly now: Date;
}

const msPerDay = 86_400_000;
/** Joules of an hour at 1 kW. */
const hourAtOneKilowatt = 3.6e6;
/** An untimed coupon counts so where none was timed: a planning figure. */
const usualCouponS = 10;
/** A gun nobody asked about leans so; a planning figure. */
const usualAngleDeg = 45;
/** Zinc of coated sheet where nobody said how much, g/m2 each side: a common coat. */
const usualZinc = 140;
/** A level is a window's own where it had at least this share of its light. */
const ownShare = 0.5;
const steepFromDeg = 60;
const uprightFromDeg = 75;

/**
 * The life of each window: its light from coupons and the light log, raised to what the machine's own counter says, or it was heard to have,
 * where that is more, and who, what and how it was mostly used for.
 */
export function windowLives({
  windows,
  light,
  counters,
  heard,
  powers,
  usualS,
  now,
}: LivesInput): readonly WindowLife[] {
  const usual = usualS ?? usualCouponS;
  const byWindow = groupBy(light, ({ windowId }) => windowId);
  const byMachine = groupBy(counters, ({ machineId }) => machineId);
  const heardOf = groupBy(heard, ({ machineId }) => machineId);
  return windows.map((window): WindowLife => {
    const mine = byWindow.get(window.id) ?? [];
    const { fittedAt, removedAt, removedReason, number, machineId } = window;
    const until = removedAt ?? now.toISOString();
    const known = totalOf(mine, usual, powers);
    const hours = [byMachine, heardOf].map((of) => countedHours(of.get(machineId) ?? [], fittedAt, until));
    const settled = settle(known, Math.max(...hours) * 3600);
    return {
      windowId: window.id,
      machineId,
      number,
      fittedAt,
      removedAt,
      failedBy: removedReason !== null && isWindowFailure(removedReason) ? removedReason : null,
      days: (Date.parse(until) - Date.parse(fittedAt)) / msPerDay,
      coupons: mine.reduce((sum, { isCoupon, count }) => (isCoupon ? sum + count : sum), 0),
      lightHours: settled.seconds / 3600,
      wornHours: settled.weighted / hourAtOneKilowatt,
      levels: levelsOf(window, mine, usual),
    };
  });
}

/** What each window bore, stretch by stretch, to fit the weights to. Windows without light are left out. */
export function borneLight({
  windows,
  light,
  usualS,
}: Pick<LivesInput, 'windows' | 'light' | 'usualS'>): readonly BorneLight[] {
  const usual = usualS ?? usualCouponS;
  const byWindow = groupBy(light, ({ windowId }) => windowId);
  return windows.flatMap(({ id, removedReason }) => {
    const stretches = (byWindow.get(id) ?? []).map((stretch) => doseOf(stretch, usual));
    const failed = removedReason !== null && isWindowFailure(removedReason);
    return stretches.length === 0 ? [] : [{ failed, stretches }];
  });
}

/**
 * What a stretch of welding wears a window, hours at 1 kW.
 *
 * @param powers how strongly each documented weight counts
 */
export function wornHours(
  stretch: Pick<WindowLight, 'metal' | 'powerW' | 'gunAngleDeg'> & { readonly seconds: number },
  powers: DosePowers,
): number {
  return weightedLight(doseOf({ ...stretch, count: 1 }, stretch.seconds), powers) / hourAtOneKilowatt;
}

function doseOf(
  stretch: Pick<WindowLight, 'metal' | 'powerW' | 'gunAngleDeg' | 'seconds' | 'count'>,
  usualS: number,
) {
  return windowDose({
    metal: findMetal(stretch.metal),
    lightOn: second(secondsOf(stretch, usualS)),
    meanPower: watt(stretch.powerW),
    gunAngle: degree(stretch.gunAngleDeg ?? usualAngleDeg),
    zincCoat: stretch.metal === 'galvanised' ? usualZinc : 0,
  });
}

const secondsOf = ({ seconds, count }: Pick<WindowLight, 'seconds' | 'count'>, usualS: number): number =>
  seconds ?? count * usualS;

interface Total {
  readonly seconds: number;
  /** J. */
  readonly weighted: number;
}

function totalOf(stretches: readonly WindowLight[], usualS: number, powers: DosePowers): Total {
  let seconds = 0;
  let weighted = 0;
  for (const stretch of stretches) {
    seconds += secondsOf(stretch, usualS);
    weighted += weightedLight(doseOf(stretch, usualS), powers);
  }
  return { seconds, weighted };
}

/** Light that the counter saw and nobody wrote down wears like the rest; where nothing was written, like 1 kW. */
function settle(known: Total, countedS: number): Total {
  if (countedS <= known.seconds) return known;
  const perSecond = known.seconds > 0 ? known.weighted / known.seconds : 1000;
  return { seconds: countedS, weighted: countedS * perSecond };
}

/** Hours on the counter between two moments, by a straight line between readings; 0 where it was not read around them. */
function countedHours(readings: readonly CounterReading[], from: string, to: string): number {
  const inOrder = readings.toSorted((one, other) => one.at.localeCompare(other.at));
  const [first, last] = [inOrder[0], inOrder.at(-1)];
  if (first === undefined || last === undefined || last.at <= from) return 0;
  const start = Math.max(Date.parse(from), Date.parse(first.at));
  const end = Math.min(Date.parse(to), Date.parse(last.at));
  return Math.max(0, hoursAt(inOrder, end) - hoursAt(inOrder, start));
}

function hoursAt(inOrder: readonly CounterReading[], moment: number): number {
  const next = inOrder.findIndex(({ at }) => Date.parse(at) >= moment);
  const [after, before] = [inOrder[next], inOrder[Math.max(0, next - 1)]];
  if (after === undefined || before === undefined) return inOrder.at(-1)?.hours ?? 0;
  const span = Date.parse(after.at) - Date.parse(before.at);
  const share = span > 0 ? (moment - Date.parse(before.at)) / span : 1;
  return before.hours + share * (after.hours - before.hours);
}

function levelsOf(
  window: LivesInput['windows'][number],
  stretches: readonly WindowLight[],
  usualS: number,
): WindowLife['levels'] {
  const mostly = (levelOf: (stretch: WindowLight) => string | null) => mostlyOf(stretches, usualS, levelOf);
  return {
    person: mostly(({ personId }) => personId),
    metal: mostly(({ metal }) => (metal === 'galvanised' ? metal : findMetal(metal).family)),
    gas: mostly(({ gas }) => gas),
    batch: mostly(({ batch }) => (batch === '' ? null : batch)),
    softStart: mostly(({ isSoftStart }) => (isSoftStart === null ? null : isSoftStart ? 'on' : 'off')),
    gunAngle: mostly(({ gunAngleDeg }) => (gunAngleDeg === null ? null : angleLevel(gunAngleDeg))),
    machine: window.machineId,
    supplier: window.supplier === '' ? null : window.supplier,
    lot: window.lot === '' ? null : window.lot,
    place: window.fittedPlace,
  };
}

function angleLevel(degrees: number): string {
  if (degrees >= uprightFromDeg) return 'upright';
  return degrees >= steepFromDeg ? 'steep' : 'leaning';
}

/** The level that had most of the light of which it is known; null where none had half of it. */
function mostlyOf(
  stretches: readonly WindowLight[],
  usualS: number,
  levelOf: (stretch: WindowLight) => string | null,
): string | null {
  const seconds = new Map<string, number>();
  let known = 0;
  for (const stretch of stretches) {
    const level = levelOf(stretch);
    if (level === null) continue;
    const light = secondsOf(stretch, usualS);
    known += light;
    seconds.set(level, (seconds.get(level) ?? 0) + light);
  }
  const [most] = [...seconds].toSorted(([, one], [, other]) => other - one);
  return most === undefined || most[1] < known * ownShare ? null : most[0];
}

function groupBy<Item>(items: readonly Item[], keyOf: (item: Item) => string): ReadonlyMap<string, Item[]> {
  const groups = new Map<string, Item[]>();
  for (const item of items) {
    const key = keyOf(item);
    const group = groups.get(key);
    if (group === undefined) groups.set(key, [item]);
    else group.push(item);
  }
  return groups;
}
