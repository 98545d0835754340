import {
  generatedFace,
  generatedSection,
  type FaceToDraw,
  normalDraw,
  type RandomStream,
} from '@lone-heron/core';
import type { TestDetail } from '@lone-heron/contract';
import sharp from 'sharp';
import type { SampleCoupon } from './sampleCoupons.js';

const pixelsPerMm = 130;

/** A drawn picture of how deep a sample coupon really went, as a camera would give it. */
export function sectionPicture(
  { draft, realDepthMm, realWidthMm }: SampleCoupon,
  random: RandomStream,
): Promise<Buffer> {
  const { picture } = generatedSection({
    thicknessMm: draft.joint.firstThicknessMm,
    widthMm: realWidthMm,
    depthMm: realDepthMm,
    pixelsPerMm,
    tiltDegrees: 6 * random() - 3,
    random,
  });
  const { width, height, data } = picture;
  return sharp(data, { raw: { width, height, channels: 1 } })
    .toColourspace('srgb')
    .jpeg({ quality: 85 })
    .toBuffer();
}

const facePixelsPerMm = 30;

/** A drawn picture of a sample coupon's face under a warm lamp, the heat a little off the joint's line. */
export function facePicture({ realWidthMm }: SampleCoupon, random: RandomStream): Promise<Buffer> {
  const widthsMm: FaceToDraw['widthsMm'] = {
    straw: realWidthMm * 5.5,
    gold: realWidthMm * 4.2,
    blue: realWidthMm * 2.7,
  };
  const { picture } = generatedFace({
    widthsMm,
    beadMm: realWidthMm,
    offsetMm: 0.5,
    pixelsPerMm: facePixelsPerMm,
    tiltDegrees: 4 * random() - 2,
    light: [1, 0.93, 0.8],
    random,
  });
  const { width, height, data } = picture;
  return sharp(data, { raw: { width, height, channels: 4 } })
    .removeAlpha()
    .jpeg({ quality: 85 })
    .toBuffer();
}

/** What somebody read off that picture. */
export function sectionFound(
  { draft, realDepthMm, realWidthMm }: SampleCoupon,
  photoId: string,
  random: RandomStream,
): TestDetail {
  const read = (mm: number) => ({
    mm: Math.round((mm + 0.02 * normalDraw(random)) * 1000) / 1000,
    giveMm: 0.02,
  });
  const isThrough = realDepthMm >= draft.joint.firstThicknessMm;
  return {
    kind: 'section',
    grits: '240, 600',
    etchant: draft.joint.metal === 'lowCarbonSteel' ? 'nital' : 'none',
    isThrough,
    measured: { width: read(realWidthMm), ...(isThrough ? {} : { depth: read(realDepthMm) }) },
    photoId,
  };
}
