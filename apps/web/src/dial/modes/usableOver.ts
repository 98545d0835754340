import { modeRules, wantedLook, type HandMode } from '@lone-heron/contract';
import { ownValue, type ModeKnobRow } from '../../shared/modes/modeKnobs.js';
import type { ModeAnswer } from './useModeDial.js';

/** Values of a knob that are looked at. */
const looked = 24;
/** A setting is usable while the wanted look is at least so likely as its best over the knob. */
const ofBest = 0.7;
const leastChance = 0.3;

/**
 * Where a knob may stand with the others as they are: around where it stands, or where the wanted look is likeliest; null
 * where it is nowhere likely. SI.
 */
export function usableOver<Mode extends HandMode>(
  mode: Mode,
  { work, setting, shop }: ModeAnswer<Mode>,
  row: ModeKnobRow,
): { readonly from: number; readonly to: number } | null {
  const values = Array.from(
    { length: looked + 1 },
    (_, i) => row.least + (i / looked) * (row.most - row.least),
  );
  const chances = values.map((value) => {
    const odds = modeRules[mode].odds(work, { ...setting, [row.knob]: ownValue(row, value) }, shop);
    return (odds as Readonly<Record<string, number>> | null)?.[wantedLook[mode]] ?? 0;
  });
  const best = Math.max(...chances);
  if (best < leastChance) return null;
  const isUsable = chances.map((chance) => chance >= best * ofBest);
  const start = nearestUsable(
    isUsable,
    Math.round(((row.value - row.least) / (row.most - row.least)) * looked),
  );
  let [from, to] = [start, start];
  while (isUsable[from - 1] === true) from--;
  while (isUsable[to + 1] === true) to++;
  return { from: values[from] ?? row.least, to: values[to] ?? row.most };
}

function nearestUsable(isUsable: readonly boolean[], near: number): number {
  const places = isUsable.flatMap((each, i) => (each ? [i] : []));
  return places.toSorted((a, b) => Math.abs(a - near) - Math.abs(b - near))[0] ?? near;
}
