import { weldTacks, type HouseContent, type JobWeld } from '@lone-heron/contract';
import { inMm, seamRow } from '@lone-heron/core';
import { figure } from '../shared/figures/figures.js';
import { spokenLength } from '../shared/figures/spoken.js';

/** Tacks that are named one by one; of more only their number is said. */
const mostNamed = 9;

/** How many tacks a seam gets, where, in which order; null where the shop sets none, or the joint has none. */
export function tackWords(weld: JobWeld, house: Pick<HouseContent, 'practice'>): string | null {
  const tacks = weldTacks(weld, house);
  if (tacks.length === 0) return null;
  if (weld.closing !== null) return '4 tacks, opposite pairs first; begin the run between two';
  if (tacks.length <= 2) return 'a tack at each end';
  const inner = tacks.slice(2).map((at) => spokenLength(Math.round(inMm(at))));
  const named =
    tacks.length > mostNamed
      ? 'then the middle of what is left, from the middle outwards'
      : `then at ${inner.join(', ')}`;
  return `${tacks.length} tacks: both ends, ${named}; away from the hand`;
}

/** How fast turning rolls turn for a seam round a tube: n = 60 v/(2 pi R); null for one that does not go round. */
export function rollWords({ joint, closing }: JobWeld, travelMmS: number): string | null {
  if (!('tubeRadiusMm' in joint) || !seamRow(joint.kind).isRound) return null;
  const once = 2 * Math.PI * joint.tubeRadiusMm;
  const seconds = (once + (closing?.lapMm ?? 0)) / travelMmS;
  return `on rolls ${figure((60 * travelMmS) / once, 2)} turns a minute, ${figure(seconds, 0)} s with the lap`;
}
