import { RangeFault } from '../fault/index.js';
import type { WeldForecast } from './forecastWeld.js';
import { changedJob } from './changedJob.js';
import type { Obstacle } from './findObstacle.js';
import type { JobChange } from './JobChange.js';
import { leastMachine } from './leastMachine.js';
import { possibleChanges } from './possibleChanges.js';
import { lossTie } from './searchSetting.js';
import { suggestSetting, type Suggestion } from './suggestSetting.js';
import type { WeldJob } from './WeldJob.js';

/** The two chances of a setting that are never mixed. */
type BothChances = Pick<WeldForecast, 'evenChance' | 'soundChance'>;

/** A change that was tried and helps. */
export interface Remedy {
  readonly words: string;
  readonly change: JobChange;
  /** Chances of the best setting before and after it. */
  readonly before: BothChances;
  readonly after: BothChances;
  /** What the aim expects the best setting after it to cost. */
  readonly loss: number;
  /** Whether nothing stands in the way after it. */
  readonly lands: boolean;
}

/** More than these are no choice but a list. */
const mostRemedies = 4;

/**
 * What would help a job that falls short: every change that its joint, wire and machine allow is made, the setting
 * searched anew, and offered only where that lowers the expected loss, or takes away what stands in the way without
 * raising it. Those that bring it home come first, then by what they are expected to cost. Empty where no change here
 * helps, and where nothing stands in the way.
 *
 * @example
 * tryRemedies(sampleJob(), suggestSetting(sampleJob())) // => []
 */
export function tryRemedies(job: WeldJob, best: Suggestion): readonly Remedy[] {
  if (best.obstacle === null) return [];
  const stronger = leastMachine(job, best);
  const changes = [...possibleChanges(job, best), ...(stronger === null ? [] : [stronger])];
  const tried = changes
    .map(({ words, change }) => tryChange(job, best, words, change))
    .filter((remedy): remedy is Remedy => remedy !== null);
  return oneOfEachKind(tried.toSorted((a, b) => Number(b.lands) - Number(a.lands) || a.loss - b.loss)).slice(
    0,
    mostRemedies,
  );
}

function tryChange(job: WeldJob, best: Suggestion, words: string, change: JobChange): Remedy | null {
  const after = searchedOrRefused(changedJob(job, change));
  if (after === null || !helps(best, after)) return null;
  const lands = after.obstacle === null;
  return { words, change, before: chancesOf(best), after: chancesOf(after), loss: after.loss, lands };
}

/** The best setting of a changed job; null where the change makes it one that cannot be. */
function searchedOrRefused(job: WeldJob): Suggestion | null {
  try {
    return suggestSetting(job);
  } catch (fault) {
    if (fault instanceof RangeFault) return null;
    throw fault;
  }
}

/** Obstacles that the odds of depth do not know of: taking one away helps, whatever it does to them. */
const besideDepth: readonly Obstacle[] = ['brittleMix', 'wideGap', 'drivingWire', 'slowWire'];

function helps(before: Suggestion, after: Suggestion): boolean {
  if (after.loss < before.loss - lossTie) return true;
  const { obstacle } = before;
  const isBeside = obstacle !== null && besideDepth.includes(obstacle);
  return isBeside && after.obstacle === null && after.loss <= before.loss + lossTie;
}

function chancesOf({ forecast: { evenChance, soundChance } }: Suggestion): BothChances {
  return { evenChance, soundChance };
}

/** The best of every kind: three sizes of one leg are one remedy. */
function oneOfEachKind(remedies: readonly Remedy[]): readonly Remedy[] {
  const seen = new Set<string>();
  return remedies.filter(({ change }) => {
    const isNew = !seen.has(change.kind);
    seen.add(change.kind);
    return isNew;
  });
}
