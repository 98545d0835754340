import {
  backLooks,
  brokeAt,
  couponTestDraftSchema,
  leakPlaces,
  type TestDetail,
  type TestKind,
} from '@lone-heron/contract';
import { lookWords } from '../../../shared/vocabulary/looks.js';
import { figureFields } from './testFields.js';
import { brokeWords, leakWords } from '../../../shared/vocabulary/testWords.js';

/** Tests that have a page of their own. */
export type PagedTestKind = 'tint' | 'pressure';
export const isPaged = (kind: TestKind): kind is PagedTestKind => kind === 'tint' || kind === 'pressure';

/** Tests whose form is a few figures and a few choices. */
export type PlainTestKind = Exclude<TestKind, 'section' | PagedTestKind>;

/** One of a few. */
interface PickedField {
  readonly name: string;
  readonly label: string;
  readonly choices: readonly { readonly value: string; readonly label: string }[];
}

/** What a test asks, in the order it is done. */
export interface TestForm {
  readonly figures: readonly (keyof typeof figureFields)[];
  readonly picks: readonly PickedField[];
  /** Field of a line of words; null where it asks none. */
  readonly words: { readonly name: string; readonly label: string } | null;
}

const broke: PickedField = {
  name: 'brokeAt',
  label: 'Where did it break?',
  choices: brokeAt.map((value) => ({ value, label: brokeWords[value] })),
};
const leak: PickedField = {
  name: 'leak',
  label: 'Where did it leak?',
  choices: leakPlaces.map((value) => ({ value, label: leakWords[value] })),
};

export const testForms: Readonly<Record<PlainTestKind, TestForm>> = {
  look: {
    figures: [],
    picks: [
      {
        name: 'back',
        label: 'The back',
        choices: backLooks.map((value) => ({ value, label: lookWords[value].short })),
      },
    ],
    words: { name: 'faults', label: 'Faults that were seen' },
  },
  bend: {
    figures: ['angleDeg', 'mandrelMm'],
    picks: [
      {
        name: 'side',
        label: 'Outside of the bend',
        choices: [
          { value: 'root', label: 'the root' },
          { value: 'face', label: 'the face' },
        ],
      },
      broke,
    ],
    words: null,
  },
  hammer: { figures: ['blows'], picks: [broke], words: null },
  vice: { figures: ['angleDeg'], picks: [broke], words: null },
  peel: { figures: [], picks: [broke], words: null },
  dye: { figures: ['dwellMin', 'longestMm'], picks: [], words: null },
  leak: {
    figures: [],
    picks: [
      {
        name: 'medium',
        label: 'Looked for with',
        choices: [
          { value: 'bubbles', label: 'bubbles' },
          { value: 'water', label: 'water' },
          { value: 'paraffin', label: 'paraffin' },
        ],
      },
      leak,
    ],
    words: null,
  },
};

/** A form filled in, as the record takes it; null while something is missing. */
export function plainDetail(
  kind: PlainTestKind,
  figures: Readonly<Record<string, number>>,
  picks: Readonly<Record<string, string>>,
  words: string,
): TestDetail | null {
  const form = testForms[kind];
  const text = form.words === null ? {} : { [form.words.name]: words };
  const detail = { kind, ...figures, ...picks, ...text };
  return couponTestDraftSchema.shape.detail.safeParse(detail).data ?? null;
}
