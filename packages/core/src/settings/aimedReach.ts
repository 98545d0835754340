import { beliefOdds } from '../odds/index.js';
import { expectedLoss, lossesOf } from './aimLosses.js';
import type { WeldForecast } from './forecastWeld.js';
import type { WeldJob } from './WeldJob.js';

/** Looked at between these reaches of the model, by golden section. */
const leastReach = Math.log(0.2);
const mostReach = Math.log(4);
const golden = (Math.sqrt(5) - 1) / 2;
const sections = 16;

/** The reach that is aimed at with a belief about depth, and what it is expected to cost. */
export interface AimedReach {
  /** Of the model, as a share of the way; 0.2 to 4. */
  readonly reach: number;
  /** The least that any depth costs while the belief is what it is: no machine's power goes below it. */
  readonly loss: number;
}

/** The reach of the model at which a belief like this forecast's costs least. */
export function aimedReach(
  job: WeldJob,
  { belief, aimed }: Pick<WeldForecast, 'belief' | 'aimed'>,
): AimedReach {
  const losses = lossesOf(job.aim, job.losses);
  const runs = job.runs ?? 1;
  const cost = (lnReach: number) => expectedLoss(beliefOdds(Math.exp(lnReach), belief, aimed, runs), losses);
  let [low, high] = [leastReach, mostReach];
  let left = high - golden * (high - low);
  let right = low + golden * (high - low);
  let [atLeft, atRight] = [cost(left), cost(right)];
  for (let i = 0; i < sections; i++) {
    if (atLeft <= atRight) {
      [high, right, atRight] = [right, left, atLeft];
      left = high - golden * (high - low);
      atLeft = cost(left);
    } else {
      [low, left, atLeft] = [left, right, atRight];
      right = low + golden * (high - low);
      atRight = cost(right);
    }
  }
  return { reach: Math.exp((low + high) / 2), loss: Math.min(atLeft, atRight) };
}
