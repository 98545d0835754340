import { mm, wireName } from '@lone-heron/core';

/** A wire by the name it is sold under: "0.8 mm", "0.030 in". */
export function wireInWords(diameterMm: number): string {
  return wireName(mm(diameterMm));
}
