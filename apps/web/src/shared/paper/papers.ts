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
  const margin = paper === 'A5' ? marginOnA4 * 0.8 : marginOnA4;
  const inner = (of: Paper, around: number) => ({
    width: sizes[of].width - 2 * around,
    height: sizes[of].height - 2 * around,
  });
  const [mine, onA4] = [inner(paper, margin), inner('A4', marginOnA4)];
  const [innerWidth, innerHeight] =
    orientation === 'portrait' ? [mine.width, mine.height] : [mine.height, mine.width];
  return {
    ...{ orientation, margin, innerWidth, innerHeight },
    size: paper === 'Letter' ? 'LETTER' : paper,
    // Letter is wider than A4 and shorter: the height decides whether a page still fits.
    scale: Math.min(mine.width / onA4.width, mine.height / onA4.height),
  };
}

/** The paper a shop is likely to have: Letter where lengths are said in inches. */
export function paperOf({ length }: Pick<HouseUnits, 'length'>): Paper {
  return length === 'mm' ? 'A4' : 'Letter';
}
