import type { KnobRange } from '../machine/index.js';
import type { Metal } from '../metal/index.js';
import type {
  Fraction,
  GaugePascal,
  Hertz,
  Metre,
  MetrePerSecond,
  NormalFlow,
  Watt,
} from '../quantity/index.js';

/** What is blown through the kerf. */
export const cutGases = ['air', 'nitrogen', 'argon'] as const;
type CutGas = (typeof cutGases)[number];

/** What is wanted of a cut: the least dross, to be done quickly, or the least heat in the sheet. */
export const cutAims = ['clean', 'quick', 'cool'] as const;
export type CutAim = (typeof cutAims)[number];

/** What a machine can be set to with its cutting nozzle on. */
export interface CutHead {
  readonly power: KnobRange<Watt>;
  /** Null where the light cannot be pulsed. */
  readonly duty: KnobRange<Fraction> | null;
  readonly pulses: KnobRange<Hertz> | null;
  readonly spot: Metre;
}

/** A cut to be made. */
export interface CutJob {
  readonly metal: Metal;
  readonly thickness: Metre;
  readonly gas: CutGas;
  /** In front of the bore. */
  readonly pressure: GaugePascal;
  readonly bore: Metre;
  /** What the compressor or the bottle's regulator gives; null where nobody said. */
  readonly supply: NormalFlow | null;
  /** Round holes and small radii are cut slower by hand. */
  readonly line: 'straight' | 'round';
  readonly length: Metre;
  readonly aim: CutAim;
  readonly head: CutHead;
}

/** What is dialled to cut. */
export interface CutSetting {
  readonly power: Watt;
  readonly duty: Fraction;
  /** Of the light; null where it stays on. */
  readonly pulses: Hertz | null;
  readonly travel: MetrePerSecond;
  /** Below the face; above it is less than 0. */
  readonly focus: Metre;
  /** Of the nozzle. */
  readonly standoff: Metre;
}

/** How a piece came out: clean through, with a beard of dross, welded shut again behind, or not through with sparks upwards. */
export const pieceLooks = ['through', 'beard', 'weldedShut', 'sparksUp'] as const;
export type PieceLook = (typeof pieceLooks)[number];
export type PieceOdds = Readonly<Record<PieceLook, number>>;
