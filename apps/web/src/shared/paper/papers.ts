import type { HouseUnits } from '@lone-heron/contract';
import type { PageSize } from 'pdfmake/interfaces.js';

/** Papers that pages are laid out for. */
export const papers = ['A4', 'A5', 'Letter'] as const;
export type Paper = (typeof papers)[number];

/** Points of a page held upright. */
const sizes: Readonly<Record<Paper, { readonly width: number; readonly height: number }>> = {
  A4: { width: 595.28, height: 841.89 },
  A5: { width: 419.53, height: 595.28 },
  Letter: { width: 612, height: 792 },
};

export type Orientation = 'portrait' | 'landscape';

/** A page to lay out on: lengths in points, and how much smaller than on A4 everything is. */
export interface PageFrame {
  readonly size: PageSize;
  readonly orientation: Orientation;
  readonly margin: number;
  /** Between the margins. */
  readonly innerWidth: number;
  readonly innerHeight: number;
  /** 1 on A4; what is large there is large for the paper on any other. */
  readonly scale: number;
}

/** Narrower than this, a printer leaves the edge of a page out. */
const marginOnA4 = 34;

export function pageFrame(paper: Paper, orientation: Orientation): PageFrame {
  const { width, height } = sizes[paper];
  // Letter is wider than A4 and shorter: the height decides whether a page still fits.
  const scale = Math.min(width / sizes.A4.width, height / sizes.A4.height);
  const margin = marginOnA4 * Math.max(scale, 0.8);
  const [across, down] = orientation === 'portrait' ? [width, height] : [height, width];
  return {
    size: paper === 'Letter' ? 'LETTER' : paper,
    orientation,
    margin,
    innerWidth: across - 2 * margin,
    innerHeight: down - 2 * margin,
    scale,
  };
}

/** The paper a shop is likely to have: Letter where lengths are said in inches. */
export function paperOf({ length }: Pick<HouseUnits, 'length'>): Paper {
  return length === 'mm' ? 'A4' : 'Letter';
}
