import { meanPathSpeed } from '../beam/index.js';
import { requireWithin } from '../fault/index.js';
import { diffusivity, heatToMelt, meltRise } from '../metal/index.js';
import { inCelsius, inMm, inMmPerSecond, metre } from '../quantity/index.js';
import { barDraw } from './barDraw.js';
import { heatLimitedDepth } from './heatLimitedDepth.js';
import type { MeltInput, MeltPrediction, WireFeed } from './MeltInput.js';
import { secondEdition, type MeltEdition } from './meltEdition.js';
import { keyholeShare } from './normalisedEnthalpy.js';
import { reachLimitedDepth } from './reachLimitedDepth.js';

/** What is left for the sheets is never counted below this, so that the balance keeps a root. */
const leastPower = 1;

/**
 * Depth and width of a weld: the lesser of what the heat can melt and what the keyhole can reach.
 * Process model, melt steps 1 to 5. Sources: Hann, Iammi and Folkes 2011 (enthalpy); Rosenthal 1946 and
 * Swift-Hook and Gick 1973 (heat balance); Lankalapalli, Tu and Gartner 1996 (keyhole). The blend, the wobble terms
 * and the absorptivities are calibrated. See {@link secondEdition} for what it corrects. A planning aid for a coupon, not a qualified procedure.
 *
 * @param input thickness 0.05 to 50 mm, power 1 to 20 000 W, duty 0.01 to 1, travel 0.1 to 500 mm/s,
 *   spot 0.02 to 2 mm, wobble to 20 mm, wire to 3 mm
 * @throws RangeFault for a value outside those ranges
 * @example
 * predictMelt({ metal: findMetal('stainless304'), thickness: mm(2), heatDirections: 2, power: watt(900), duty: fraction(1), travel: mmPerSecond(8), spot: mm(0.15), wobble: { shape: 'sideToSide', width: mm(2.5), frequency: hertz(60) }, wire: null }).reach.toFixed(2) // => '1.07'
 */
export function predictMelt(input: MeltInput, edition: MeltEdition = secondEdition): MeltPrediction {
  requireMeltRanges(input);
  return meltKernel(input, edition);
}

/**
 * {@link predictMelt} without its guards, for searches that make their own inputs.
 *
 * @param edition of the model; the newest unless the oracle is asked
 * @example
 * meltKernel(meltInputOf(sampleJob(), sampleSetting)).reach.toFixed(2) // => '1.12'
 */
export function meltKernel(input: MeltInput, edition: MeltEdition = secondEdition): MeltPrediction {
  const { metal, thickness, wobble, travel, duty } = input;
  const wobbleWidth = wobble.shape === 'none' ? 0 : wobble.width;
  const spotRadius = input.spot / 2;
  const pathSpeed = meanPathSpeed(wobble, travel);
  const keyholeDrive = input.power * keyholeDuty(input, spotRadius);

  // Step 1: how the light is taken.
  const surface = edition.surfaceAbsorptivity(metal);
  const enthalpy = edition.enthalpy({
    absorptivity: surface,
    liquidConductivity: metal.liquidConductivity,
    power: keyholeDrive,
    density: metal.density,
    heatCapacity: metal.heatCapacity,
    meltRise: meltRise(metal, input.start),
    diffusivity: diffusivity(metal),
    pathSpeed,
    spotRadius,
  });
  const share = keyholeShare(enthalpy, edition.keyholeOpensAt);
  const absorptivity = surface + (metal.keyholeAbsorptivity - surface) * share;

  // Step 2: what the cold wire leaves for the sheets.
  const absorbed = absorptivity * input.power * duty;
  const wirePower = input.wire === null ? 0 : wireVolumeRate(input.wire) * heatToMelt(metal);
  const wireShare = Math.min(1, wirePower / absorbed);
  const bead = wobbleWidth + 1.2 * input.spot;
  const paid = wireShare < 1 ? paidByWire(input, wirePower, bead) : 0;
  const left = Math.max(absorbed - wirePower + paid - barDraw(input, bead), leastPower);

  // Step 3: how deep the heat can melt.
  const heatLimited = heatLimitedDepth(heatBalance(input, wobbleWidth, bead), left);

  // Step 4: how deep the keyhole can reach.
  const reachLimited = reachLimitedDepth({
    metal,
    rise: meltRise(metal, input.start),
    keyholePower: share * absorptivity * keyholeDrive * (1 - wireShare),
    pathSpeed,
    spotRadius,
    weave: edition.weave(wobbleWidth),
    beadWidth: bead,
  });

  // Step 5: the lesser of the two, smoothly; a thin sheet under a weave is melted through as soon as the heat is there.
  const lesser = 1 / Math.cbrt(heatLimited ** -3 + reachLimited ** -3);
  const thinness = wobbleWidth > 0 ? Math.exp(-((thickness / (0.8 * bead)) ** 2)) : 0;
  const depth = lesser ** (1 - thinness) * heatLimited ** thinness;
  return {
    normalisedEnthalpy: enthalpy,
    keyholeShare: share,
    absorptivity,
    wireShare,
    heatLimitedDepth: metre(heatLimited),
    reachLimitedDepth: metre(reachLimited),
    depth: metre(depth),
    width: metre(beadWidth(input, { bead, depth, heatLimited, left })),
    reach: depth / thickness,
  };
}

