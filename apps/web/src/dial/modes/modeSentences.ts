import {
  cleanPlaces,
  workRanges,
  type HandMode,
  type Machine,
  type MachineProfile,
} from '@lone-heron/contract';
import { cleanAims, coatTable, coatsOn, cutAims, findMetal, type AllowedRange } from '@lone-heron/core';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import { spokenFigure, spokenLength } from '../../shared/figures/spoken.js';
import {
  cleanAimWords,
  cleanPlaceWords,
  cutAimWords,
  cutGasWords,
  cutLineWords,
} from '../../shared/modes/workInWords.js';
import type { Choice } from '../../shared/saidJoint/PickWord.js';
import { isMetalId, metalChoices } from '../../shared/vocabulary/metalNames.js';

/** What the words of a sentence may depend on. */
export interface SentenceAround {
  readonly words: Readonly<Record<string, string>>;
  /** Null while no machine is good. */
  readonly profile: MachineProfile | null;
}

/** A word of a mode's sentence; its name is the work's own field. */
export type ModeWord = {
  readonly word: string;
  /** What it says, for those who cannot see the sentence. */
  readonly label: string;
  readonly first: (around: SentenceAround) => string;
} & (
  | { readonly kind: 'pick'; readonly choices: (around: SentenceAround) => readonly Choice[] }
  | { readonly kind: 'length' | 'pressure'; readonly range: AllowedRange }
  // A pick whose value is a number of millimetres.
  | { readonly kind: 'size'; readonly choices: (around: SentenceAround) => readonly Choice[] }
);

/** What stands in a sentence between its verb and its machine: plain text and words. */
export type SentencePart = string | ModeWord;

function picks<Value extends string>(
  word: string,
  label: string,
  values: readonly Value[],
  say: (value: Value) => string,
): ModeWord {
  const choices = values.map((value) => ({ value, label: say(value) }));
  return { word, label, kind: 'pick', choices: () => choices, first: () => values[0] ?? '' };
}

/** A length that stands at first, as a metric house would say it and as one in inches would. */
type FirstLength = readonly [mm: string, inch: string];

const length = (word: string, label: string, range: AllowedRange, [mm, inch]: FirstLength): ModeWord => ({
  ...{ word, label, kind: 'length', range },
  first: () => (shopUnits().length === 'in' ? inch : mm),
});

const metal = (first: string): ModeWord => ({
  ...{ word: 'metal', label: 'Metal', kind: 'pick', choices: () => metalChoices, first: () => first },
});
const thickness = (first: FirstLength) => length('thicknessMm', 'Thickness', workRanges.thickness, first);

/** A coat that nobody knows is a choice too: what then is to be done is said instead of numbers. */
export const unknownCoat = 'unknown';

const coat: ModeWord = {
  ...{ word: 'coat', label: 'Coat', kind: 'pick' },
  choices: ({ words: { metal: of = 'stainless304' } }) => [
    ...coatsOn(isMetalId(of) ? findMetal(of).family : 'steel').map((value) => ({
      value,
      label: coatTable[value].said,
    })),
    { value: unknownCoat, label: 'a coat nobody knows' },
  ],
  first: ({ words: { metal: of = 'stainless304' } }) =>
    coatsOn(isMetalId(of) ? findMetal(of).family : 'steel').find((each) => each === 'heatTint') ?? 'oil',
};

/** A pressure as the house says it. */
export const saidPressure = (bar: number): string => spokenFigure(bar, 'bar', 1);

const bore: ModeWord = {
  ...{ word: 'boreMm', label: 'Bore of the nozzle', kind: 'size' },
  choices: ({ profile }) =>
    (profile?.cutting?.boresMm ?? [1.2]).map((mm) => ({ value: String(mm), label: spokenLength(mm) })),
  first: ({ profile }) => {
    const bores = profile?.cutting?.boresMm ?? [1.2];
    return String(bores[Math.floor((bores.length - 1) / 2)]);
  },
};

const gas: ModeWord = {
  ...{ word: 'gas', label: 'Gas', kind: 'pick' },
  choices: ({ profile }) =>
    (profile?.cutting?.gases ?? ['air']).map((value) => ({ value, label: cutGasWords[value] })),
  first: ({ profile }) => profile?.cutting?.gases[0] ?? 'air',
};

/** The sentence of each mode. */
export const modeSentences: Readonly<Record<HandMode, readonly SentencePart[]>> = {
  clean: [
    coat,
    ' off ',
    metal('stainless304'),
    ', ',
    thickness(['1.5 mm', '0.06 in']),
    ' thick, ',
    picks('place', 'Where', cleanPlaces, (place) => cleanPlaceWords[place]),
    ', ',
    length('widthMm', 'Width of it', workRanges.width, ['20 mm', '0.8 in']),
    ' wide and ',
    length('lengthMm', 'Length of it', workRanges.length, ['500 mm', '20 in']),
    ' long, so that it is ',
    picks('aim', 'Aim', cleanAims, (aim) => cleanAimWords[aim]),
  ],
  cut: [
    metal('lowCarbonSteel'),
    ', ',
    thickness(['1.5 mm', '0.06 in']),
    ', ',
    picks('line', 'Line', ['straight', 'round'] as const, (line) => cutLineWords[line]),
    ', ',
    length('lengthMm', 'Length of the cut', workRanges.length, ['500 mm', '20 in']),
    ' long, with ',
    gas,
    ' at ',
    {
      ...{
        word: 'pressureBar',
        label: 'Pressure at the nozzle',
        kind: 'pressure',
        range: workRanges.pressure,
      },
      first: ({ profile }) => saidPressure(Math.min(8, profile?.cutting?.mostBar ?? 8)),
    },
    ' through a bore of ',
    bore,
    ', for ',
    picks('aim', 'Aim', cutAims, (aim) => cutAimWords[aim]),
  ],
  spot: [
    metal('stainless304'),
    ', ',
    thickness(['0.5 mm', '0.02 in']),
    ' onto ',
    length('underMm', 'Thickness below', { ...workRanges.thickness, quantity: 'thickness below' }, [
      '1 mm',
      '0.04 in',
    ]),
    ', joined ',
    length('wantedMm', 'Depth wanted', workRanges.wanted, ['0.7 mm', '0.028 in']),
    ' deep',
  ],
  seam: [
    metal('stainless304'),
    ', ',
    thickness(['0.8 mm', '0.03 in']),
    ' edge to edge, ',
    length('lengthMm', 'Length of the seam', workRanges.length, ['60 mm', '2.4 in']),
    ' long, sealed ',
    length('wantedMm', 'Depth wanted', workRanges.wanted, ['0.5 mm', '0.02 in']),
    ' deep',
  ],
};

/** Machines of the shop that do a mode, as the sentence offers them. */
export function machineChoices(machines: readonly Machine[]): readonly Choice[] {
  return machines.map(({ id, name }) => ({ value: id, label: name }));
}
