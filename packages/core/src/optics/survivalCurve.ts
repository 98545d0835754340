import { RangeFault } from '../fault/index.js';

/** How long one window, nozzle or other part served, in any one unit of use. */
export interface Service {
  readonly duration: number;
  /** False where it is still in use or came out sound: it lasted at least so long. */
  readonly failed: boolean;
}

/** Share still in service just after a duration at which one failed. */
export interface SurvivalStep {
  readonly duration: number;
  readonly surviving: number;
}

/**
 * Share of parts that outlast each duration, counting those still in use for as long as they have lasted.
 * Source: Kaplan and Meier 1958. Where one failed and another came out sound at the same duration, the sound one is
 * counted as having been at risk.
 *
 * @returns one step for each duration at which at least one failed, in order; empty where none has
 * @throws RangeFault for a duration that is not above 0
 * @example
 * survivalCurve([{ duration: 10, failed: true }, { duration: 20, failed: false }, { duration: 30, failed: true }]) // => [{ duration: 10, surviving: 1 - 1 / 3 }, { duration: 30, surviving: 0 }]
 */
export function survivalCurve(services: readonly Service[]): readonly SurvivalStep[] {
  services.forEach(requireService);
  const failures = [...new Set(services.filter(({ failed }) => failed).map(({ duration }) => duration))];
  failures.sort((a, b) => a - b);
  let surviving = 1;
  return failures.map((at) => {
    const atRisk = services.filter(({ duration }) => duration >= at).length;
    const failing = services.filter(({ duration, failed }) => failed && duration === at).length;
    surviving *= 1 - failing / atRisk;
    return { duration: at, surviving };
  });
}

/** Refuses a life of nothing or less. */
export function requireService({ duration }: Service): void {
  if (duration > 0 && duration < Infinity) return;
  throw new RangeFault({ quantity: 'time in service', given: String(duration), allowed: 'a number above 0' });
}