/** The deposit never counts as more than this share of the bead over the thickness: the rest is sheet. */
const mostDeposit = 0.8;

/**
 * Heat of the section's melt that the wire has been given already, W: its own metal is not melted twice. At most what
 * the wire took, for more metal than was fed cannot lie there.
 */
function paidByWire(input: MeltInput, wirePower: number, bead: number): number {
  const { metal, deposit, travel, thickness } = input;
  if (deposit === undefined) return 0;
  const inSection = Math.min(deposit, mostDeposit * bead * thickness);
  return Math.min(wirePower, travel * inSection * heatToMelt(metal));
}

/** Fast modulation acts on the keyhole as its mean; slow modulation lets it follow each pulse. */
function keyholeDuty(input: MeltInput, spotRadius: number): number {
  const isFast =
    input.modulation !== undefined &&
    input.modulation >= diffusivity(input.metal) / (spotRadius * spotRadius);
  return isFast ? input.duty : 1;
}

function wireVolumeRate(wire: WireFeed): number {
  return (Math.PI / 4) * wire.diameter ** 2 * wire.speed;
}

function heatBalance(input: MeltInput, wobbleWidth: number, bead: number) {
  const { metal, travel, thickness, heatDirections } = input;
  const rise = meltRise(metal, input.start);
  const narrow = 5 * input.spot;
  const overheat = 1.15 + (0.85 * narrow) / (narrow + wobbleWidth);
  return {
    perDepth:
      0.8 * heatDirections * metal.conductivity * rise +
      travel * bead * metal.density * (overheat * metal.heatCapacity * rise + metal.latentHeat),
    below: metal.conductivity * bead * rise,
    thickness,
    belowLength: (2 * diffusivity(metal)) / travel + bead / 2,
  };
}

interface DepthParts {
  readonly bead: number;
  readonly depth: number;
  readonly heatLimited: number;
  readonly left: number;
}

/** Heat that the depth cannot use spreads the bead, up to half as wide again and 0.5 mm. */
function beadWidth(input: MeltInput, { bead, depth, heatLimited, left }: DepthParts): number {
  if (depth >= heatLimited || depth >= input.thickness) return bead;
  const { metal, travel, heatDirections } = input;
  const rise = meltRise(metal, input.start);
  const spread =
    (left / depth - 0.8 * heatDirections * metal.conductivity * rise) /
    (travel * metal.density * (2 * metal.heatCapacity * rise + metal.latentHeat));
  return Math.max(bead, Math.min(spread, 1.5 * bead + 0.5e-3));
}

function requireMeltRanges(input: MeltInput): void {
  requireWithin(inMm(input.thickness), { quantity: 'thickness', min: 0.05, max: 50, unit: 'mm' });
  requireWithin(input.heatDirections, { quantity: 'heat directions', min: 0.25, max: 50, unit: '' });
  requireWithin(input.power, { quantity: 'power', min: 1, max: 20_000, unit: 'W' });
  requireWithin(input.duty, { quantity: 'duty', min: 0.01, max: 1, unit: '' });
  requireWithin(inMmPerSecond(input.travel), { quantity: 'travel', min: 0.1, max: 500, unit: 'mm/s' });
  if (input.start !== undefined) {
    const mostStart = 0.8 * inCelsius(input.metal.meltingPoint);
    requireWithin(inCelsius(input.start), { quantity: 'start', min: -40, max: mostStart, unit: '°C' });
  }
  requireWithin(inMm(input.spot), { quantity: 'spot', min: 0.02, max: 2, unit: 'mm' });
  if (input.wobble.shape !== 'none') {
    requireWithin(inMm(input.wobble.width), { quantity: 'wobble width', min: 0, max: 20, unit: 'mm' });
    requireWithin(input.wobble.frequency, { quantity: 'wobble rate', min: 0, max: 2000, unit: 'Hz' });
  }
  if (input.wire !== null) {
    requireWithin(inMm(input.wire.diameter), { quantity: 'wire diameter', min: 0.1, max: 3, unit: 'mm' });
    requireWithin(inMmPerSecond(input.wire.speed), {
      quantity: 'wire speed',
      min: 0,
      max: 1000,
      unit: 'mm/s',
    });
  }
}
