import { meltHalfWidth } from '../melt/index.js';
import { mm } from '../quantity/index.js';
import type { GrayPicture, PicturePoint } from './GrayPicture.js';
import type { FaceLine } from './measureOnPicture.js';

/** A section that is drawn instead of cut: to try the measuring on, and to test it by. */
export interface SectionToDraw {
  readonly thicknessMm: number;
  readonly widthMm: number;
  /** Of the melt below the face; over the thickness where it comes through. */
  readonly depthMm: number;
  readonly pixelsPerMm: number;
  /** The picture is held askew by this, degrees. */
  readonly tiltDegrees: number;
  /** From 0 to 1, each call another. */
  readonly random: () => number;
}

/** A drawn section with the truth that a measurement is held against. */
export interface DrawnSection {
  readonly picture: GrayPicture;
  readonly face: FaceLine;
  /** Middle of the melt on the face. */
  readonly middle: PicturePoint;
  /** Straight below the middle on the back of the sheet. */
  readonly back: PicturePoint;
  /** Deepest point of the melt. */
  readonly deepest: PicturePoint;
}

/** Shades of grey: mount, parent metal, metal that was heated, melt, and the line between. */
const shades = { mount: 30, parent: 172, heated: 150, melt: 112, line: 74 };
/** From the darkest grain to the lightest: 9 shades of grey in standard deviation. */
const grainRange = 31;
const fusionLineMm = 0.025;
const heatedMm = 0.35;

/**
 * Draws an etched section of a butt: mount, parent metal with its grain, the heated zone, the melt as
 * {@link meltHalfWidth} shapes it with a low crown, uneven light. Made up.
 *
 * @example
 * generatedSection({ thicknessMm: 2, widthMm: 2, depthMm: 1.5, pixelsPerMm: 60, tiltDegrees: 0, random: () => 0.5 }).picture.width // => 384
 */
export function generatedSection(section: SectionToDraw): DrawnSection {
  const { thicknessMm, widthMm, pixelsPerMm, tiltDegrees, random } = section;
  const width = Math.round((2.2 * widthMm + 2) * pixelsPerMm);
  const height = Math.round((thicknessMm * 1.5 + 0.8) * pixelsPerMm);
  const tilt = (tiltDegrees * Math.PI) / 180;
  const [cos, sin] = [Math.cos(tilt), Math.sin(tilt)];
  const centre = { x: width / 2, y: 0.25 * thicknessMm * pixelsPerMm + 0.4 * pixelsPerMm };
  const onPicture = (xMm: number, yMm: number): PicturePoint => ({
    x: centre.x + (xMm * cos - yMm * sin) * pixelsPerMm,
    y: centre.y + (xMm * sin + yMm * cos) * pixelsPerMm,
  });
  const data = new Uint8Array(width * height);
  for (let row = 0; row < height; row++) {
    for (let column = 0; column < width; column++) {
      const [dx, dy] = [(column - centre.x) / pixelsPerMm, (row - centre.y) / pixelsPerMm];
      const shade = shadeOf(section, dx * cos + dy * sin, -dx * sin + dy * cos);
      const light = 1 + 0.12 * (column / width - 0.5) - 0.06 * (row / height - 0.5);
      const grain = grainRange * (random() - 0.5);
      data[row * width + column] = Math.max(0, Math.min(255, Math.round(shade * light + grain)));
    }
  }
  const reach = widthMm * 0.95;
  return {
    picture: { width, height, data },
    face: { left: onPicture(-reach, 0), right: onPicture(reach, 0) },
    middle: onPicture(0, 0),
    back: onPicture(0, thicknessMm),
    deepest: onPicture(0, Math.min(section.depthMm, thicknessMm)),
  };
}

/** Shade at a place: x from the middle of the seam, y below the face, mm. */
function shadeOf({ thicknessMm, widthMm, depthMm }: SectionToDraw, x: number, y: number): number {
  const crown = 0.07 * widthMm * Math.max(0, 1 - ((2 * x) / widthMm) ** 2);
  const sag = depthMm > thicknessMm ? crownBehind(thicknessMm, widthMm, depthMm, x) : 0;
  if (y < -crown || y > thicknessMm + sag) return shades.mount;
  if (y < 0 || y > thicknessMm) return shades.melt;
  const half = meltHalfWidth(mm(widthMm), mm(depthMm), mm(y)) * 1000;
  const outside = Math.abs(x) - half;
  const isBelow = y >= depthMm;
  const away = isBelow ? Math.hypot(x, y - depthMm) : outside;
  if (!isBelow && outside < -fusionLineMm) return shades.melt;
  if (away < fusionLineMm) return shades.line;
  const cooled = Math.min(1, away / heatedMm);
  return shades.heated + (shades.parent - shades.heated) * cooled;
}

function crownBehind(thicknessMm: number, widthMm: number, depthMm: number, x: number): number {
  const root = meltHalfWidth(mm(widthMm), mm(depthMm), mm(thicknessMm)) * 1000;
  return root <= 0 ? 0 : 0.1 * root * Math.max(0, 1 - (x / root) ** 2);
}
