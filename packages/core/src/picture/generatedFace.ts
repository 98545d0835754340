import type { Tint } from '../metal/index.js';
import type { ColourPicture } from './ColourPicture.js';
import type { PicturePoint } from './GrayPicture.js';

/** A seam's face that is drawn instead of welded: to try the reading of colours on, and to test it by. */
export interface FaceToDraw {
  /** Width over everything that is at least so coloured, mm; 0 where the colour is not there. */
  readonly widthsMm: Readonly<Record<Tint, number>>;
  readonly beadMm: number;
  /** How far the heat lies to the left of the joint's line, mm. */
  readonly offsetMm: number;
  readonly pixelsPerMm: number;
  /** The picture is held askew by this, degrees. */
  readonly tiltDegrees: number;
  /** Colour of the light: share of red, green and blue. */
  readonly light: readonly [r: number, g: number, b: number];
  /** From 0 to 1, each call another. */
  readonly random: () => number;
}

/** A drawn face with what a reading is held against. */
export interface DrawnFace {
  readonly picture: ColourPicture;
  /** The middle of the white card. */
  readonly white: PicturePoint;
  /** The joint's line, in the direction of travel. */
  readonly seam: { readonly from: PicturePoint; readonly to: PicturePoint };
  /** The lower edge of the card, {@link cardMm} long. */
  readonly card: { readonly from: PicturePoint; readonly to: PicturePoint };
}

/** Length of the white card that lies beside the seam. */
export const cardMm = 10;
const cardTallMm = 4;
const lengthMm = 32;
/** Sheet that is seen to each side of the widest colour. */
const sheetMm = 3.5;

type Rgb = readonly [number, number, number];
const paint = {
  card: [236, 236, 236],
  bare: [172, 174, 176],
  straw: [196, 182, 136],
  gold: [184, 138, 70],
  blue: [92, 108, 164],
  bead: [146, 149, 153],
} satisfies Record<string, Rgb>;
/** A colour fades into the next over this, mm. */
const fadeMm = 0.12;
const grainRange = 20;

/**
 * Draws the face of a seam from left to right with its colours, a white card beside it, under light of any colour. Made up.
 *
 * @example
 * generatedFace({ widthsMm: { straw: 6, gold: 5, blue: 4 }, beadMm: 2, offsetMm: 0, pixelsPerMm: 20, tiltDegrees: 0, light: [1, 1, 1], random: () => 0.5 }).picture.width // => 640
 */
export function generatedFace(face: FaceToDraw): DrawnFace {
  const { widthsMm, pixelsPerMm, tiltDegrees, light, random } = face;
  const halfMm = Math.max(widthsMm.straw, face.beadMm) / 2 + Math.abs(face.offsetMm) + sheetMm;
  const width = Math.round(lengthMm * pixelsPerMm);
  const height = Math.round((2 * halfMm + cardTallMm + 2) * pixelsPerMm);
  const tilt = (tiltDegrees * Math.PI) / 180;
  const [cos, sin] = [Math.cos(tilt), Math.sin(tilt)];
  const centre = { x: width / 2, y: halfMm * pixelsPerMm };
  const onPicture = (xMm: number, yMm: number): PicturePoint => ({
    x: centre.x + (xMm * cos - yMm * sin) * pixelsPerMm,
    y: centre.y + (xMm * sin + yMm * cos) * pixelsPerMm,
  });
  const data = new Uint8ClampedArray(4 * width * height);
  for (let row = 0; row < height; row++) {
    for (let column = 0; column < width; column++) {
      const [dx, dy] = [(column - centre.x) / pixelsPerMm, (row - centre.y) / pixelsPerMm];
      const colour = colourAt(face, halfMm, dx * cos + dy * sin, -dx * sin + dy * cos);
      const grain = grainRange * (random() - 0.5);
      const i = 4 * (row * width + column);
      for (let channel = 0; channel < 3; channel++)
        data[i + channel] = (colour[channel] as number) * (light[channel] as number) + grain;
      data[i + 3] = 255;
    }
  }
  const cardTop = halfMm + 0.5;
  const seamMm = lengthMm / 2 - 3;
  return {
    picture: { width, height, data },
    white: onPicture(0, cardTop + cardTallMm / 2),
    seam: { from: onPicture(-seamMm, 0), to: onPicture(seamMm, 0) },
    card: {
      from: onPicture(-cardMm / 2, cardTop + cardTallMm),
      to: onPicture(cardMm / 2, cardTop + cardTallMm),
    },
  };
}

/** Colour at a place: x along the seam from its middle, y from the joint's line towards the right of the travel, mm. */
function colourAt({ widthsMm, beadMm, offsetMm }: FaceToDraw, halfMm: number, xMm: number, yMm: number): Rgb {
  const belowCard = yMm - halfMm - 0.5;
  if (Math.abs(xMm) < cardMm / 2 && belowCard > 0 && belowCard < cardTallMm) return paint.card;
  const away = Math.abs(yMm + offsetMm);
  const within = (widthMm: number) => Math.min(1, Math.max(0, (widthMm / 2 - away) / fadeMm + 0.5));
  const layers: readonly (readonly [Rgb, number])[] = [
    [paint.straw, within(widthsMm.straw)],
    [paint.gold, within(widthsMm.gold)],
    [paint.blue, within(widthsMm.blue)],
    [paint.bead, within(beadMm)],
  ];
  return layers.reduce<Rgb>(
    ([r, g, b], [layer, share]) => [
      r + share * (layer[0] - r),
      g + share * (layer[1] - g),
      b + share * (layer[2] - b),
    ],
    paint.bare,
  );
}
