import { cardRanges } from '@lone-heron/contract';
import type { TypedQuantity } from '../../shared/figures/readTyped.js';

/** What is typed on a card beside the knobs, with its label and what it may be. */
export const cardFields = {
  focusMm: { label: 'Focus above the surface', quantity: { range: cardRanges.focus, dimension: 'length' } },
  gunAngleDeg: { label: 'Gun from the sheet', quantity: { range: cardRanges.gunAngle, dimension: null } },
  boreMm: { label: 'Bore of the nozzle', quantity: { range: cardRanges.bore, dimension: 'length' } },
  gasBeforeS: { label: 'Gas before light', quantity: { range: cardRanges.gasBefore, dimension: 'duration' } },
  rampUpS: { label: 'Ramp at the start', quantity: { range: cardRanges.rampUp, dimension: 'duration' } },
  rampDownS: { label: 'Ramp at the end', quantity: { range: cardRanges.rampDown, dimension: 'duration' } },
  gasAfterS: { label: 'Gas after light', quantity: { range: cardRanges.gasAfter, dimension: 'duration' } },
} as const satisfies Record<string, { label: string; quantity: TypedQuantity }>;
export type CardField = keyof typeof cardFields;
export const cardFieldNames = Object.keys(cardFields) as readonly CardField[];

/** Fields that nobody needs to fill. */
export const fieldsAroundLight = ['gasBeforeS', 'rampUpS', 'rampDownS', 'gasAfterS'] as const;
