import type { Metal } from '../metal/index.js';
import type { Metre, Radian } from '../quantity/index.js';
import type { PartSeam } from '../weldHeat/index.js';

/** A seam of a part with what it does to two free sheets. */
export interface WarpSeam extends PartSeam {
  /** How much nearer two free sheets come by one go, as `distortion` has it. */
  readonly shrinkage: Metre;
  /** How far they turn up towards the face by one go. */
  readonly turn: Radian;
  /** Whether two sheets end or overlap there, so that nothing but tacks holds them until it is welded; a T's lower sheet runs on. */
  readonly parts: boolean;
  /** Whether a go from the other side meets it. */
  readonly otherSide: boolean;
  /** Stitches instead of one run, m. */
  readonly stitches: { readonly length: number; readonly pitch: number } | null;
  /** Where its tacks are, m from its start. */
  readonly tacks: readonly number[];
}

/** A flat part and its seams, all SI. */
export interface PartWarpInput {
  readonly metal: Metal;
  /** Of the sheet that bends. */
  readonly thickness: Metre;
  readonly seams: readonly WarpSeam[];
  /** How far the sheet runs on beside the outermost seams, m. */
  readonly beyond: number;
}

/** How a seam is run: on from its start; on in short runs each welded backwards; from the middle to both ends. */
export type SeamRun = 'onward' | 'backStep' | 'middleOut';

/** A way of welding the part. */
export interface PartWay {
  /** Marks in the order they are welded. */
  readonly marks: readonly string[];
  /** K over cold where each seam lies as it begins. */
  readonly riseAtStart: Readonly<Record<string, number>>;
  readonly run: SeamRun;
  readonly tacks: 'asSet' | 'twiceAsClose' | 'none';
  /** Held flat beside the seams until everything is cold. */
  readonly isClamped: boolean;
  /** Half of each seam in stitches, where it is not stitched already. */
  readonly inStitches: boolean;
  /** Each seam from either side with a part of the heat. */
  readonly fromBothSides: boolean;
}
