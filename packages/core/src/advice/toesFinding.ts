import type { CouponFinding } from '../evidence/index.js';
import type { ToesLook } from './SeenWeld.js';

/**
 * A look at a joint without a back, as evidence of depth. One toe alone is a matter of aim and says nothing of it.
 *
 * @example
 * toesFinding('wetted') // => { by: 'toes', toes: 'wetted', far: 'nothing' }
 */
export function toesFinding(look: ToesLook): CouponFinding {
  switch (look) {
    case 'cold':
      return { by: 'toes', toes: 'cold', far: 'nothing' };
    case 'oneSide':
      return { by: 'toes', toes: null, far: null };
    case 'wetted':
      return { by: 'toes', toes: 'wetted', far: 'nothing' };
    case 'shows':
      return { by: 'toes', toes: null, far: 'shows' };
    case 'hole':
      return { by: 'toes', toes: null, far: 'hole' };
  }
}
