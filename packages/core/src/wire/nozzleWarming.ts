import { second, type Metre, type Second, type Watt } from '../quantity/index.js';

/** What warms a nozzle. */
export interface NozzleWarmingInput {
  readonly bore: Metre;
  readonly wobbleWidth: Metre;
  /** Beam at the nozzle's mouth. */
  readonly spotAtMouth: Metre;
  readonly meanPower: Watt;
  /** Light-on time of the run that is wanted. */
  readonly run: Second;
}

/** How long one may weld on end. */
export interface NozzleWarming {
  /** K above the start at the end of the run, without a rest. */
  readonly rise: number;
  /** Longest run before a rest is due; Infinity where none is. */
  readonly longestRun: Second;
  /** Rest after each longest run; 0 where none is due. */
  readonly rest: Second;
  readonly restsInRun: number;
}

/** A copper nozzle of 25 g in a stream of gas. */
const heatCapacity = 9.6;
const coolingTime = 60;

/** Rise at which wire sticks and threads seize. */
const mostRise = 150;

/** Share of the light that reaches the nozzle: scattered always, and cut off as the sweep nears the bore. */
const scattered = 0.004;
const cutOff = 0.02;
const cutOffLength = 0.4e-3;

/**
 * How warm the nozzle gets on a run, and the rests that keep it whole. One lump of copper that cools with a time of a
 * minute; light on it 0.4 % of the power, and up to 2 % more as the sweep comes within half a millimetre of the bore.
 * Planning figures to be replaced by what the shop sees.
 *
 * @example
 * nozzleWarming({ bore: mm(6), wobbleWidth: mm(2), spotAtMouth: mm(1), meanPower: watt(1000), run: second(60) }).rise.toFixed(0) // => '18'
 */
export function nozzleWarming(input: NozzleWarmingInput): NozzleWarming {
  const { bore, wobbleWidth, spotAtMouth, meanPower, run } = input;
  const clearance = Math.max(0, (bore - wobbleWidth - spotAtMouth) / 2);
  const taken = meanPower * (scattered + cutOff * Math.exp(-clearance / cutOffLength));
  const final = (taken * coolingTime) / heatCapacity;
  const rise = final * -Math.expm1((-1 * run) / coolingTime);
  if (final <= mostRise) return { rise, longestRun: second(Infinity), rest: second(0), restsInRun: 0 };
  const longest = -coolingTime * Math.log1p(-mostRise / final);
  // A rest takes half of the rise away, so the stretch after it is shorter than the first.
  const afterRest = coolingTime * Math.log((final - mostRise / 2) / (final - mostRise));
  return {
    rise,
    longestRun: second(longest),
    rest: second(run > longest ? coolingTime * Math.LN2 : 0),
    restsInRun: run > longest ? Math.ceil((run - longest) / afterRest) : 0,
  };
}
