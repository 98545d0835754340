/** What lives are compared by. */
export const lifeFactors = [
  'machine',
  'person',
  'metal',
  'gas',
  'batch',
  'supplier',
  'lot',
  'softStart',
  'gunAngle',
  'place',
] as const;
export type LifeFactor = (typeof lifeFactors)[number];
