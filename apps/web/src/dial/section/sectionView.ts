import { expectedDepth, inMm, jointOutline, type JointOutline, type PointMm } from '@lone-heron/core';
import { meltBox, meltFrame, type MeltFrame } from '../../shared/drawing/meltFrame.js';
import type { BoxSize } from '../../shared/drawing/useBoxSize.js';
import type { DialOutcome } from '../dialOutcome.js';

/** How the drawing is looked at: enlarged so many times and moved by so many pixels. */
export interface Look {
  readonly zoom: number;
  readonly right: number;
  readonly down: number;
}
export const plainLook: Look = { zoom: 1, right: 0, down: 0 };

/** Everything the parts of the section are drawn from, with the way from the joint's mm to the page's pixels. */
export interface SectionView extends MeltFrame {
  readonly page: BoxSize;
  readonly outline: JointOutline;
  /** Pixels per mm. */
  readonly scale: number;
  readonly toPage: (point: PointMm) => PointMm;
  readonly widthMm: number;
  readonly depthMm: number;
  /** ln of the band's half width. */
  readonly spread: number;
}

/** Room for words around what is drawn. */
const margins = { left: 94, right: 152, top: 52, bottom: 44 };

export function sectionView({ forecast }: DialOutcome, page: BoxSize, look: Look): SectionView {
  const outline = jointOutline(forecast.pass.joint);
  const frame = meltFrame(forecast.pass.joint);
  const widthMm = inMm(forecast.prediction.width);
  const depthMm = inMm(expectedDepth(forecast));
  const box = meltBox(frame, { widthMm, depthMm }, outline.fill.flat());
  const room = {
    across: Math.max(page.width - margins.left - margins.right, 80),
    down: Math.max(page.height - margins.top - margins.bottom, 80),
  };
  const scale = Math.min(room.across / box.width, room.down / box.height) * look.zoom;
  const middle = {
    x: margins.left + room.across / 2 + look.right,
    y: margins.top + room.down / 2 + look.down,
  };
  const toPage = ([x, y]: PointMm): PointMm => [
    middle.x + (x - box.left - box.width / 2) * scale,
    middle.y - (y - box.bottom - box.height / 2) * scale,
  ];
  return { ...frame, page, outline, scale, toPage, widthMm, depthMm, spread: forecast.spread };
}

/** A closed outline as an SVG path on the page. */
export function polygonPath(points: readonly PointMm[], { toPage }: Pick<SectionView, 'toPage'>): string {
  return `M${points.map((point) => toPage(point).map(tenth).join(' ')).join('L')}Z`;
}

function tenth(value: number): number {
  return Math.round(value * 10) / 10;
}
