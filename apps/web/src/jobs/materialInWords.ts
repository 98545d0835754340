import type { JobMaterial } from '@lone-heron/contract';
import { gasTable } from '@lone-heron/core';
import { spokenLength } from '../shared/figures/spoken.js';
import { wireInWords } from '../shared/sentences/wireInWords.js';
import { metalName } from '../shared/vocabulary/metalNames.js';

/** A material of a job: "304 stainless, 1.5 mm", "0.8 mm wire, 308L", "argon". */
export function materialInWords(material: JobMaterial): string {
  if (material.of === 'gas') return gasTable[material.gas].name;
  return material.of === 'wire'
    ? takenWireInWords(material)
    : `${metalName(material.metal)}, ${spokenLength(material.thicknessMm)}`;
}

/** A wire by its alloy and the name its size is sold under; without an alloy where nobody chose one. */
export function takenWireInWords({
  filler,
  diameterMm,
}: {
  readonly filler: string | null;
  readonly diameterMm: number;
}): string {
  return [`${wireInWords(diameterMm)} wire`, ...(filler === null ? [] : [filler])].join(', ');
}
