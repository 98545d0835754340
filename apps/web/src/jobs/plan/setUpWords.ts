import { gasTable } from '@lone-heron/core';
import { nozzleInWords } from '../../shared/sentences/nozzleInWords.js';
import { wireInWords } from '../../shared/sentences/wireInWords.js';
import type { PlannedWeld } from './planJob.js';
import type { ShownPlan } from './useJobPlan.js';

/** What is on the gun for a weld, each in words. */
export function fittedFor({ content, filler }: Pick<PlannedWeld, 'content' | 'filler'>) {
  const { pace, gas } = content.setting;
  return {
    nozzle: nozzleInWords(content.nozzle),
    wire:
      pace.by === 'hand'
        ? 'no wire'
        : [`${wireInWords(pace.wireDiameterMm)} wire`, filler ?? ''].filter(Boolean).join(' '),
    gas: gasTable[gas].short,
  };
}

/** Nozzle, wire and gas of a weld in one line; null where it is not worked out. */
export function setUpWords(plan: ShownPlan['plan'], mark: string): string | null {
  const planned = plan?.welds.find((each) => each.mark === mark);
  return planned === undefined ? null : Object.values(fittedFor(planned)).join(', ');
}
