import { RangeFault } from '../fault/index.js';

/** Coupons of one ladder at most: more is a day's work. */
export const mostRungs = 48;

/**
 * The coupons of a ladder, each with a value for every knob. One knob goes up in steps, as hands do it, so that drift
 * along the run shows; two or three are crossed (every value with every other) and shuffled, so that drift does not
 * look like a knob (Fisher 1935).
 *
 * @param values of each knob, 2 to 8 different ones; one to three knobs
 * @param repeats of every setting, 1 to 6
 * @param random from 0 to 1, each call another
 * @throws RangeFault where it would be more than 48 coupons, or no ladder
 * @example
 * planRungs([[700, 800, 900]], 1, () => 0.5) // => [[700], [800], [900]]
 */
export function planRungs(
  values: readonly (readonly number[])[],
  repeats: number,
  random: () => number,
): readonly (readonly number[])[] {
  requireLadder(values, repeats);
  const crossed = values.reduce<readonly (readonly number[])[]>(
    (rungs, own) => rungs.flatMap((rung) => own.map((value) => [...rung, value])),
    [[]],
  );
  const rungs = Array.from({ length: repeats }, () => crossed).flat();
  return values.length === 1 ? rungs : shuffled(rungs, random);
}

function requireLadder(values: readonly (readonly number[])[], repeats: number): void {
  const count = values.reduce((product, own) => product * own.length, repeats);
  const isLadder =
    values.length >= 1 &&
    values.length <= 3 &&
    values.every((own) => own.length >= 2 && own.length <= 8 && new Set(own).size === own.length) &&
    Number.isInteger(repeats) &&
    repeats >= 1 &&
    repeats <= 6;
  if (isLadder && count <= mostRungs) return;
  throw new RangeFault({
    quantity: 'ladder',
    given: `${values.map(({ length }) => length).join(' by ')} values, ${repeats} times: ${count} coupons`,
    allowed: `one to three knobs with 2 to 8 different values each, up to 6 times, ${mostRungs} coupons in all`,
  });
}

/** Fisher and Yates. */
function shuffled<Item>(items: readonly Item[], random: () => number): readonly Item[] {
  const all = [...items];
  for (let i = all.length - 1; i > 0; i--) {
    const j = Math.min(i, Math.floor(random() * (i + 1)));
    [all[i], all[j]] = [all[j] as Item, all[i] as Item];
  }
  return all;
}
