export { pixelsBetween, type GrayPicture, type PicturePoint } from './GrayPicture.js';
export { pictureScale, pointSd, type PictureScale } from './pictureScale.js';
export {
  acrossFace,
  belowFace,
  lengthBetween,
  pixelsBelowFace,
  type FaceLine,
  type PictureReading,
} from './measureOnPicture.js';
export { traceFusionLine, type FusionLine, type TraceTask } from './traceFusionLine.js';
export { fusionLineReadings } from './fusionLineReadings.js';
export { generatedSection, type DrawnSection } from './generatedSection.js';
export type { ColourPicture } from './ColourPicture.js';
export { seamColours, type SeamColour } from './seamColour.js';
export { measureTint, type TintFound } from './measureTint.js';
export { generatedFace, type FaceToDraw } from './generatedFace.js';
export { countSpecks, type GlassOnPicture, type Speck, type SpeckCount } from './countSpecks.js';
export { generatedGlass, type DrawnSpeck } from './generatedGlass.js';
