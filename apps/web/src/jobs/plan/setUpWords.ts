import { gasTable } from '@lone-heron/core';
import { nozzleInWords } from '../../shared/sentences/nozzleInWords.js';
import { wireInWords } from '../../shared/sentences/wireInWords.js';
import type { ShownPlan } from './useJobPlan.js';

/** What is on the gun for a weld: nozzle, wire and gas. */
export function setUpWords(
  plan: ShownPlan['plan'],
  mark: string,
): { readonly words: string; readonly isTurn: boolean } | null {
  const planned = plan?.welds.find((each) => each.mark === mark);
  if (planned === undefined) return null;
  const { content, filler } = planned;
  const { pace, gas } = content.setting;
  const wire =
    pace.by === 'hand'
      ? 'no wire'
      : [`${wireInWords(pace.wireDiameterMm)} wire`, filler ?? ''].filter(Boolean).join(' ');
  return { words: `${nozzleInWords(content.nozzle)}, ${wire}, ${gasTable[gas].short}`, isTurn: false };
}
