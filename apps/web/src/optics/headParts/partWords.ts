import type { HeadPartKind, PartReason, StockKind } from '@lone-heron/contract';

/** Parts in the words a welder uses. */
export const partWords: Readonly<Record<HeadPartKind, string>> = {
  seal: 'seal of the window',
  focusLens: 'focus lens',
  collimator: 'collimator',
  mirror: 'mirror',
  fibreEnd: 'fibre end',
  nozzle: 'nozzle',
  wireGuide: 'wire guide',
  liner: 'liner',
  driveRoll: 'drive rolls',
  airFilter: 'air filter',
  waterFilter: 'water filter',
  extractionFilter: 'extraction filter',
};

/** What lies in the drawer, in the same words. */
export const stockWords: Readonly<Record<StockKind, string>> = {
  window: 'protective window',
  ...partWords,
};

/** Why a part came out. */
export const partReasonWords: Readonly<Record<PartReason, string>> = {
  worn: 'worn',
  burnt: 'burnt',
  dirty: 'dirty or clogged',
  broken: 'broken',
  planned: 'planned',
  otherJoint: 'another one for this joint',
  other: 'other',
};
