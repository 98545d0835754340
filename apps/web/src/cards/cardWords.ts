import type { CardContent, CardState } from '@lone-heron/contract';
import { spokenLength } from '../shared/figures/spoken.js';
import { figure } from '../shared/figures/figures.js';

/** How far a card is, in a word and in a sentence. */
export const stateWords: Readonly<Record<CardState, { name: string; says: string }>> = {
  draft: { name: 'draft', says: 'Not proven yet: weld it, test it, then it can be signed.' },
  proven: { name: 'proven', says: 'Its tests meet everything its level asks. A lead can sign it.' },
  signed: { name: 'signed', says: 'Proven and signed. A change makes the next version.' },
  retired: { name: 'retired', says: 'Kept, and found no more.' },
};

export function focusInWords(focusMm: number): string {
  if (focusMm === 0) return 'at the surface';
  return `${spokenLength(Math.abs(focusMm))} ${focusMm > 0 ? 'above' : 'below'} the surface`;
}

/** What the panel sets around the light, as far as it was said: "gas 0.3 s before, 0.5 s after". */
export function aroundLightInWords({
  gasBeforeS,
  gasAfterS,
  rampUpS,
  rampDownS,
}: Pick<CardContent, 'gasBeforeS' | 'gasAfterS' | 'rampUpS' | 'rampDownS'>): string | null {
  const gas = [...timed(gasBeforeS, 'before'), ...timed(gasAfterS, 'after')];
  const ramp = [...timed(rampUpS, 'up'), ...timed(rampDownS, 'down')];
  const parts = [
    ...(gas.length === 0 ? [] : [`gas ${gas.join(', ')}`]),
    ...(ramp.length === 0 ? [] : [`ramp ${ramp.join(', ')}`]),
  ];
  return parts.length === 0 ? null : parts.join('; ');
}

function timed(seconds: number | undefined, when: string): string[] {
  return seconds === undefined ? [] : [`${secondsInWords(seconds)} ${when}`];
}

export function secondsInWords(seconds: number): string {
  return `${figure(seconds, 2)} s`;
}

export function gunInWords(gunAngleDeg: number): string {
  return `${figure(gunAngleDeg, 0)}° from the sheet`;
}
