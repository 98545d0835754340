import { requireService, type Service, type SurvivalStep } from './survivalCurve.js';

/** A step of the survival curve with how far it may be off. */
export interface BandedStep extends SurvivalStep {
  /** 95 % band of the share surviving, between 0 and 1. */
  readonly low: number;
  readonly high: number;
  /** In service just before it. */
  readonly atRisk: number;
}

/** Of a normal variable, for a band of 95 %. */
const sdsOfBand = 1.959964;

/**
 * The survival curve with its 95 % band: the variance of Greenwood 1926, put on ln(-ln S), so that the band stays
 * between 0 and 1 (Kalbfleisch and Prentice 1980). At a step to 0 nothing is left to have a variance: its band reaches
 * from 0 to the upper end of the step before.
 *
 * @param services in any one unit of use
 * @returns one step for each duration at which at least one failed, in order; empty where none has
 * @throws RangeFault for a duration that is not above 0
 * @example
 * survivalBand([10, 20, 30, 40].map((duration) => ({ duration, failed: true })))[0]?.low.toFixed(3) // => '0.128'
 */
export function survivalBand(services: readonly Service[]): readonly BandedStep[] {
  services.forEach(requireService);
  const inOrder = services.toSorted((one, other) => one.duration - other.duration);
  const steps: BandedStep[] = [];
  let surviving = 1;
  let greenwood = 0;
  let highBefore = 1;
  for (let at = 0; at < inOrder.length;) {
    const { duration } = inOrder[at] as Service;
    const atRisk = inOrder.length - at;
    let failing = 0;
    for (; at < inOrder.length && inOrder[at]?.duration === duration; at++)
      if (inOrder[at]?.failed === true) failing++;
    if (failing === 0) continue;
    surviving *= 1 - failing / atRisk;
    greenwood += failing === atRisk ? 0 : failing / (atRisk * (atRisk - failing));
    const { low, high } = surviving > 0 ? bandOf(surviving, greenwood) : { low: 0, high: highBefore };
    highBefore = high;
    steps.push({ duration, surviving, low, high, atRisk });
  }
  return steps;
}

function bandOf(surviving: number, greenwood: number): { low: number; high: number } {
  const log = Math.log(surviving);
  const spread = (sdsOfBand * Math.sqrt(greenwood)) / Math.abs(log);
  return { low: surviving ** Math.exp(spread), high: surviving ** Math.exp(-spread) };
}
