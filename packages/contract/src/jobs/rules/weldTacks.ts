import { mm, seamRow, tackPlan, type Metre } from '@lone-heron/core';
import type { HouseContent } from '../../house/house.js';
import type { JobWeld } from '../jobWeld.js';

/** Where the tacks of one seam go as this shop does them, m from its start, in the order they are set; none where it sets none, or the joint has none. */
export function weldTacks(weld: JobWeld, { practice }: Pick<HouseContent, 'practice'>): readonly Metre[] {
  const { joint, lengthMm, closing } = weld;
  if (practice.tacks === 'none' || joint.tack !== undefined || seamRow(joint.kind).tacks === 'none')
    return [];
  const thinner = mm(Math.min(joint.firstThicknessMm, joint.secondThicknessMm));
  return tackPlan(mm(lengthMm), thinner, closing !== null);
}
