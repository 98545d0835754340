import { mean, medianSorted, sampleStandardDeviation } from 'simple-statistics';
import { RangeFault } from '../fault/index.js';
import { tints, type Tint } from '../metal/index.js';
import type { ColourPicture } from './ColourPicture.js';
import { pixelsBetween, type PicturePoint } from './GrayPicture.js';
import type { PictureReading } from './measureOnPicture.js';
import { pointSd, type PictureScale } from './pictureScale.js';
import { labOf, seamColourOf, seamColours, type Lab, type SeamColour } from './seamColour.js';
import { byteLight, whiteOf, type ByteLight, type LinearColour } from './whiteBalance.js';

/** A face photo with what was placed on it. */
export interface TintTask {
  readonly picture: ColourPicture;
  /** A place that is white or grey. */
  readonly white: PicturePoint;
  /** The line of the joint, in the direction of travel. */
  readonly seam: { readonly from: PicturePoint; readonly to: PicturePoint };
  readonly scale: PictureScale;
  /** How far to each side of the line is looked, mm. */
  readonly reachMm: number;
}

/** What the colours beside a seam say. Left and right are as seen along the travel, from above. */
export interface TintFound {
  /** The hottest colour of each side. */
  readonly left: SeamColour;
  readonly right: SeamColour;
  /**
   * How far the middle of the heat lies from the line, to the left; negative to the right. null where no colour was found
   * on both sides.
   */
  readonly offset: PictureReading | null;
  /** Width over everything that is at least so coloured; left out where it does not show on both sides. */
  readonly widths: Readonly<Partial<Record<Tint, PictureReading>>>;
}

/** The seam is looked at in so many lengths of its own, which say how even it is. */
const stretches = 12;
/** A colour counts from so much of it on, mm: less is a scratch. */
const leastBandMm = 0.12;
/** Share of what is looked at, furthest out, that is taken for bare metal. */
const bareShare = 0.1;
const shortestSeam = 60;

/**
 * Reads the colours on both sides of a seam: at each distance from the line the mean colour along a stretch, under the
 * light of the white, named by {@link seamColourOf}; a band ends where the colour is met coming from outside. The middle
 * between the ends of a band on the left and on the right is the middle of the heat.
 *
 * @throws RangeFault for a white that is none, or a line shorter than 60 pixels
 */
export function measureTint(task: TintTask): TintFound {
  const { seam, scale } = task;
  const light = byteLight();
  const white = whiteOf(task.picture, task.white, light);
  if (pixelsBetween(seam.from, seam.to) < shortestSeam) {
    throw new RangeFault({
      quantity: 'length of the line',
      given: `${pixelsBetween(seam.from, seam.to).toFixed(0)} pixels`,
      allowed: `${shortestSeam} pixels or more along the seam`,
    });
  }
  const found = Array.from({ length: stretches }, (_, i): StretchFound => {
    const [left, right] = ([1, -1] as const).map((side) =>
      sideColours(task, { white, light }, i, side).map(labOf),
    );
    // What is brighter than the metal, such as the card, lies on one side: the darker of the two is metal.
    const bare = Math.min(...[left, right].map((colours) => outerLightness(colours as Lab[])));
    return { left: readSide(left as Lab[], bare, scale), right: readSide(right as Lab[], bare, scale) };
  });
  return {
    left: hottest(found.map(({ left }) => left)),
    right: hottest(found.map(({ right }) => right)),
    offset: offsetOf(found, scale),
    widths: widthsOf(found, scale),
  };
}

/** What one side of one stretch shows: its colours, and how far out each of them begins, mm. */
interface SideFound {
  readonly colours: ReadonlySet<SeamColour>;
  readonly ends: Readonly<Partial<Record<Tint, number>>>;
}

interface StretchFound {
  readonly left: SideFound;
  readonly right: SideFound;
}

