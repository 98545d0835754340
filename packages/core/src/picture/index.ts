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
export { fusionLineReadings, type FusionLineReadings } from './fusionLineReadings.js';
export { generatedSection, type DrawnSection, type SectionToDraw } from './generatedSection.js';
export type { ColourPicture } from './ColourPicture.js';
export { seamColours, type SeamColour } from './seamColour.js';
export { measureTint, type TintFound, type TintTask } from './measureTint.js';
export { cardMm, generatedFace, type DrawnFace, type FaceToDraw } from './generatedFace.js';
export { countSpecks, type GlassOnPicture, type Speck, type SpeckCount } from './countSpecks.js';
export { generatedGlass, type DrawnSpeck, type GlassToDraw } from './generatedGlass.js';
