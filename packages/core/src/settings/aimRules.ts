import { metrePerSecond } from '../quantity/index.js';
import { dressingLeft } from '../wire/index.js';
import { beadBalanceOf } from './beadBalanceOf.js';
import { forecastUnguarded } from './forecastWeld.js';
import type { Candidate } from './solveStrength.js';
import type { Aim, WeldJob } from './WeldJob.js';

/** How an aim chooses among settings. */
export interface AimRule {
  /** Paces tried, mm/s, slowest first. */
  readonly paces: readonly number[];
  /** Shares of the usual sweep that are tried, the usual one first. */
  readonly widthShares: readonly number[];
  /** Whether a narrower sweep is taken only where the machine falls short. */
  readonly narrowsOnlyForReach: boolean;
  /** Chances this close count as equal. */
  readonly tie: number;
  /** Chance as this aim counts it, 0 to 1. */
  readonly chance: (job: WeldJob, candidate: Candidate) => number;
  /** What is kept least among equal chances. */
  readonly cost: (job: WeldJob, candidate: Candidate) => number;
}

const steady = [5, 6, 7, 8, 9, 10];
const hurrying = [...steady, 11, 12, 13, 14, 15, 16];
const heldBack = [4, 5, 6, 7, 8];

const plain: AimRule = {
  paces: steady,
  widthShares: [1, 0.8, 0.6, 0.4],
  narrowsOnlyForReach: true,
  tie: 0.02,
  chance: (_, { forecast }) => forecast.chance,
  cost: (_, { forecast }) => forecast.heat,
};

/** How far off a tired hand's pace may be. */
const handSlack = 0.2;

const rules: Readonly<Record<Aim['kind'], AimRule>> = {
  reach: plain,
  share: plain,
  fillGap: plain,
  leastHeat: { ...plain, paces: hurrying, tie: 0.06 },
  leastDressing: {
    ...plain,
    paces: hurrying,
    widthShares: [1, 0.8, 0.6],
    narrowsOnlyForReach: false,
    tie: 0.06,
    cost: (job, { setting, forecast }) => dressingLeft(beadBalanceOf(job, setting, forecast), job.metal).area,
  },
  wideForgiving: {
    ...plain,
    widthShares: [1.5, 1.25, 1],
    narrowsOnlyForReach: false,
    chance: (job, { setting, forecast }) =>
      Math.min(
        ...[1 - handSlack, 1 + handSlack].map(
          (by) => forecastUnguarded(job, setting, metrePerSecond(forecast.travel * by)).chance,
        ),
      ),
    cost: (_, { setting }) => (setting.wobble.shape === 'none' ? 0 : 0 - setting.wobble.width),
  },
};

/** The rule of a job's aim; a shop that holds wire back tries slower paces. */
export function aimRule(job: WeldJob): AimRule {
  const rule = rules[job.aim.kind];
  const holdsBack = job.practice?.pace === 'heldBack' && job.wireDiameter !== null && rule.paces === steady;
  return holdsBack ? { ...rule, paces: heldBack } : rule;
}
