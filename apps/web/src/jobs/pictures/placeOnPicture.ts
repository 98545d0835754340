import type { JobDraft, JobWeld } from '@lone-heron/contract';

type Picture = JobDraft['pictures'][number];
type Place = NonNullable<JobWeld['place']>;
export type Stroke = Pick<Place, 'from' | 'to'>;

/** A stroke shorter than this is a press and no drag, as a share of the width. */
const shortest = 0.005;

/** Length of a stroke, as a share of the picture's width. */
export function strokeShare({ from, to }: Stroke, { heightShare }: Pick<Picture, 'heightShare'>): number {
  return Math.hypot(to.x - from.x, (to.y - from.y) * heightShare);
}

export function isStroke(stroke: Stroke, picture: Pick<Picture, 'heightShare'>): boolean {
  return strokeShare(stroke, picture) >= shortest;
}

/** Millimetres that the picture's width stands for, by a stroke along a known length. */
export function widthByMeasure(
  stroke: Stroke,
  knownMm: number,
  picture: Pick<Picture, 'heightShare'>,
): number {
  return Math.round((knownMm / strokeShare(stroke, picture)) * 100) / 100;
}

/** Length of a placed seam by the picture's measure, mm; null where the picture was not measured. */
export function readLengthMm(stroke: Stroke, picture: Picture): number | null {
  return picture.widthMm === null ? null : Math.round(strokeShare(stroke, picture) * picture.widthMm);
}

/** The next weld that is placed on no picture, after one; null once all are. */
export function nextToPlace(welds: readonly JobWeld[], after: string | null): string | null {
  const at = welds.findIndex(({ mark }) => mark === after);
  const round = [...welds.slice(at + 1), ...welds.slice(0, at + 1)];
  return round.find(({ place }) => place === null)?.mark ?? null;
}
