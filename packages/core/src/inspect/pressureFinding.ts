import { inBar, type CubicMetre, type GaugePascal } from '../quantity/index.js';
import { gaugeClaim, type PressureGauge } from '../safety/index.js';

/** A pressure that was held, as the gauge showed it. */
export interface PressureHold {
  readonly gauge: PressureGauge;
  readonly volume: CubicMetre;
  readonly start: GaugePascal;
  readonly end: GaugePascal;
  readonly needle: 'steady' | 'swinging';
  /** Where it came out: of the weld, of a fitting (which is not the weld's), or somewhere nobody found. */
  readonly leak: 'none' | 'weld' | 'fitting' | 'notFound';
  readonly minutes: number;
}

/** What a hold says of the weld, and not more than the gauge can support. */
export interface PressureFinding {
  readonly verdict: 'held' | 'leaked' | 'nothingSaid';
  /** Held at least this, bar; null where no number can be claimed. */
  readonly atLeastBar: number | null;
  readonly words: string;
}

/**
 * What a pressure test lets one say. A leak at the weld is a leak, whatever the gauge did. A fitting's leak is not the
 * weld's and leaves the test open. A needle that swings, or a drop that nobody can explain, supports no number. A drop
 * smaller than half a division is not to be seen; without one, the hold claims the lower end of what the gauge's class
 * allows and says what leak could have hidden.
 *
 * @throws RangeFault for a reading beyond the dial
 * @example
 * pressureFinding({ gauge: { fullScale: barGauge(16), classPercent: 1.6, division: barGauge(0.5) }, volume: litre(5), start: barGauge(10), end: barGauge(10), needle: 'steady', leak: 'none', minutes: 10 }).atLeastBar?.toFixed(2) // => '9.74'
 */
export function pressureFinding(hold: PressureHold): PressureFinding {
  const { gauge, volume, start, end, needle, leak, minutes } = hold;
  const claim = gaugeClaim(gauge, start, volume);
  gaugeClaim(gauge, end, volume);
  if (leak === 'weld') return nothing('leaked', 'The weld leaked.');
  if (leak === 'fitting') {
    return nothing(
      'nothingSaid',
      'A fitting leaked, which says nothing of the weld: seal it and test again.',
    );
  }
  if (needle === 'swinging') {
    return nothing(
      'nothingSaid',
      'The needle swung: no pressure can be claimed. Bleed the air out, throttle the gauge, and test again.',
    );
  }
  const drop = start - end;
  if (drop > claim.smallestDropSeen) {
    return nothing(
      leak === 'notFound' ? 'leaked' : 'nothingSaid',
      `The reading fell by ${bar(drop)} bar, more than the ${bar(claim.smallestDropSeen)} bar that can be seen: look for the leak, and for a change of temperature.`,
    );
  }
  if (leak === 'notFound') {
    return nothing('leaked', 'Something leaked and was not found: find it before anything is claimed.');
  }
  const atLeastBar = Math.min(inBar(claim.atLeast), inBar(gaugeClaim(gauge, end, volume).atLeast));
  return {
    verdict: 'held',
    atLeastBar,
    words: `Held at least ${atLeastBar.toFixed(2)} bar for ${minutes} min. A drop under ${bar(claim.smallestDropSeen)} bar cannot be seen on this dial, which could hide ${(claim.hiddenLeak * 1e6).toFixed(1)} mL of water lost, or a change of ${claim.steadyWithin.toFixed(1)} K.`,
  };
}

function nothing(verdict: 'leaked' | 'nothingSaid', words: string): PressureFinding {
  return { verdict, atLeastBar: null, words };
}

function bar(pascal: number): string {
  return (pascal / 1e5).toFixed(2);
}
