import { fourFifths } from '../numeric/index.js';
import {
  chanceBelow,
  learnThresholds,
  thresholdAlong,
  type SeenBound,
  type ThresholdBelief,
} from '../evidence/index.js';
import { metrePerSecond, type MetrePerSecond } from '../quantity/index.js';
import { cutLimits, type CutLimits } from './cutFigures.js';
import type { CutJob, CutSetting, PieceLook, PieceOdds } from './CutJob.js';

/** Hidden figures: ln of the real over the computed energy limit, and ln of the push that leaves no dross. */
const speedRow = [1, 0] as const;
const drossRow = [0, 1] as const;
export const cutPrior = { mean: [0, 0], sd: [0.4, 0.4] } as const;

const pieceNoise = 0.12;
/** What a piece of another machine, or of another metal family, adds. */
const elsewhereNoise = 0.3;
/** A push so much less (ln) and the melt does not leave at all: it welds shut again. */
const shutBelow = 0.6;
/** Slower than this share of the limit the hand melts more than the kerf, and what is too much hangs behind. */
const slowShare = 0.55;
const slowDross = 0.5;

/** A piece that was cut and looked at. */
export interface CutPiece {
  readonly job: CutJob;
  readonly setting: CutSetting;
  readonly look: PieceLook;
  readonly isElsewhere: boolean;
}

/** What the shop's pieces say of how quick its cuts can be, and of how strong its gas must be. */
export function learnCut(pieces: readonly CutPiece[]): ThresholdBelief {
  return learnThresholds(cutPrior, pieces.flatMap(boundsOf));
}

function boundsOf({ job, setting, look, isElsewhere }: CutPiece): SeenBound[] {
  const { speed, push } = figuresOf(cutLimits(job, setting), setting.travel);
  const noise = Math.hypot(pieceNoise, isElsewhere ? elsewhereNoise : 0);
  const above = (row: readonly number[], low: number): SeenBound => ({ row, low, high: Infinity, noise });
  const below = (row: readonly number[], high: number): SeenBound => ({ row, low: -Infinity, high, noise });
  switch (look) {
    case 'sparksUp':
      return [below(speedRow, speed)];
    case 'through':
      return [above(speedRow, speed), below(drossRow, push)];
    case 'beard':
      return [above(speedRow, speed), { row: drossRow, low: push, high: push + shutBelow, noise }];
    case 'weldedShut':
      return [above(speedRow, speed), above(drossRow, push + shutBelow)];
  }
}

/**
 * Odds of each look of the next piece.
 *
 * @returns summing to 1
 */
export function pieceOdds(belief: ThresholdBelief, job: CutJob, setting: CutSetting): PieceOdds {
  return oddsWithin(belief, cutLimits(job, setting), setting.travel);
}

/** {@link pieceOdds} of one pace within limits that are known. */
export function oddsWithin(belief: ThresholdBelief, limits: CutLimits, travel: MetrePerSecond): PieceOdds {
  const { speed, push } = figuresOf(limits, travel);
  const tooQuick = chanceBelow(belief, speedRow, speed, pieceNoise);
  const clean = chanceBelow(belief, drossRow, push, pieceNoise);
  const leaves = chanceBelow(belief, drossRow, push + shutBelow, pieceNoise);
  return {
    through: (1 - tooQuick) * clean,
    beard: (1 - tooQuick) * (leaves - clean),
    weldedShut: (1 - tooQuick) * (1 - leaves),
    sparksUp: tooQuick,
  };
}

/** The speed past which a cut is more likely lost than not, as the shop's pieces have it, and the middle four fifths of it. */
export function likelyLimit(
  belief: ThresholdBelief,
  job: CutJob,
  setting: CutSetting,
): { readonly middle: MetrePerSecond; readonly low: MetrePerSecond; readonly high: MetrePerSecond } {
  const { mean, sd } = thresholdAlong(belief, speedRow);
  const { energyLimit } = cutLimits(job, setting);
  const at = (deviations: number) => metrePerSecond(energyLimit * Math.exp(mean + deviations * sd));
  return { middle: at(0), low: at(-fourFifths), high: at(fourFifths) };
}

/** ln of the pace over the energy limit, and ln of the push with what a slow hand takes from it. */
function figuresOf({ energyLimit, push }: CutLimits, travel: MetrePerSecond) {
  const share = travel / energyLimit;
  return {
    speed: Math.log(share),
    push: Math.log(push) - slowDross * Math.max(0, Math.log(slowShare / share)),
  };
}
