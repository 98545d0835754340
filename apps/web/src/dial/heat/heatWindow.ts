import type { RasterWindow } from '@lone-heron/core';
import type { BoxSize } from '../../shared/drawing/useBoxSize.js';
import type { ShownField } from './useField.js';

export type HeatLook = 'section' | 'above' | 'behind';
/** Screen pixels from point to point of a raster. */
const pixelStep = 3;

/** The part of the section or face that is drawn on a page of so many pixels, and how many pixels a metre has there. */
export function heatWindow(
  shown: ShownField,
  look: HeatLook,
  page: BoxSize,
): { window: RasterWindow; scale: number } {
  const { width, left, middle } =
    look === 'section' ? sectionFrame(shown, page) : faceFrame(shown, look, page);
  const scale = page.width / width;
  const top = middle - page.height / scale / 2;
  return {
    window: {
      left,
      top,
      step: pixelStep / scale,
      columns: Math.ceil(page.width / pixelStep),
      rows: Math.ceil(page.height / pixelStep),
    },
    scale,
  };
}

/** So that the melt is seen whole with what is hot beside it; how far colour goes is told, and shown on the faces. */
function sectionFrame({ task, answer }: ShownField, page: BoxSize) {
  const { at, from } = answer.heat.cut;
  const isFlat = from[0] === 0;
  const high = isFlat ? 1.25 * task.depth : 2 * (task.depth + task.beadWidth / 2);
  const half = Math.max(1.5 * task.beadWidth, (high * page.width) / page.height / 2, 3.5e-3);
  const inMelt = (axis: 0 | 1) => at[axis] - (from[axis] * task.depth) / 2;
  return { width: 2 * half, left: inMelt(0) - half, middle: inMelt(1) };
}

/** A quarter of it ahead of the gun; so high that the colour is seen from edge to edge. */
function faceFrame({ task, answer }: ShownField, look: HeatLook, page: BoxSize) {
  const straw = answer.tint?.[look === 'above' ? 'front' : 'back'].straw ?? null;
  const high = Math.max(straw === null ? 0 : 1.15 * (straw.right - straw.left), 3 * task.beadWidth);
  const width = Math.max((high * page.width) / page.height, 3.5 * answer.bead.poolBehind);
  return { width, left: -width / 4, middle: straw === null ? 0 : (straw.left + straw.right) / 2 };
}
