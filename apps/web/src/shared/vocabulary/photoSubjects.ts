import type { PhotoSubject } from '@lone-heron/contract';

/** What a photo shows. */
export const photoSubjectWords: Readonly<Record<PhotoSubject, string>> = {
  face: 'the face',
  back: 'the back',
  section: 'a section',
  test: 'a test',
  other: 'other',
};
