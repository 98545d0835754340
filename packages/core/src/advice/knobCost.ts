import type { Knob } from '../settings/index.js';

/** What turning a knob costs besides what it is turned for. */
export function knobCost(knob: Knob, isMore: boolean): string {
  switch (knob) {
    case 'power':
      return isMore
        ? 'more heat in the part, more wear on the window'
        : 'edges may wet less; less heat, less wear';
    case 'duty':
      return isMore ? 'more heat in the part' : 'a coarser ripple';
    case 'wobbleRate':
      return isMore
        ? 'less depth everywhere; a finer ripple'
        : 'a coarser ripple; zigzag once sweeps lie apart';
    case 'wobbleWidth':
      return isMore ? 'a wider bead to dress' : 'the joint is easier to miss';
    case 'wireSpeed':
      return isMore
        ? 'with the hand at the same pace, more metal to dress'
        : 'with the hand at the same pace, a flatter bead; watch for undercut';
    case 'travel':
      return isMore ? 'the hand must hold the quicker pace' : 'more heat and warp per millimetre';
  }
}
