import type { HandSlip } from '@lone-heron/contract';
import type { FaceSign, SeamColour, WeldingSign } from '@lone-heron/core';

/** What a face shows, in the words of the shop. */
export const faceWords: Readonly<Record<FaceSign, string>> = {
  even: 'even, edges wetted',
  roundedPulledAway: 'rounded, pulled away',
  sagging: 'sagging',
  undercut: 'undercut',
  oneSide: 'off to one side',
  dullOrSooty: 'dull or sooty',
  pores: 'pores',
  holes: 'holes',
  zigzag: 'zigzag',
};

/** What was felt, heard and seen while the light was on. */
export const weldingWords: Readonly<Record<WeldingSign, string>> = {
  keyholeShut: 'keyhole stays shut',
  keyholeWide: 'keyhole opens wide',
  wirePushesBack: 'wire pushes back',
  wireStuck: 'wire stuck',
  steadySound: 'steady sound',
  crackling: 'crackling',
  sparks: 'sparks',
  fadedAlongSeam: 'faded along the seam',
  craterSunk: 'sunk crater at the end',
};

export const slipWords: Readonly<Record<HandSlip, string>> = {
  lifted: 'lifted off',
  paused: 'paused',
  snagged: 'snagged',
  restarted: 'restarted',
};

export const colourWords: Readonly<Record<SeamColour, string>> = {
  bright: 'bright',
  straw: 'straw',
  gold: 'gold',
  blue: 'blue',
  grey: 'grey',
};
