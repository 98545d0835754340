import type { KnobRange } from '../machine/index.js';
import type { Metal } from '../metal/index.js';
import type { Fraction, Hertz, Metre, MetrePerSecond, Watt } from '../quantity/index.js';
import type { CoatId } from './coatTable.js';

/** What is wanted of a face: bare and unmarked, done quickly, or only the colour off it. */
export const cleanAims = ['bare', 'quick', 'tint'] as const;
export type CleanAim = (typeof cleanAims)[number];

/** How the light is swept: to and fro on a line, or round in a circle that goes along with the hand. */
export const sweepShapes = ['line', 'circle'] as const;
export type SweepShape = (typeof sweepShapes)[number];

/** What a machine's cleaning head, or the gun with its cleaning lens, can be set to. */
export interface CleanHead {
  readonly power: KnobRange<Watt>;
  /** Null where the light cannot be pulsed. */
  readonly duty: KnobRange<Fraction> | null;
  readonly pulses: KnobRange<Hertz> | null;
  /** Of the sweep, peak to peak. */
  readonly width: KnobRange<Metre>;
  /** Full sweeps to and fro a second. */
  readonly rate: KnobRange<Hertz>;
  readonly spot: Metre;
  /** One or more. */
  readonly shapes: readonly SweepShape[];
}

/** A face to be cleaned. */
export interface CleanJob {
  readonly metal: Metal;
  readonly thickness: Metre;
  readonly coat: CoatId;
  readonly length: Metre;
  /** Across the length; a strip beside a seam is as wide as its colour. */
  readonly width: Metre;
  readonly aim: CleanAim;
  readonly head: CleanHead;
}

/** What is dialled to clean. */
export interface CleanSetting {
  readonly power: Watt;
  readonly duty: Fraction;
  /** Of the light; null where it stays on. */
  readonly pulses: Hertz | null;
  readonly shape: SweepShape;
  readonly width: Metre;
  readonly rate: Hertz;
  readonly passes: number;
  readonly travel: MetrePerSecond;
}

/** How a strip looked afterwards. */
export const stripLooks = ['untouched', 'patchy', 'bare', 'marked'] as const;
export type StripLook = (typeof stripLooks)[number];
export type StripOdds = Readonly<Record<StripLook, number>>;
