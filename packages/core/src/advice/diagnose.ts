import type { FaceSign, SeenWeld, ToesLook, WeldingSign } from './SeenWeld.js';

/** What the signs come to. */
export type Diagnosis =
  | { readonly kind: 'cold' | 'hot' | 'right'; readonly signs: readonly string[] }
  /** Not a matter of a knob: to be mended first. */
  | { readonly kind: 'mend'; readonly action: string; readonly why: string }
  /** The signs speak against each other. */
  | { readonly kind: 'unclear'; readonly cold: readonly string[]; readonly hot: readonly string[] };

/** A sign with what it speaks for. */
interface Voice {
  readonly words: string;
  readonly says: 'cold' | 'hot' | 'right';
}

const backVoices: Readonly<Record<NonNullable<SeenWeld['back']>, Voice>> = {
  none: { words: 'no mark behind', says: 'cold' },
  faint: { words: 'only a faint line behind', says: 'cold' },
  even: { words: 'an even line behind', says: 'right' },
  heavy: { words: 'heavy behind', says: 'hot' },
  hole: { words: 'a hole', says: 'hot' },
};

/** After the first of two runs nothing need show behind; what does says that the runs meet. */
const firstRunVoices: Readonly<Record<Exclude<NonNullable<SeenWeld['back']>, 'none'>, Voice>> = {
  faint: { words: 'a faint line behind after the first run: the runs meet', says: 'right' },
  even: { words: 'a line behind after the first run: the runs meet', says: 'right' },
  heavy: { words: 'heavy behind after the first run already', says: 'hot' },
  hole: { words: 'a hole', says: 'hot' },
};

const toesVoices: Readonly<Record<Exclude<ToesLook, 'oneSide'>, Voice>> = {
  cold: { words: 'a bead that lies on top, its toes not wetted', says: 'cold' },
  wetted: { words: 'both toes wetted and nothing on the far side', says: 'right' },
  shows: { words: 'it shows on the far side', says: 'hot' },
  hole: { words: 'a hole', says: 'hot' },
};

const faceVoices: Readonly<Partial<Record<FaceSign, Voice>>> = {
  even: { words: 'an even face with wetted edges', says: 'right' },
  roundedPulledAway: { words: 'a rounded bead pulled away from the edges', says: 'cold' },
  sagging: { words: 'a sagging face', says: 'hot' },
  undercut: { words: 'undercut', says: 'hot' },
  holes: { words: 'holes', says: 'hot' },
};

const weldingVoices: Readonly<Partial<Record<WeldingSign, Voice>>> = {
  keyholeShut: { words: 'a keyhole that stays shut', says: 'cold' },
  keyholeWide: { words: 'a keyhole that opens wide', says: 'hot' },
  wirePushesBack: { words: 'wire that pushes the gun back', says: 'cold' },
  wireStuck: { words: 'wire that sticks', says: 'cold' },
  steadySound: { words: 'a steady sound', says: 'right' },
};

/** Signs that no knob of power or sweep cures, most pressing first. */
const mends: readonly {
  readonly sign: FaceSign | WeldingSign;
  readonly action: string;
  readonly why: string;
}[] = [
  {
    sign: 'fadedAlongSeam',
    action: 'Look at the protective window and the cooling before anything is turned.',
    why: 'power that fades along a seam is a dirty window or a warm source, not a setting',
  },
  {
    sign: 'sparks',
    action: 'Look at the protective window, then check the focus, and clean the joint.',
    why: 'sparks come from a dirty window, a focus that is off, or coat and scale in the joint',
  },
  {
    sign: 'oneSide',
    action: 'Centre the dot in the nozzle, hold the gun square, and aim between the edges.',
    why: 'a bead on one side is the beam or the angle, not its strength',
  },
  {
    sign: 'dullOrSooty',
    action: 'Look at the gas: bottle, flow, nozzle, draught; clean the edges.',
    why: 'soot and dull colour tell of air or dirt in the melt',
  },
  {
    sign: 'pores',
    action: 'Clean edges and wire, and look at the gas.',
    why: 'pores come from oil, coat, moisture or air',
  },
];

function backVoice({ back, isFirstRun, toes }: SeenWeld): readonly Voice[] {
  if (back === null) return toesVoice(toes);
  if (isFirstRun !== true) return [backVoices[back]];
  return back === 'none' ? [] : [firstRunVoices[back]];
}

function toesVoice(toes: ToesLook | undefined): readonly Voice[] {
  return toes === undefined || toes === 'oneSide' ? [] : [toesVoices[toes]];
}

/**
 * What a coupon's signs come to: faults to mend first, then cold, hot or right. A back that is cold or hot outweighs
 * the rest: it is what the weld is for. An even back is right unless face or gun speak for cold or for hot; where they
 * speak against each other, the answer says so.
 *
 * @example
 * diagnose({ back: 'faint', face: [], welding: [] }) // => { kind: 'cold', signs: ['only a faint line behind'] }
 */
export function diagnose(seen: SeenWeld): Diagnosis {
  const signs = [...seen.face, ...seen.welding, ...(seen.toes === 'oneSide' ? (['oneSide'] as const) : [])];
  const fault = mends.find(({ sign }) => signs.some((each) => each === sign));
  if (fault !== undefined) return { kind: 'mend', action: fault.action, why: fault.why };
  const back = backVoice(seen);
  const others = [
    ...seen.face.map((sign) => faceVoices[sign]),
    ...seen.welding.map((sign) => weldingVoices[sign]),
  ].filter((voice) => voice !== undefined);
  const wordsOf = (says: Voice['says']) =>
    [...back, ...others].filter((voice) => voice.says === says).map(({ words }) => words);
  const [first] = back;
  if (first !== undefined && first.says !== 'right') return { kind: first.says, signs: wordsOf(first.says) };
  const cold = wordsOf('cold');
  const hot = wordsOf('hot');
  if (cold.length > 0 && hot.length > 0) return { kind: 'unclear', cold, hot };
  if (cold.length > 0) return { kind: 'cold', signs: cold };
  if (hot.length > 0) return { kind: 'hot', signs: hot };
  return { kind: 'right', signs: wordsOf('right') };
}
