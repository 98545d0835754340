import type { CardContent } from '@lone-heron/contract';
import { spokenLength } from '../figures/spoken.js';
import { nozzleWords } from '../vocabulary/nozzles.js';

/** A nozzle as it lies in the drawer: "V for corners, grooved, bore 6 mm". */
export function nozzleInWords({ shape, isGrooved, boreMm }: CardContent['nozzle']): string {
  return `${nozzleWords[shape]}${isGrooved ? ', grooved' : ''}, bore ${spokenLength(boreMm)}`;
}
