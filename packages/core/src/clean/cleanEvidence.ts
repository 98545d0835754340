import {
  chanceBelow,
  learnThresholds,
  thresholdAlong,
  type SeenBound,
  type ThresholdBelief,
} from '../evidence/index.js';
import { fourFifths, normalCdf } from '../numeric/index.js';
import type { CleanJob, CleanSetting, StripLook, StripOdds } from './CleanJob.js';
import { coatTable, type CoatId } from './coatTable.js';
import { cleaningOf } from './cleaningOf.js';
import { markFluence, passingTime } from './markFluence.js';

/** Hidden figures: ln of the coat's threshold in J/m2, how often it must be gone over, and ln(real/computed) of the mark. */
const coatRow = [1, 0, 0] as const;
const markRow = [0, 0, 1] as const;

/** Spread of ln(fluence that marks) about the computed one before any strip. */
const markSd = 0.6;
/** The passing time that thresholds of coats are said for. */
const saidFor = 100e-6;
/** From strip to strip of one shop. */
const stripNoise = 0.15;
/** What a strip cleaned by another machine adds: its spot and its power are not this one's. */
const otherMachineNoise = 0.35;

/** A strip that was cleaned and looked at. */
export interface CleanedStrip {
  readonly job: CleanJob;
  readonly setting: CleanSetting;
  readonly look: StripLook;
  readonly isOtherMachine: boolean;
}

/** What is believed of a coat, and of how easily the metal under it is marked. */
export function cleanPrior(coat: CoatId): {
  readonly mean: readonly number[];
  readonly sd: readonly number[];
} {
  const { threshold, thresholdSd, depth, depthSd } = coatTable[coat];
  return { mean: [Math.log(threshold * 1e4), depth, 0], sd: [thresholdSd, depthSd, markSd] };
}

/**
 * What the shop's strips of a coat say of it: nothing came off below its threshold, it went off whole where the sweeps
 * over one place sufficed, and the metal was marked above what it bears. What is not known of a coat stays as wide as it was.
 *
 * @param strips of this coat; of any metal, whose mark is counted against its own computed one
 */
export function learnCoat(coat: CoatId, strips: readonly CleanedStrip[]): ThresholdBelief {
  return learnThresholds(cleanPrior(coat), strips.flatMap(boundsOf));
}

function boundsOf({ job, setting, look, isOtherMachine }: CleanedStrip): SeenBound[] {
  const { fluence, sweeps, aboveMark, leavesRows } = figuresOf(job, setting);
  const noise = Math.hypot(stripNoise, isOtherMachine ? otherMachineNoise : 0);
  const coatAbove: SeenBound = { row: coatRow, low: fluence, high: Infinity, noise };
  const coatBelow: SeenBound = { row: coatRow, low: -Infinity, high: fluence, noise };
  const wholeBelow: SeenBound = { row: [1, 1 / sweeps, 0], low: -Infinity, high: fluence, noise };
  const wholeAbove: SeenBound = { row: [1, 1 / sweeps, 0], low: fluence, high: Infinity, noise };
  const unmarked: SeenBound = { row: markRow, low: aboveMark, high: Infinity, noise };
  const marked: SeenBound = { row: markRow, low: -Infinity, high: aboveMark, noise };
  switch (look) {
    case 'untouched':
      return [coatAbove];
    case 'patchy':
      // What rows leave between them says nothing of how often a place must be gone over.
      return leavesRows ? [coatBelow] : [coatBelow, wholeAbove];
    case 'bare':
      return [wholeBelow, unmarked];
    case 'marked':
      return [wholeBelow, marked];
  }
}

/**
 * Odds of each look of the next strip. Rows that leave stripes between them leave coat, whatever the fluence.
 *
 * @returns summing to 1
 */
export function stripOdds(belief: ThresholdBelief, job: CleanJob, setting: CleanSetting): StripOdds {
  const { fluence, sweeps, aboveMark, leavesRows } = figuresOf(job, setting);
  const touched = chanceOff(belief, fluence, Infinity);
  const cleared = leavesRows ? 0 : chanceOff(belief, fluence, sweeps);
  const isMarked = chanceBelow(belief, markRow, aboveMark, stripNoise);
  return {
    untouched: 1 - touched,
    patchy: touched - cleared,
    bare: cleared * (1 - isMarked),
    marked: cleared * isMarked,
  };
}

/** Bounds of a fluence, J/m2. */
interface FluenceZone {
  readonly low: number;
  readonly high: number;
}

/**
 * Between what fluences of one sweep the coat is believed to begin to come off, and the metal to be marked: the middle four
 * fifths, by what has been learned.
 */
export function cleanZones(
  belief: ThresholdBelief,
  job: CleanJob,
  setting: CleanSetting,
): { readonly coat: FluenceZone; readonly mark: FluenceZone } {
  const zone = (row: readonly number[], scale: number): FluenceZone => {
    const { mean, sd } = thresholdAlong(belief, row);
    return { low: scale * Math.exp(mean - fourFifths * sd), high: scale * Math.exp(mean + fourFifths * sd) };
  };
  return {
    coat: zone(coatRow, Math.sqrt(passingTime(job, setting) / saidFor)),
    mark: zone(markRow, markFluence(job, setting)),
  };
}

/** Nodes and weights of a mean over a standard normal variable, exact to the 9th power (Gauss and Hermite). */
const normalNodes = [
  [-2.856970013872806, 0.011257411327720693],
  [-1.355626179974266, 0.22207592200561266],
  [0, 0.5333333333333333],
  [1.355626179974266, 0.22207592200561266],
  [2.856970013872806, 0.011257411327720693],
] as const;

/**
 * Chance that so many sweeps at a fluence take the coat off, over what is not known of how often it must be gone over,
 * which is never less than not at all: so more sweeps never leave more coat.
 */
function chanceOff({ mean, covariance }: ThresholdBelief, fluence: number, sweeps: number): number {
  const [threshold, depth] = mean as readonly [number, number];
  const [spread, shared, , , depthSpread] = covariance as readonly [number, number, number, number, number];
  const left = Math.sqrt(Math.max(spread - shared ** 2 / depthSpread, 0) + stripNoise ** 2);
  return normalNodes.reduce((sum, [node, weight]) => {
    const step = node * Math.sqrt(depthSpread);
    const at = threshold + (shared / depthSpread) * step;
    return sum + weight * normalCdf((fluence - at - Math.max(depth + step, 0) / sweeps) / left);
  }, 0);
}

/**
 * What is held against thresholds. Heat runs off while the spot passes, from the coat as from the metal: what a sweep
 * must bring rises with the square root of its time, and is counted as if it had passed in the time thresholds are said for.
 *
 * @returns ln of the fluence in J/m2, how often a place is gone over, ln of the fluence over the mark's, and whether rows leave stripes
 */
function figuresOf(job: CleanJob, setting: CleanSetting) {
  const { fluence, rowsOverOnePlace } = cleaningOf(job, setting);
  return {
    fluence: Math.log(fluence / Math.sqrt(passingTime(job, setting) / saidFor)),
    sweeps: setting.passes * Math.max(rowsOverOnePlace, 1),
    aboveMark: Math.log(fluence / markFluence(job, setting)),
    leavesRows: rowsOverOnePlace < 1,
  };
}
