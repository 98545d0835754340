import type { PartWarp, PartWayId } from '@lone-heron/core';
import { figure } from '../../shared/figures/figures.js';
import { spokenLength } from '../../shared/figures/spoken.js';
import type { WarpedWay } from './partWarpWorker.js';

export const wayNames: Readonly<Record<PartWayId, string>> = {
  asItStands: 'As it stands',
  coolest: 'Coolest place next',
  middleFirst: 'Middle of the part first',
  atOnce: 'No waiting for it to cool',
  backStep: 'Each seam in short steps back',
  middleOut: 'Each seam from its middle out',
  clamped: 'Clamped until cold',
  inStitches: 'In stitches, half of it',
  fromBothSides: 'From both sides',
  closerTacks: 'Tacks twice as close',
  noTacks: 'No tacks',
};

/** Every figure holds within this factor either way. */
const spread = 2;
/** Ways whose figures lie closer than this share to each other are not told apart. */
const apart = 0.15;

/** How far a part is off altogether, m. */
function wholeOff({ bends, draws }: PartWarp): number {
  return bends + draws;
}

/** How a way comes out beside the order as it stands. */
type Standing = 'better' | 'same' | 'worse';
const standings = ['better', 'same', 'worse'] as const;

function standingOf(off: number, asItStands: number): Standing {
  if (off < (1 - apart) * asItStands) return 'better';
  return off > (1 + apart) * asItStands ? 'worse' : 'same';
}

export interface RankedWay extends WarpedWay {
  readonly standing: Standing;
}

/** The ways by how far they leave the part off, least first; those that are not told apart from the order as it stands come behind it. */
export function rankedWays(ways: readonly WarpedWay[]): readonly RankedWay[] {
  const asItStands = ways.find(({ id }) => id === 'asItStands');
  if (asItStands === undefined) return [];
  const off = wholeOff(asItStands.warp);
  const placed = ways.map((way): RankedWay => ({ ...way, standing: standingOf(wholeOff(way.warp), off) }));
  return standings.flatMap((standing) => {
    const alike = placed.filter((way) => way.standing === standing);
    return standing === 'same'
      ? alike
      : alike.toSorted((one, other) => wholeOff(one.warp) - wholeOff(other.warp));
  });
}

export function offWords(metres: number): string {
  return metres < 5e-6 ? '0' : spokenLength(Number((metres * 1000).toPrecision(2)));
}

/** Whether a flat sheet bears it; in between nobody knows. */
export function flatWords({ givesWayAt }: PartWarp): string {
  if (givesWayAt >= spread) return 'stays flat';
  return givesWayAt <= 1 / spread ? 'gives way' : 'may give way';
}

/** What the comparison says in a sentence. */
export function comparedWords(ways: readonly WarpedWay[]): string {
  const ranked = rankedWays(ways);
  const asItStands = ranked.find(({ id }) => id === 'asItStands');
  const best = ranked[0];
  if (asItStands === undefined || best === undefined) return '';
  const orders = ranked.filter(({ id }) => id === 'coolest' || id === 'middleFirst');
  const order = orders.every(({ standing }) => standing === 'same')
    ? ' Other orders come out the same: take the one that is handy.'
    : '';
  if (best.standing !== 'better')
    return `Nothing here is clearly better than the order as it stands.${order}`;
  const share = wholeOff(best.warp) / wholeOff(asItStands.warp);
  return `${wayNames[best.id]} leaves it ${figure(100 * share, 0)} % as far off as it stands.${order}`;
}

/** What a sheet that may give way means, and how much heat it bears; null where it stays flat. */
export function givingWayWords(warp: PartWarp): string | null {
  const { givesWayAt } = warp;
  if (givesWayAt >= spread) return null;
  const share = figure(100 * givesWayAt, 0);
  const sure = givesWayAt <= 1 / spread ? 'gives way' : 'may give way';
  return `A flat sheet like this ${sure} into waves: it bears about ${share} % of this heat. Waves are millimetres deep and not drawn. Folds, ribs, stitches or less heat hold it flat.`;
}

export function tornWords({ tacksTorn }: PartWarp): string | null {
  if (tacksTorn === 0) return null;
  const which = tacksTorn === 1 ? 'One tack' : `${tacksTorn} tacks`;
  return `${which} may crack: the pull is more than ${spokenLength(4)} of weld bear. Look at them before you go on, or set longer ones.`;
}
