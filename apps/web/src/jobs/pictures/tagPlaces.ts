import type { Stroke } from './placeOnPicture.js';

/** A mark that gets a tag, its seam in shares of the picture. */
interface Tagged extends Stroke {
  readonly mark: string;
}

/** Where a tag lies: its middle, and how large it is, in the units of the picture. */
export interface TagPlace {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** A picture that tags lie on, in units of its own. */
interface TaggedPicture {
  readonly width: number;
  readonly height: number;
  /** Height of a letter. */
  readonly letter: number;
}

/** Rings around a seam's middle that are tried, in heights of a tag, nearest first. */
const rings = [1, 2.1, 3.2, 4.3, 5.4, 6.5, 7.6];
const directions = [-90, 90, -45, -135, 45, 135, 0, 180, -20, 20, -70, 70];

/** Places for tags, in the order of the marks: over the middle of its seam, and where another tag lies already, as near to it as there is room. */
export function tagPlaces(
  marks: readonly Tagged[],
  { width, height, letter }: TaggedPicture,
): readonly TagPlace[] {
  const taken: TagPlace[] = [];
  for (const { mark, from, to } of marks) {
    const [wide, high] = [letter * (0.65 * mark.length + 0.6), letter * 1.35];
    const [x, y] = [((from.x + to.x) / 2) * width, ((from.y + to.y) / 2) * height];
    const tries = rings.flatMap((ring) =>
      directions.map((degrees) => {
        const angle = (degrees * Math.PI) / 180;
        return {
          x: within(x + Math.cos(angle) * ring * Math.max(wide, high), wide / 2, width),
          y: within(y + Math.sin(angle) * ring * high, high / 2, height),
          ...{ width: wide, height: high },
        };
      }),
    );
    const free = tries.find((place) => taken.every((other) => !isOver(place, other))) ?? tries[0];
    if (free !== undefined) taken.push(free);
  }
  return taken;
}

function within(middle: number, half: number, whole: number): number {
  return Math.max(half, Math.min(whole - half, middle));
}

/** Whether two tags lie over each other. */
function isOver(one: TagPlace, other: TagPlace): boolean {
  return (
    Math.abs(one.x - other.x) < (one.width + other.width) / 2 &&
    Math.abs(one.y - other.y) < (one.height + other.height) / 2
  );
}
