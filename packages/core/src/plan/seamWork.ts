import { requireWithin } from '../fault/index.js';
import {
  cubicMetre,
  joule,
  normalLitrePerMinute,
  second,
  type Metre,
  type MetrePerSecond,
  type Second,
} from '../quantity/index.js';
import type { SeamUse } from './seamCost.js';

/** Seams alike, with what they are welded with. */
export interface SeamWorkInput {
  /** Really welded, all of them together. */
  readonly length: Metre;
  readonly travel: MetrePerSecond;
  /** How often the light comes on: gas flows before and after each time. */
  readonly starts: number;
  readonly gasLitresPerMinute: number;
  readonly gasBefore: Second;
  readonly gasAfter: Second;
  /** Cross section m2, feed m/s and kg/m3; null without wire. */
  readonly wire: { readonly area: number; readonly speed: number; readonly density: number } | null;
  /** Drawn from the mains while light is on, W. */
  readonly input: number;
  /** Light on over the time of the hands, above 0, at most 1. */
  readonly lightShare: number;
  /** Light on that a window bears at this setting. */
  readonly windowLife: Second;
}

/**
 * What seams take: light, hands, gas with what flows around each start, wire while light is on, mains, and the window's share.
 *
 * @throws RangeFault for a share of light that is not above 0 and at most 1, a travel or a window's life that is not above 0, and starts below 0
 * @example
 * seamWork({ length: metre(2), travel: mmPerSecond(8), starts: 4, gasLitresPerMinute: 15, gasBefore: second(0.3), gasAfter: second(0.5), wire: null, input: 3000, lightShare: 0.25, windowLife: second(72_000) }).labour // => 1000
 */
export function seamWork(input: SeamWorkInput): SeamUse {
  const { length, travel, starts, gasBefore, gasAfter, wire, lightShare, windowLife } = input;
  requireWithin(lightShare, {
    quantity: 'light on, as a share of the hands’ time',
    min: 0.001,
    max: 1,
    unit: '',
  });
  requireWithin(travel, { quantity: 'travel', min: 1e-5, max: 1, unit: 'm/s' });
  requireWithin(starts, { quantity: 'starts', min: 0, max: 1e7, unit: '' });
  requireWithin(windowLife, { quantity: 'a window’s life', min: 1, max: 1e9, unit: 's of light' });
  const lightOn = length / travel;
  const flowing = lightOn + starts * (gasBefore + gasAfter);
  return {
    length,
    lightOn: second(lightOn),
    labour: second(lightOn / lightShare),
    gas: cubicMetre(normalLitrePerMinute(input.gasLitresPerMinute) * flowing),
    wire: wire === null ? 0 : wire.area * wire.speed * lightOn * wire.density,
    mains: joule(input.input * lightOn),
    windowShare: lightOn / windowLife,
  };
}
