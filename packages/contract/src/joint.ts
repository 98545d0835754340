import { dialledMetals, inMm, sheetRange, wireDiameters } from '@lone-heron/core';
import { z } from 'zod';
import { boundedNumber, oneOf } from './bounded.js';

const thickness = boundedNumber(sheetRange);

/** Wire diameters, mm, that a joint can be said with. */
export const wireDiametersMm: readonly number[] = wireDiameters.map(inMm);

/** Two sheets edge to edge, as they are recorded: lengths in mm. */
export const jointSchema = z
  .strictObject(
    {
      kind: oneOf(['butt']),
      metal: oneOf(dialledMetals),
      firstThicknessMm: thickness,
      secondThicknessMm: thickness,
      gapMm: boundedNumber({ quantity: 'gap', min: 0, max: sheetRange.max, unit: 'mm' }),
    },
    { error: 'a joint with kind, metal, firstThicknessMm, secondThicknessMm and gapMm' },
  )
  .check(({ value, issues }) => {
    const thinner = Math.min(value.firstThicknessMm, value.secondThicknessMm);
    // A sheet that is refused itself says nothing about the gap.
    if (thinner < sheetRange.min || value.gapMm <= thinner) return;
    issues.push({
      code: 'custom',
      path: ['gapMm'],
      input: value.gapMm,
      message: `0 to ${thinner} mm, the thinner sheet’s thickness`,
    });
  });
export type Joint = z.infer<typeof jointSchema>;
