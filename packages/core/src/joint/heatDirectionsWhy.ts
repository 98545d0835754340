import { seamOf, type Joint } from './Joint.js';

/**
 * Why a joint has the directions for its heat that it has, in one line.
 *
 * @example
 * heatDirectionsWhy(sampleJob().joint) // => 'heat leaves one way into each side; a thicker side carries more off'
 */
export function heatDirectionsWhy(joint: Joint): string {
  switch (seamOf(joint).kind) {
    case 'butt':
    case 'tubeButt':
      return 'heat leaves one way into each side; a thicker side carries more off';
    case 'lap':
      return 'heat leaves both ways in both sheets, which are melted through together';
    case 'tee':
      return 'heat leaves both ways in the sheet below and up the standing one';
    case 'tubeToPlate':
      return 'heat leaves both ways in the plate and along the tube’s wall';
    case 'insideCorner':
      return 'both sheets end at the corner: heat leaves one way in each';
    case 'flareGroove':
      return 'heat leaves both ways round the tube’s wall and both ways in the sheet';
    case 'plug':
      return 'heat leaves outward in the top sheet and both ways in the one below';
    case 'outsideCorner':
    case 'edge':
      return 'the edges stand in the air: heat can only leave back along the sheets, so it runs hot';
  }
}
