import { meltHalfWidth, metre } from '@lone-heron/core';

/** A melt in a butt, all lengths in mm. */
export interface MeltShape {
  readonly widthMm: number;
  readonly depthMm: number;
  /** Of the sheet it is drawn in. */
  readonly thicknessMm: number;
}

/** Points down one side of the melt. */
const sidePoints = 24;

/**
 * Outline of a melt as an SVG path in mm, its face at y = 0 and its middle at x = 0: crown above, sides down to the
 * depth or to the back of the sheet, and what hangs out behind. Crown and root heights are for the eye alone.
 */
export function meltOutline({ widthMm, depthMm, thicknessMm }: MeltShape): string {
  const bottom = Math.min(depthMm, thicknessMm);
  const side = Array.from({ length: sidePoints + 1 }, (_, i) => {
    // Closer together towards the tip, where the side turns fastest.
    const y = bottom * Math.sin((Math.PI / 2) * (i / sidePoints));
    return { x: halfWidthAt(widthMm, depthMm, y), y };
  });
  const right = side.map(({ x, y }) => `${round(x)} ${round(y)}`);
  const left = side.toReversed().map(({ x, y }) => `${round(-x)} ${round(y)}`);
  const root = side.at(-1) ?? { x: 0, y: 0 };
  const sag = rootSag(depthMm, thicknessMm);
  const crown = widthMm * 0.14;
  return (
    `M${right.join('L')}` +
    `Q0 ${round(root.y + 2 * sag)} ${round(-root.x)} ${round(root.y)}` +
    `L${left.join('L')}` +
    `Q0 ${round(-crown)} ${right[0] ?? '0 0'}Z`
  );
}

/** Half the width of the melt where it comes out behind; 0 where it stops short. */
export function rootHalfWidth({ widthMm, depthMm, thicknessMm }: MeltShape): number {
  return halfWidthAt(widthMm, depthMm, thicknessMm);
}

function halfWidthAt(widthMm: number, depthMm: number, belowMm: number): number {
  return meltHalfWidth(metre(widthMm), metre(depthMm), metre(belowMm));
}

/** How far the root hangs below the back: nothing short of the back, more the further the depth passes it. */
function rootSag(depthMm: number, thicknessMm: number): number {
  const past = depthMm / thicknessMm - 1;
  return past <= 0 ? 0 : thicknessMm * Math.min(0.32, 0.06 + 0.3 * past);
}

function round(value: number): number {
  return Math.round(value * 1000) / 1000;
}
