import type { PartHeat } from '../weldHeat/index.js';
import type { PartWarpInput, PartWay } from './WarpSeam.js';

/** Orders of a part whose heat was followed. */
export interface OrderHeats {
  readonly asItStands: PartHeat;
  readonly coolest: PartHeat;
  readonly middleFirst: PartHeat;
  /** The order as it stands, with no wait for a warm place. */
  readonly atOnce: PartHeat;
}

/** A way of welding a part, by what is done otherwise than as the job stands. */
export type PartWayId =
  | keyof OrderHeats
  | 'backStep'
  | 'middleOut'
  | 'clamped'
  | 'inStitches'
  | 'fromBothSides'
  | 'closerTacks'
  | 'noTacks';

/** A way with its name in code. */
interface NamedWay {
  readonly id: PartWayId;
  readonly way: PartWay;
}

/** The ways that part has: as it stands, in other orders, and as it stands with one thing done otherwise. */
export function partWays({ seams }: PartWarpInput, heats: OrderHeats): NamedWay[] {
  const asItStands = wayOf(heats.asItStands);
  const orders = (['asItStands', 'coolest', 'middleFirst', 'atOnce'] as const).map((id) => ({
    id,
    way: wayOf(heats[id]),
  }));
  const otherwise: readonly (readonly [PartWayId, boolean, Partial<PartWay>])[] = [
    ['backStep', true, { run: 'backStep' }],
    ['middleOut', true, { run: 'middleOut' }],
    ['clamped', true, { isClamped: true }],
    ['inStitches', seams.some(({ stitches }) => stitches === null), { inStitches: true }],
    ['fromBothSides', seams.some(({ otherSide }) => otherSide), { fromBothSides: true }],
    ['closerTacks', seams.some(isTacked), { tacks: 'twiceAsClose' }],
    ['noTacks', seams.some(isTacked), { tacks: 'none' }],
  ];
  return [
    ...orders,
    ...otherwise.flatMap(([id, has, changes]) => (has ? [{ id, way: { ...asItStands, ...changes } }] : [])),
  ];
}

function isTacked({ parts, tacks }: PartWarpInput['seams'][number]): boolean {
  return parts && tacks.length > 0;
}

function wayOf({ seams }: PartHeat): PartWay {
  return {
    marks: seams.map(({ mark }) => mark),
    riseAtStart: Object.fromEntries(seams.map(({ mark, riseAtStart }) => [mark, riseAtStart])),
    run: 'onward',
    tacks: 'asSet',
    isClamped: false,
    inStitches: false,
    fromBothSides: false,
  };
}
