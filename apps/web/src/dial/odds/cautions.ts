import { metalTable, type DialledMetalId } from '@lone-heron/core';

/** The one caution that matters most for a metal, short. */
export function cautionFor(metal: DialledMetalId): string {
  switch (metalTable[metal].family) {
    case 'stainless':
      return 'Stainless fume carries hexavalent chromium: extraction on, respirator worn. Rated eyewear for everybody in sight.';
    case 'aluminium':
      return 'Aluminium throws the beam back: rated eyewear for everybody in sight, nobody in line. Its dust burns.';
    case 'steel':
    case 'copperAlloy':
    case 'titanium':
    case 'nickel':
      return 'Rated eyewear for everybody in sight, barrier shut before the cap comes off. Light passes an open joint.';
  }
}
