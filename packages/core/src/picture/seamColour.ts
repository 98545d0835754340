import { convertLrgbToRgb, convertRgbToLab65 } from 'culori/fn';
import type { LinearColour } from './whiteBalance.js';

/** Colours beside a seam, from the best covered by gas to the worst. */
export const seamColours = ['bright', 'straw', 'gold', 'blue', 'grey'] as const;
export type SeamColour = (typeof seamColours)[number];

/** Lightness 0 to 100 and the two opponent colours (CIE 1976 L*a*b*, D65). */
export interface Lab {
  readonly l: number;
  readonly a: number;
  readonly b: number;
}

/** Colour of light that was divided by the light of the white. */
export function labOf({ r, g, b }: LinearColour): Lab {
  const rgb = convertLrgbToRgb({ r: Math.min(1, r), g: Math.min(1, g), b: Math.min(1, b) });
  return convertRgbToLab65(rgb);
}

/** Less colour than this is none: bare metal is never quite neutral. */
const leastChroma = 8;
/** From here on a warm colour is gold and no more straw. */
const goldChroma = 30;
/** From here on a neutral place is so much darker than bare metal that it is oxide. */
const greyDarker = 18;
/** Hues that are cold, degrees: from cyan over blue to the purple between gold and blue. */
const coldHues = { from: 170, to: 335 };

/**
 * The name of a colour beside a seam. Where straw ends and gold begins is a convention of ours; eyes differ.
 *
 * @param bareLightness lightness of the metal where no heat came
 */
export function seamColourOf({ l, a, b }: Lab, bareLightness: number): SeamColour {
  const chroma = Math.hypot(a, b);
  if (chroma < leastChroma) return bareLightness - l > greyDarker ? 'grey' : 'bright';
  const hue = ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360;
  if (hue > coldHues.from && hue < coldHues.to) return 'blue';
  return chroma < goldChroma ? 'straw' : 'gold';
}
