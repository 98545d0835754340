/** The shop's rule: after so much light near the limit without a break as long as the rest, the nozzle is let cool. */
interface RestRule {
  /** s; 0 where the nozzle is never let cool. */
  readonly after: number;
  /** Also what counts as a break, min. */
  readonly minutes: number;
}

/** A weld in its order, as the nozzle feels it. */
interface HotWeld {
  /** Near the machine's limit, where a nozzle gets hot. */
  readonly isNear: boolean;
  /** Light of one seam, s. */
  readonly lightS: number;
  readonly seams: number;
  /** Lining up before each seam, s. */
  readonly liningUpS: number;
  /** Changes before the first of them, min. */
  readonly changesMin: number;
  readonly isOtherNozzle: boolean;
}

/**
 * Minutes that the nozzle is let cool for at each weld of an order: before a seam whose light would come on top of too much, and on the
 * way through one that is longer than the rule lets it be. A nozzle that was just fitted is cool. By the shop's own rule: what a nozzle
 * stands is in no table.
 */
export function nozzleRests(welds: readonly HotWeld[], { after, minutes }: RestRule): readonly number[] {
  if (after <= 0 || minutes <= 0) return welds.map(() => 0);
  let hotS = 0;
  return welds.map(({ isNear, lightS, seams, liningUpS, changesMin, isOtherNozzle }) => {
    let rests = 0;
    for (let seam = 0; seam < seams; seam++) {
      const breakMin = liningUpS / 60 + (seam === 0 ? changesMin : 0);
      if ((seam === 0 && isOtherNozzle) || breakMin >= minutes) hotS = 0;
      if (!isNear) continue;
      const within = Math.max(0, Math.ceil(lightS / after) - 1);
      if (hotS > 0 && hotS + Math.min(lightS, after) > after) {
        rests++;
        hotS = 0;
      }
      rests += within;
      hotS = within === 0 ? hotS + lightS : lightS - within * after;
    }
    return rests * minutes;
  });
}
