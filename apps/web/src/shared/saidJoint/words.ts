import {
  backingTable,
  dialledMetals,
  gasTable,
  metalTable,
  positionTable,
  seamKinds,
  seamRow,
  shieldingGases,
  surfaceTable,
  type Practice,
} from '@lone-heron/core';
import { isCorner } from './readKind.js';
import { bevels, runs, type Run } from './dialWords.js';
import type { Choice } from './PickWord.js';

/** What each picked word of the sentence can say. */

function choices<Value extends string>(
  values: readonly Value[],
  words: Readonly<Record<Value, string>>,
): readonly Choice[] {
  return values.map((value) => ({ value, label: words[value] }));
}

export const kindChoices: readonly Choice[] = seamKinds.map((kind) => ({
  value: kind,
  label: seamRow(kind).said,
}));

export const secondMetalChoices: readonly Choice[] = [
  { value: 'same', label: 'the same' },
  ...dialledMetals.map((id) => ({ value: id, label: metalTable[id].name })),
];

const bevelWords = { square: 'square edges', '60': 'edges bevelled to 60°', '90': 'edges bevelled to 90°' };
export const bevelChoices = choices(bevels, bevelWords);

export const sideChoices = choices(['1', '2'], { '1': 'one side', '2': 'both sides' });

const runWords: Readonly<Record<Run, string>> = {
  one: 'in one run',
  stitched: 'in stitches',
  pulsed: 'in pulses',
  tack: 'as a tack',
};
const runChoices = choices(runs, runWords);

/** How a weld of a job is run: pulses are its setting's. */
export const jobRuns = runChoices.filter(({ value }) => value !== 'pulsed');

/** The runs, with pulses first on a corner where the shop welds corners slow and pulsed. */
export function runsFirst(kind: string, corners: Practice['corners']): readonly Choice[] {
  if (!isCorner(kind) || corners !== 'slowPulsed') return runChoices;
  return runChoices
    .map((choice) =>
      choice.value === 'pulsed' ? { ...choice, label: 'in pulses, as the shop does' } : choice,
    )
    .toSorted((a, b) => Number(b.value === 'pulsed') - Number(a.value === 'pulsed'));
}

function conditionChoices<Value extends string>(
  table: Readonly<Record<Value, { readonly said: string }>>,
): readonly Choice[] {
  return (Object.keys(table) as Value[]).map((value) => ({ value, label: table[value].said }));
}

export const positionChoices = conditionChoices(positionTable);
export const surfaceChoices = conditionChoices(surfaceTable);
export const backingChoices = conditionChoices(backingTable);

/** How much of a sheet there is beside the seam. */
export const edgeChoices = choices(['far', 'near'], {
  far: 'in a large sheet',
  near: 'between free edges',
});

export const gasChoices: readonly Choice[] = shieldingGases.map((gas) => ({
  value: gas,
  label: gasTable[gas].name,
}));

export const limitChoices = choices(['none', 'food', 'colour'], {
  none: 'no limits',
  food: 'fit for food',
  colour: 'no colour past straw',
});
