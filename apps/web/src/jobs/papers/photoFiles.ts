import type { ShopPhoto } from '@lone-heron/contract';
import { testWords } from '../../shared/vocabulary/testWords.js';
import type { PaperContext } from './jobPapers.js';

/** A photo of a job as it lies in the ZIP. */
export interface PhotoFile {
  readonly name: string;
  readonly words: string;
  readonly hash: string;
}

const endings: Readonly<Record<ShopPhoto['type'], string>> = {
  'image/jpeg': 'jpg',
  'image/png': 'png',
  'image/webp': 'webp',
};

/** The photos of goes and checks under names that say of what; those that have not arrived are not there. */
export function photoFiles({ job, photos }: Pick<PaperContext, 'job' | 'photos'>): readonly PhotoFile[] {
  const taken = [
    ...job.runs.map(({ photoIds, mark, seam }) => ({ photoIds, of: `${mark} seam ${seam}` })),
    ...job.checks.map(({ photoIds, mark, kind }) => ({
      photoIds,
      of: `${mark} ${testWords[kind].name.toLowerCase()}`,
    })),
  ];
  const named = taken.flatMap(({ photoIds, of }) =>
    photoIds.flatMap((id) => {
      const photo = photos.find((each) => each.id === id);
      return photo === undefined ? [] : [{ of, photo }];
    }),
  );
  return named.map(({ of, photo }, i) => ({
    name: `photos/${String(i + 1).padStart(3, '0')} ${of}.${endings[photo.type]}`,
    words: `photo of ${of}`,
    hash: photo.hash,
  }));
}

/** Photos that goes and checks name and that have not arrived: they wait in the browser of whoever took them. */
export function photosToCome({ job, photos }: Pick<PaperContext, 'job' | 'photos'>): number {
  const named = new Set([...job.runs, ...job.checks].flatMap(({ photoIds }) => photoIds));
  return [...named].filter((id) => !photos.some((photo) => photo.id === id)).length;
}
