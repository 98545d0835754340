import { wireDiametersMm } from '@lone-heron/contract';
import {
  backings,
  dialledMetals,
  fillers,
  finishLimits,
  nozzleShapes,
  positions,
  seamKinds,
  shieldingGases,
  surfaces,
} from '@lone-heron/core';
import { aimChoices } from './aims.js';

/** The words of the sentence, as typed or picked. An empty typed size is ours to propose. */
export interface DialWords {
  readonly metal: string;
  /** Of the second sheet; "same" where both are one. */
  readonly secondMetal: string;
  readonly first: string;
  readonly second: string;
  readonly kind: string;
  readonly gap: string;
  /** "square", or the angle of a bevel in degrees. */
  readonly bevel: string;
  readonly land: string;
  readonly leg: string;
  /** Outside diameter. */
  readonly tube: string;
  readonly hole: string;
  readonly sides: string;
  readonly run: string;
  readonly stitch: string;
  readonly pitch: string;
  /** By which the stitches of the second side are shifted. */
  readonly offset: string;
  readonly tackLength: string;
  readonly tackTime: string;
  readonly pulseOn: string;
  readonly pulseOff: string;
  readonly position: string;
  readonly surface: string;
  readonly backing: string;
  /** "far" in the middle of a large sheet, "near" between two free edges. */
  readonly edge: string;
  readonly edgeAway: string;
  /** Diameter in mm, or "none". */
  readonly wire: string;
  /** "usual" for what the metals and the shelf say. */
  readonly filler: string;
  readonly gas: string;
  readonly nozzle: string;
  readonly machine: string;
  /** Watts a machine would have, to try; empty for what it has. */
  readonly asIf: string;
  readonly aim: string;
  readonly limit: string;
}
export type WordName = keyof DialWords;

/** What a newcomer finds: a joint every shop knows. */
export const firstWords: DialWords = {
  metal: 'stainless304',
  secondMetal: 'same',
  first: '1.5 mm',
  second: '1.5 mm',
  kind: 'butt',
  gap: '0.1 mm',
  bevel: 'square',
  land: '',
  leg: '',
  tube: '40 mm',
  hole: '',
  sides: '1',
  run: 'one',
  stitch: '20 mm',
  pitch: '60 mm',
  offset: '0 mm',
  tackLength: '3 mm',
  tackTime: '0.6 s',
  pulseOn: '100 ms',
  pulseOff: '60 ms',
  position: 'flat',
  surface: 'clean',
  backing: 'none',
  edge: 'far',
  edgeAway: '15 mm',
  wire: '0.8',
  filler: 'usual',
  gas: 'usual',
  nozzle: 'usual',
  machine: '',
  asIf: '',
  aim: 'reach',
  limit: 'none',
};

export const wordNames = Object.keys(firstWords) as WordName[];

/** How the seam is run. */
export const runs = ['one', 'stitched', 'pulsed', 'tack'] as const;
export type Run = (typeof runs)[number];

/** Bevels that shops cut, by their whole angle in degrees. */
export const bevels = ['square', '60', '90'] as const;

/** Words that are picked from what every shop has, with what they can be. */
export const pickedWords: Readonly<Partial<Record<WordName, readonly string[]>>> = {
  metal: dialledMetals,
  secondMetal: ['same', ...dialledMetals],
  kind: seamKinds,
  bevel: bevels,
  sides: ['1', '2'],
  run: runs,
  position: positions,
  surface: surfaces,
  backing: backings,
  edge: ['far', 'near'],
  wire: ['none', ...wireDiametersMm.map(String)],
  filler: ['usual', ...fillers],
  gas: ['usual', ...shieldingGases],
  nozzle: ['usual', ...nozzleShapes],
  aim: aimChoices.map(({ value }) => value),
  limit: finishLimits,
};