/** Mean colour at each pixel of distance from the line, from it outwards. */
function sideColours(
  { picture, seam: { from, to }, scale, reachMm }: TintTask,
  { white, light }: { white: LinearColour; light: ByteLight },
  stretch: number,
  direction: 1 | -1,
): LinearColour[] {
  const length = pixelsBetween(from, to);
  const along = { x: (to.x - from.x) / length, y: (to.y - from.y) / length };
  // Down the picture y grows: left of the travel is a quarter turn against it.
  const out = { x: direction * along.y, y: -direction * along.x };
  const first = (stretch * length) / stretches;
  const steps = Math.max(1, Math.floor(length / stretches));
  const colours: LinearColour[] = [];
  for (let away = 0; away * scale.mmPerPixel <= reachMm; away++) {
    const sum = { r: 0, g: 0, b: 0 };
    let count = 0;
    for (let step = 0; step < steps; step++) {
      const x = Math.round(from.x + along.x * (first + step) + out.x * away);
      const y = Math.round(from.y + along.y * (first + step) + out.y * away);
      if (x < 0 || y < 0 || x >= picture.width || y >= picture.height) continue;
      const i = 4 * (y * picture.width + x);
      sum.r += light[picture.data[i] as number] as number;
      sum.g += light[picture.data[i + 1] as number] as number;
      sum.b += light[picture.data[i + 2] as number] as number;
      count++;
    }
    // The picture ends before the reach does.
    if (count === 0) break;
    colours.push({ r: sum.r / count / white.r, g: sum.g / count / white.g, b: sum.b / count / white.b });
  }
  return colours;
}

/** Lightness in the middle of what lies furthest out. */
function outerLightness(colours: readonly Lab[]): number {
  return medianSorted(
    colours
      .slice(-Math.max(1, Math.round(colours.length * bareShare)))
      .map(({ l }) => l)
      .toSorted((one, other) => one - other),
  );
}

function readSide(colours: readonly Lab[], bareLightness: number, { mmPerPixel }: PictureScale): SideFound {
  const named = colours.map((lab) => seamColourOf(lab, bareLightness));
  const least = Math.max(2, Math.round(leastBandMm / mmPerPixel));
  const ends: Partial<Record<Tint, number>> = {};
  for (const tint of tints) {
    const end = outermost(named, least, (colour) => rank(colour) >= rank(tint));
    if (end !== null) ends[tint] = (end + 0.5) * mmPerPixel;
  }
  const shown = seamColours.filter((colour) => outermost(named, least, (each) => each === colour) !== null);
  return { colours: new Set(shown), ends };
}

function rank(colour: SeamColour): number {
  return seamColours.indexOf(colour);
}

/** The place furthest out from which on inwards so many in a row are wanted ones; null where there are none. */
function outermost(
  named: readonly SeamColour[],
  least: number,
  isWanted: (colour: SeamColour) => boolean,
): number | null {
  let run = 0;
  for (let i = named.length - 1; i >= 0; i--) {
    run = isWanted(named[i] as SeamColour) ? run + 1 : 0;
    if (run === least) return i + least - 1;
  }
  return null;
}

/** The hottest colour that at least half of the stretches show. */
function hottest(sides: readonly SideFound[]): SeamColour {
  const shared = seamColours.filter(
    (colour) => sides.filter(({ colours }) => colours.has(colour)).length * 2 >= sides.length,
  );
  return shared.at(-1) ?? 'bright';
}

function offsetOf(found: readonly StretchFound[], scale: PictureScale): PictureReading | null {
  const offsets = found.flatMap(({ left, right }) => {
    const halves = tints.flatMap((tint) => {
      const [onLeft, onRight] = [left.ends[tint], right.ends[tint]];
      return onLeft === undefined || onRight === undefined ? [] : [(onLeft - onRight) / 2];
    });
    return halves.length === 0 ? [] : [mean(halves)];
  });
  return offsets.length * 2 < found.length ? null : readingOf(offsets, scale);
}

function widthsOf(
  found: readonly StretchFound[],
  scale: PictureScale,
): Readonly<Partial<Record<Tint, PictureReading>>> {
  const widths: Partial<Record<Tint, PictureReading>> = {};
  for (const tint of tints) {
    const both = found.flatMap(({ left, right }) => {
      const [onLeft, onRight] = [left.ends[tint], right.ends[tint]];
      return onLeft === undefined || onRight === undefined ? [] : [onLeft + onRight];
    });
    if (both.length * 2 >= found.length) widths[tint] = readingOf(both, scale);
  }
  return widths;
}

/** Mean of the stretches; its error has their scatter, where the line was placed, and the scale in it. */
function readingOf(values: readonly number[], { mmPerPixel, relativeSd }: PictureScale): PictureReading {
  const mm = mean([...values]);
  const scatter = values.length < 2 ? 0 : sampleStandardDeviation([...values]) / Math.sqrt(values.length);
  return { mm, sdMm: Math.hypot(scatter, pointSd * mmPerPixel, mm * relativeSd) };
}
