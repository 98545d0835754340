import type { PartSeam } from '../weldHeat/index.js';

/**
 * Seams nearest the middle of the part first, each after what has to come before it: what is in the middle can still move.
 *
 * @returns their marks
 */
export function middleFirst(seams: readonly PartSeam[]): string[] {
  const places = seams.map(({ from, to }) => [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2] as const);
  const ends = seams.flatMap(({ from, to }) => [from, to]);
  const middle = ([0, 1] as const).map((axis) => {
    const along = ends.map((end) => end[axis]);
    return (Math.min(...along) + Math.max(...along)) / 2;
  });
  const out = places.map(([x, y]) => Math.hypot(x - (middle[0] as number), y - (middle[1] as number)));
  const nearest = seams
    .map((seam, at) => ({ seam, out: out[at] as number }))
    .sort((one, other) => one.out - other.out)
    .map(({ seam }) => seam);
  const left = [...nearest];
  const marks: string[] = [];
  for (;;) {
    const waits = ({ after }: PartSeam) => after.some((mark) => left.some((seam) => seam.mark === mark));
    const next = left.find((seam) => !waits(seam)) ?? left[0];
    if (next === undefined) break;
    left.splice(left.indexOf(next), 1);
    marks.push(next.mark);
  }
  return marks;
}
