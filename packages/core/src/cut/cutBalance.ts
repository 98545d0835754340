import { requireWithin } from '../fault/index.js';
import {
  metrePerSecond,
  type Fraction,
  type KelvinDifference,
  type Metre,
  type MetrePerSecond,
  type Watt,
} from '../quantity/index.js';

/** A cut, as its energy sees it. */
interface CutBalance {
  /** Mean power. */
  readonly power: Watt;
  readonly absorptivity: Fraction;
  /** Heat of burning with oxygen or air, of what is absorbed. */
  readonly reactionShare: number;
  readonly kerf: Metre;
  readonly thickness: Metre;
  /** kg/m3 */
  readonly density: number;
  /** J/(kg K) */
  readonly heatCapacity: number;
  /** To where the melt is blown out. */
  readonly rise: KelvinDifference;
  /** Of melting, J/kg. */
  readonly latentHeat: number;
  /** Lost into the sheet, of what is absorbed and burnt. */
  readonly lossShare: Fraction;
}

/**
 * The fastest cut that the energy allows: what is absorbed and burnt, less what runs off into the sheet, melts the kerf.
 * A P (1 + r)(1 - l) = rho w t v (c dT + L). Planning figure: whether the melt also leaves is the gas's.
 *
 * @throws RangeFault for a kerf, sheet or metal that is not above 0, and for shares outside 0 to 1
 */
export function fastestCut(cut: CutBalance): MetrePerSecond {
  const { power, absorptivity, reactionShare, lossShare } = cut;
  requireWithin(power, { quantity: 'power', min: 0, max: 1e6, unit: 'W' });
  for (const [quantity, value] of [
    ['absorptivity', absorptivity],
    ['lossShare', lossShare],
  ] as const)
    requireWithin(value, { quantity, min: 0, max: 1, unit: '' });
  requireWithin(reactionShare, { quantity: 'reactionShare', min: 0, max: 10, unit: '' });
  for (const quantity of ['kerf', 'thickness', 'density', 'heatCapacity', 'rise'] as const)
    requireWithin(cut[quantity], { quantity, min: 1e-9, max: 1e9, unit: '' });
  requireWithin(cut.latentHeat, { quantity: 'latentHeat', min: 0, max: 1e8, unit: 'J/kg' });
  const heat = absorptivity * power * (1 + reactionShare) * (1 - lossShare);
  const perMetre = cut.density * cut.kerf * cut.thickness * (cut.heatCapacity * cut.rise + cut.latentHeat);
  return metrePerSecond(heat / perMetre);
}
