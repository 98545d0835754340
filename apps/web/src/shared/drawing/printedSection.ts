import { jointOutline, type PolygonMm } from '@lone-heron/core';
import { meltBox, meltFrame } from './meltFrame.js';
import { meltOutline } from './meltOutline.js';
import type { JointMelt } from './MiniSection.js';
import { outlinePath } from './outlinePath.js';

const ink = '#000000';
const meltGrey = '#5a5a5a';
/** Between the lines of a hatch, as a share of the drawing's width. */
const hatchShare = 1 / 26;

/**
 * The section of a joint with its expected melt for a page: sheets hatched each its own way, the melt dark, nothing told
 * by colour. SVG text of so many points' width, its height as the joint asks up to the most.
 */
export function printedSection(
  { joint, widthMm, depthMm }: JointMelt,
  { width, mostHeight }: { readonly width: number; readonly mostHeight: number },
): string {
  const outline = jointOutline(joint);
  const frame = meltFrame(joint);
  const melt = meltBox(frame, { widthMm, depthMm }, outline.fill.flat());
  const side = melt.width * 0.35;
  const wide = melt.width + 2 * side;
  const box = {
    left: melt.left - side,
    top: -melt.bottom - melt.height * 1.04,
    wide,
    high: melt.height * 1.08,
  };
  const height = Math.min(mostHeight, (width * box.high) / wide);
  const stroke = wide / 160;
  const [x, y] = frame.face;
  const bead = meltOutline({ widthMm, depthMm, thicknessMm: frame.throughMm ?? depthMm * 2 });
  const metal = [...outline.first, ...outline.second, ...outline.fill];
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}"`,
    ` viewBox="${box.left} ${box.top} ${box.wide} ${box.high}">`,
    `<defs><clipPath id="page"><rect x="${box.left}" y="${box.top}" width="${box.wide}" height="${box.high}"/></clipPath>`,
    clipOf('first', outline.first),
    clipOf('second', outline.second),
    clipOf('metal', metal),
    `</defs><g clip-path="url(#page)">`,
    hatched('first', outline.first, box, stroke, 1),
    hatched('second', outline.second, box, stroke, -1),
    `<g${frame.isSlanted ? ' clip-path="url(#metal)"' : ''}>`,
    `<path transform="translate(${x} ${-y}) rotate(${frame.turnDegrees})" d="${bead}"`,
    ` fill="${meltGrey}" stroke="${ink}" stroke-width="${stroke * 1.6}"/></g></g></svg>`,
  ].join('');
}

interface DrawnBox {
  readonly left: number;
  readonly top: number;
  readonly wide: number;
  readonly high: number;
}

function clipOf(name: string, polygons: readonly PolygonMm[]): string {
  const paths = polygons.map((polygon) => `<path d="${outlinePath(polygon)}" clip-rule="evenodd"/>`);
  return `<clipPath id="${name}">${paths.join('')}</clipPath>`;
}

/** @param way which way the lines lean: 1 or -1 */
function hatched(
  name: string,
  polygons: readonly PolygonMm[],
  { left, top, wide, high }: DrawnBox,
  stroke: number,
  way: 1 | -1,
): string {
  const step = wide * hatchShare;
  const lines = Array.from({ length: Math.ceil((wide + high) / step) + 1 }, (_, i) => {
    const from = left - high + i * step;
    return way === 1
      ? `M${from} ${top + high}L${from + high} ${top}`
      : `M${from} ${top}L${from + high} ${top + high}`;
  });
  const edges = polygons
    .map(
      (polygon) =>
        `<path d="${outlinePath(polygon)}" fill="none" stroke="${ink}" stroke-width="${stroke * 1.6}"/>`,
    )
    .join('');
  return `<g clip-path="url(#${name})"><path d="${lines.join('')}" fill="none" stroke="${ink}" stroke-width="${stroke * 0.7}"/></g>${edges}`;
}
