import { cardRanges } from '@lone-heron/contract';
import type { TypedQuantity } from '../../shared/figures/readTyped.js';

/** What is typed on a card beside the knobs, with its label and what it may be. */
export const cardFields = {
  focusMm: { label: 'Focus above the surface', quantity: { range: cardRanges.focus, dimension: 'length' } },
  gunAngleDeg: { label: 'Gun from the sheet', quantity: { range: cardRanges.gunAngle, dimension: null } },
  boreMm: { label: 'Bore of the nozzle', quantity: { range: cardRanges.bore, dimension: 'length' } },
} as const satisfies Record<string, { label: string; quantity: TypedQuantity }>;
export type CardField = keyof typeof cardFields;
