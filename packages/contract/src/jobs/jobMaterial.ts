import { dialledMetals, fillers, shieldingGases } from '@lone-heron/core';
import { z } from 'zod';
import { boundedNumber, oneOf, shortText } from '../wire/bounded.js';
import { jointRanges, wireDiametersMm } from '../joint/joint.js';

const diameterError = { error: `a diameter in mm: ${wireDiametersMm.join(', ')}` };

/** Something that goes into a part, or over it while it is welded. */
const jobMaterialSchema = z.discriminatedUnion(
  'of',
  [
    z.strictObject({
      of: z.literal('sheet'),
      metal: oneOf(dialledMetals),
      thicknessMm: boundedNumber(jointRanges.thickness),
    }),
    z.strictObject({
      of: z.literal('wire'),
      filler: oneOf(fillers),
      diameterMm: z.number(diameterError).refine((mm) => wireDiametersMm.includes(mm), diameterError),
    }),
    z.strictObject({ of: z.literal('gas'), gas: oneOf(shieldingGases) }),
  ],
  { error: 'a sheet, a wire or a gas' },
);
export type JobMaterial = z.infer<typeof jobMaterialSchema>;

/** What a delivery of a material is known by: heat of a sheet, batch of a wire or a gas. */
export const jobBatchSchema = z.strictObject(
  {
    material: jobMaterialSchema,
    /** As its label says it; several with commas between. */
    batch: shortText(120).min(1, { error: 'a heat or batch of up to 120 characters' }),
  },
  { error: 'a material with its batch' },
);

/** A word that two of the same material share and no other has. */
export function materialKey(material: JobMaterial): string {
  if (material.of === 'gas') return `gas ${material.gas}`;
  return material.of === 'wire'
    ? `wire ${material.filler} ${material.diameterMm}`
    : `sheet ${material.metal} ${material.thicknessMm}`;
}
