import { cellAt, type MeshLine } from '../field/index.js';
import { normalCdf } from '../numeric/index.js';
import type { SheetProblem, SheetRun } from './SheetProblem.js';

/** Absorbed by a run at a moment, W. */
export function powerAt(run: SheetRun, time: number): number {
  const since = time - run.startsAt;
  if (since < 0 || since > run.lasts) return 0;
  const up = run.rampUp > 0 ? Math.min(1, since / run.rampUp) : 1;
  const down = run.rampDown > 0 ? Math.min(1, (run.lasts - since) / run.rampDown) : 1;
  const isDark = run.pulses !== null && since % (run.pulses.on + run.pulses.off) > run.pulses.on;
  return isDark ? 0 : run.absorbed * Math.min(up, down);
}

/** Where the gun stands at a moment of its run. */
export function gunAt(run: SheetRun, time: number): readonly [x: number, y: number] {
  const share = run.lasts > 0 ? Math.min(1, Math.max(0, (time - run.startsAt) / run.lasts)) : 0;
  return [run.from[0] + share * (run.to[0] - run.from[0]), run.from[1] + share * (run.to[1] - run.from[1])];
}

/** Moments of a step at which the light is looked at. */
const looks = 8;
/** A Gaussian is nothing past this many of its standard deviations. */
const felt = 4;

/**
 * Mean W/m3 in each place over a step: the light of every run, put down along its way.
 *
 * @returns J that were let into the sheet in the step
 */
export function feedInto(problem: SheetProblem, from: number, seconds: number, into: Float64Array): number {
  into.fill(0);
  let joule = 0;
  for (const run of problem.runs) {
    if (run.startsAt > from + seconds || run.startsAt + run.lasts < from) continue;
    for (let look = 0; look < looks; look++) {
      const time = from + (seconds * (look + 0.5)) / looks;
      const power = powerAt(run, time) / looks;
      if (power === 0) continue;
      joule += seconds * addGaussian(problem, gunAt(run, time), run.spread, power, into);
    }
  }
  return joule;
}

/**
 * Adds so many W around a place to the metal that is there: all of them as long as half of the light falls on it, and less the further
 * it misses.
 *
 * @returns W that were added
 */
function addGaussian(
  { x, y, metal, thickness }: SheetProblem,
  [middleX, middleY]: readonly [number, number],
  spread: number,
  power: number,
  into: Float64Array,
): number {
  const columns = x.widths.length;
  const across = sharesAround(x, middleX, spread);
  const down = sharesAround(y, middleY, spread);
  const placeOf = (i: number, j: number) => (down.first + j) * columns + across.first + i;
  let caught = 0;
  down.shares.forEach((shareDown, j) => {
    across.shares.forEach((shareAcross, i) => {
      if (metal[placeOf(i, j)] === 1) caught += shareAcross * shareDown;
    });
  });
  const added = power * Math.min(1, 2 * caught);
  if (added === 0) return 0;
  const perVolume = added / caught / thickness;
  down.shares.forEach((shareDown, j) => {
    const height = y.widths[down.first + j] as number;
    across.shares.forEach((shareAcross, i) => {
      const at = placeOf(i, j);
      if (metal[at] !== 1) return;
      const area = (x.widths[across.first + i] as number) * height;
      into[at] = (into[at] as number) + (perVolume * shareAcross * shareDown) / area;
    });
  });
  return added;
}

/** Shares of a Gaussian in the cells that feel it, from the first on. */
function sharesAround(
  line: MeshLine,
  middle: number,
  spread: number,
): { first: number; shares: Float64Array } {
  const first = cellAt(line, middle - felt * spread);
  const last = cellAt(line, middle + felt * spread);
  const shares = new Float64Array(last - first + 1);
  let before = normalCdf(((line.edges[first] as number) - middle) / spread);
  for (let cell = first; cell <= last; cell++) {
    const after = normalCdf(((line.edges[cell + 1] as number) - middle) / spread);
    shares[cell - first] = after - before;
    before = after;
  }
  return { first, shares };
}
