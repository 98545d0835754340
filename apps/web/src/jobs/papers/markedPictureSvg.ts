import type { JobDraft, JobWeld } from '@lone-heron/contract';
import { tagPlaces, type TagPlace } from '../pictures/tagPlaces.js';
import { mainFont } from '../../shared/paper/printable.js';

/** A picture of the part for a page. */
export interface PaperPicture {
  readonly name: string;
  /** JPEG as data; null where it has not arrived, or cannot be read. */
  readonly data: string | null;
  /** Height over width. */
  readonly heightShare: number;
  readonly placed: readonly Pick<JobWeld, 'mark' | 'place'>[];
}

/** The pictures of a job that have marks on them, with those marks. */
export function placedPictures({ pictures, welds }: Pick<JobDraft, 'pictures' | 'welds'>) {
  return pictures.flatMap(({ photoId, name, heightShare }) => {
    const placed = welds.filter(({ place }) => place?.photoId === photoId);
    return placed.length === 0 ? [] : [{ photoId, name, heightShare, placed }];
  });
}

/** A mark's letters, of the picture's width. */
const letterShare = 1 / 55;

/** A picture with its seams and marks for a page, black on white so that a grey copy keeps them: SVG text, so many points wide. */
export function markedPictureSvg(
  { data, heightShare, placed }: PaperPicture & { readonly data: string },
  width: number,
): string {
  const height = width * heightShare;
  const letter = Math.max(5, width * letterShare);
  const marked = placed.flatMap(({ mark, place }) => (place === null ? [] : [{ mark, ...place }]));
  const tags = tagPlaces(marked, { width, height, letter });
  const lines = marked.flatMap(({ from, to }) => {
    const ends = `x1="${from.x * width}" y1="${from.y * height}" x2="${to.x * width}" y2="${to.y * height}"`;
    return [
      `<line ${ends} stroke-linecap="round" stroke="#ffffff" stroke-width="${letter * 0.5}"/>`,
      `<line ${ends} stroke-linecap="round" stroke="#000000" stroke-width="${letter * 0.25}"/>`,
    ];
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink"`,
    ` width="${width}" height="${height}" viewBox="0 0 ${width} ${height}">`,
    `<image x="0" y="0" width="${width}" height="${height}" xlink:href="${data}"/>`,
    ...lines,
    ...tags.map((tag, i) => tagSvg(tag, marked[i]?.mark ?? '', letter)),
    `</svg>`,
  ].join('');
}

/** Marks are letters, digits, dots and dashes: nothing of them is markup. */
function tagSvg({ x, y, width, height }: TagPlace, mark: string, letter: number): string {
  return [
    `<rect x="${x - width / 2}" y="${y - height / 2}" width="${width}" height="${height}" rx="${height / 2}"`,
    ` fill="#ffffff" stroke="#000000" stroke-width="${letter * 0.08}"/>`,
    `<text x="${x}" y="${y + height * 0.23}" font-family="${mainFont}"`,
    ` font-size="${letter}" text-anchor="middle" fill="#000000">${mark}</text>`,
  ].join('');
}
