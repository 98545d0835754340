import type { SeamKind } from '@lone-heron/contract';

/** Kinds of joint in the shop's words: as the sentence says them, and short. */
export const jointKindWords: Readonly<Record<SeamKind, { readonly said: string; readonly short: string }>> = {
  butt: { said: 'a butt', short: 'butt' },
  lap: { said: 'a lap, welded through', short: 'lap' },
  tee: { said: 'a T, the second standing', short: 'T' },
  insideCorner: { said: 'an inside corner', short: 'in corner' },
  outsideCorner: { said: 'an outside corner', short: 'out corner' },
  edge: { said: 'an edge joint', short: 'edge' },
  flareGroove: { said: 'a tube along a sheet', short: 'flare' },
  tubeToPlate: { said: 'a tube standing on a plate', short: 'tube on plate' },
  tubeButt: { said: 'two tubes end to end', short: 'tube butt' },
  plug: { said: 'a plug through a hole', short: 'plug' },
};
