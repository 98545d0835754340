import { farFace, seamOf, seamRow, type Joint, type JointConditions } from '../joint/index.js';
import type { Metal } from '../metal/index.js';

/** One caution at the choice that brings it. */
export interface Caution {
  readonly about:
    'zinc' | 'chromium' | 'metalDust' | 'copperFume' | 'reflection' | 'openJoint' | 'closedSpace' | 'eyes';
  readonly words: string;
}

/**
 * What can hurt somebody at this choice, the most pressing first, eyes always last and never left out. Short on
 * purpose: local rules, the machine's manual and licensed people decide.
 *
 * @param metals one, or both of a pair
 * @example
 * cautionsFor([findMetal('galvanised')], sampleJob().joint, { backing: 'none', surface: 'clean', position: 'flat', run: { kind: 'continuous' } })[0].about // => 'zinc'
 */
export function cautionsFor(
  metals: readonly Metal[],
  joint: Joint,
  { backing, surface }: JointConditions,
): readonly Caution[] {
  const cautions: Caution[] = metals.flatMap((metal) => metalCautions(metal));
  if (surface === 'coated') cautions.push(coatFume);
  if (farFace(joint).isOpen && backing === 'none') cautions.push(openJoint);
  if (seamRow(seamOf(joint).kind).closesSpace) cautions.push(closedSpace);
  cautions.push(eyes);
  // The first of each stays: of a coat that is zinc, its own.
  return cautions.filter(({ about }, i) => cautions.findIndex((each) => each.about === about) === i);
}

const zinc: Caution = {
  about: 'zinc',
  words: 'Zinc boils before the steel melts: its fume gives fever. Extraction on, respirator worn.',
};
const coatFume: Caution = {
  about: 'zinc',
  words: 'A coat burns to fume nobody has labelled: take it off, extraction on, respirator worn.',
};
const chromium: Caution = {
  about: 'chromium',
  words: 'Stainless and nickel fume carries hexavalent chromium: extraction on, respirator worn.',
};
const metalDust: Caution = {
  about: 'metalDust',
  words: 'Dust of aluminium with magnesium, and of titanium, burns: no heaps, no water on it.',
};
const copperFume: Caution = {
  about: 'copperFume',
  words: 'Copper and brass fume gives fever: extraction on, respirator worn.',
};
const reflection: Caution = {
  about: 'reflection',
  words: 'It throws the beam back: never square to the sheet, nobody in line.',
};
const openJoint: Caution = {
  about: 'openJoint',
  words: 'Light passes an open joint: a shield behind it, nobody on that side.',
};
const closedSpace: Caution = {
  about: 'closedSpace',
  words: 'Shielding gas fills closed spaces and tubes: ventilate, never weld in one alone.',
};
const eyes: Caution = {
  about: 'eyes',
  words: 'Rated eyewear for everybody in sight, barrier shut before the cap comes off.',
};

function metalCautions({ family, id, lightNote }: Metal): Caution[] {
  const light = lightNote === null ? [] : [reflection];
  if (id === 'galvanised') return [zinc];
  if (family === 'stainless' || family === 'nickel') return [chromium, ...light];
  if (family === 'aluminium' || family === 'titanium') return [metalDust, ...light];
  if (family === 'copperAlloy') return [copperFume, ...light];
  return light;
}
