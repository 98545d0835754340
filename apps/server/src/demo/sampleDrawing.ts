import type { JobWeld } from '@lone-heron/contract';

/** The drawing of the locker frame: 1200 x 840 mm of paper at a third, drawn in its own units. */
export const drawingMm = { width: 1200, height: 840 };

const bar = (x: number, y: number, width: number, height: number, fill: string) =>
  `<rect x="${x}" y="${y}" width="${width}" height="${height}" fill="${fill}" stroke="#50626b" stroke-width="3"/>`;
const words = (x: number, y: number, text: string) =>
  `<text x="${x}" y="${y}" font-family="sans-serif" font-size="30" fill="#50626b">${text}</text>`;

/** The locker frame from the front, its sides behind, as SVG. */
export function lockerDrawing(): string {
  const shelves = [250, 390, 530].map((y) => bar(280, y, 560, 22, '#e7edef')).join('');
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${drawingMm.width} ${drawingMm.height}">
    <rect width="100%" height="100%" fill="#fcfdfd"/>
    ${bar(240, 100, 40, 640, '#d2dade')}${bar(840, 100, 40, 640, '#d2dade')}
    ${bar(280, 100, 560, 40, '#d2dade')}${bar(280, 700, 560, 40, '#d2dade')}
    ${shelves}
    <path d="M880 100 L1010 40 L1010 660 L880 740" fill="none" stroke="#7d909a" stroke-width="3"/>
    <path d="M240 100 L370 40 L1010 40" fill="none" stroke="#7d909a" stroke-width="3"/>
    ${words(250, 800, 'locker frame L-204 B, front')}${words(520, 90, '640')}
  </svg>`;
}

type Ends = readonly [x1: number, y1: number, x2: number, y2: number];

/** Where the welds of the locker frame lie on its drawing, mm of it. */
const ends: Readonly<Record<string, Ends>> = {
  ...{
    W1: [240, 100, 280, 140],
    W2: [840, 140, 880, 100],
    W3: [240, 740, 280, 700],
    W4: [840, 700, 880, 740],
  },
  ...{ W5: [260, 420, 280, 420], W6: [840, 420, 860, 420] },
  ...{
    W7: [280, 100, 280, 140],
    W8: [280, 700, 280, 740],
    W9: [840, 100, 840, 140],
    W10: [840, 700, 840, 740],
  },
  ...{
    W11: [370, 40, 370, 75],
    W12: [370, 640, 370, 675],
    W13: [1010, 40, 1010, 75],
    W14: [1010, 630, 1010, 660],
  },
  ...{ W15: [280, 250, 280, 272], W16: [840, 250, 840, 272], W17: [280, 390, 280, 412] },
  ...{ W18: [840, 390, 840, 412], W19: [280, 530, 280, 552], W20: [840, 530, 840, 552] },
  ...{
    W21: [240, 200, 240, 360],
    W22: [880, 200, 880, 360],
    W23: [240, 460, 240, 640],
    W24: [880, 460, 880, 640],
  },
  ...{ W25: [540, 140, 600, 140], W26: [540, 700, 600, 700] },
};

/** A weld of the locker frame on its drawing. */
export function placedOnDrawing(weld: JobWeld, photoId: string): JobWeld {
  const at = ends[weld.mark];
  if (at === undefined) return weld;
  const [x1, y1, x2, y2] = at;
  const point = (x: number, y: number) => ({ x: x / drawingMm.width, y: y / drawingMm.height });
  return { ...weld, place: { photoId, from: point(x1, y1), to: point(x2, y2) } };
}
