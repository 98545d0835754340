import { seamKinds, seamRow } from '@lone-heron/core';
import { jobWeldSchema, usualClosing, weldRanges, type JobWeld, type Machine } from '@lone-heron/contract';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import { readTypedOver, type TypedQuantity, type TypedValue } from '../../shared/figures/readTyped.js';
import { typedText } from '../../shared/figures/spoken.js';
import { readWhole } from '../../shared/figures/readWhole.js';
import { firstWords, wordNames, type DialWords } from '../../shared/saidJoint/dialWords.js';
import { readSentence, type SentenceReading } from '../../shared/saidJoint/readSentence.js';
import { wordsOfJoint } from '../../shared/sentences/dialAddressOf.js';
import type { EditedWelds } from './weldEdits.js';

/** What is typed of a weld. */
export interface TypedWeld {
  /** The joint, as Dial's sentence says it. */
  readonly words: DialWords;
  /** Whether a seam is taken past where it began. */
  readonly end: 'open' | 'closed';
  readonly mark: string;
  readonly length: string;
  readonly count: string;
  readonly part: string;
  readonly where: string;
  readonly pose: string;
  readonly after: string;
  readonly gap: string;
  readonly misalignment: string;
  readonly lap: string;
  readonly preparation: string;
  readonly cardId: string;
  readonly notes: string;
  readonly tests: JobWeld['tests'];
}

const inMm = (range: (typeof weldRanges)[keyof typeof weldRanges]): TypedQuantity => ({
  range,
  dimension: 'length',
});
export const weldQuantities = {
  length: inMm(weldRanges.length),
  gap: inMm(weldRanges.gapMost),
  misalignment: inMm(weldRanges.misalignment),
  lap: inMm(weldRanges.lap),
} as const;
type Figure = keyof typeof weldQuantities;
const decimals = 2;
const mostSeams = 500;

const figureText = (mm: number | null) => (mm === null ? '' : typedText(mm, 'mm', decimals));

export function typedWeld(weld: JobWeld): TypedWeld {
  const { mark, where, pose, preparation, notes, tests } = weld;
  return {
    ...{
      words: recordedWords(weld),
      end: weld.closing === null ? 'open' : 'closed',
      mark,
      where,
      pose,
      preparation,
      notes,
      tests,
    },
    ...{ length: figureText(weld.lengthMm), count: String(weld.count), part: weld.part ?? '' },
    ...{ after: weld.after.join(', '), cardId: weld.cardId ?? '' },
    ...{ gap: figureText(weld.mostGapMm), misalignment: figureText(weld.mostMisalignmentMm) },
    lap: figureText((weld.closing ?? usualClosing).lapMm),
  };
}

/** With words of its sentence said anew: a seam that goes round from now on is taken past its start. */
export function withWords(
  { words, end }: TypedWeld,
  said: Partial<DialWords>,
): Pick<TypedWeld, 'words' | 'end'> {
  const isRound = (kind: string) => seamKinds.some((each) => each === kind && seamRow(each).isRound);
  const next = { ...words, ...said };
  if (isRound(next.kind) === isRound(words.kind)) return { words: next, end };
  return { words: next, end: isRound(next.kind) ? 'closed' : 'open' };
}

/** What was read of a weld that is typed. */
export interface ReadWeld {
  /** Null where anything is wrong. */
  readonly weld: JobWeld | null;
  readonly reads: Readonly<Record<Figure, TypedValue | null>>;
  readonly count: TypedValue;
  /** What was made of the sentence; null where the job's machine is gone. */
  readonly reading: SentenceReading | null;
  /** What is wrong that no field says, in sentences. */
  readonly problems: readonly string[];
}

interface ReadContext {
  readonly edited: EditedWelds;
  readonly machine: Machine | null;
}

/** Reads a weld; a figure that nobody touched stays to its last digit. */
export function readWeld(typed: TypedWeld, was: JobWeld, context: ReadContext): ReadWeld {
  const over = (name: Figure, before: number | null) =>
    typed[name].trim() === ''
      ? null
      : readTypedOver(before ?? undefined, typed[name], weldQuantities[name], decimals);
  const reads = {
    length: over('length', was.lengthMm),
    gap: over('gap', was.mostGapMm),
    misalignment: over('misalignment', was.mostMisalignmentMm),
    lap: over('lap', was.closing?.lapMm ?? null),
  };
  const count = readWhole('how many', typed.count, mostSeams);
  const said = saidJoint(typed, was, context.machine);
  const { reading } = said;
  const others = context.edited.welds.filter(({ mark }) => mark !== was.mark);
  const after = typed.after.split(/[\s,]+/).filter((mark) => mark !== '');
  const found = after.map(
    (mark) => others.find((each) => each.mark.toLowerCase() === mark.toLowerCase())?.mark,
  );
  const problems = [
    ...after.flatMap((mark, i) =>
      found[i] === undefined ? [`after “${mark}”: allowed is marks of other welds of this job.`] : [],
    ),
    ...(others.some(({ mark }) => mark.toLowerCase() === typed.mark.trim().toLowerCase())
      ? [`mark “${typed.mark}”: allowed is a mark that no other weld has.`]
      : []),
  ];
  const isRead = Object.values(reads).every((read) => read === null || 'value' in read) && 'value' in count;
  if (problems.length > 0 || !isRead || reads.length === null || said.joint === null)
    return { weld: null, reads, count, reading, problems };
  const figure = (name: Figure) =>
    reads[name] !== null && 'value' in reads[name] ? reads[name].value : null;
  const parsed = jobWeldSchema.safeParse({
    ...{ ...was, joint: said.joint, wireDiameterMm: said.wireDiameterMm },
    ...{ mark: typed.mark.trim(), lengthMm: figure('length'), count: count.value },
    ...{ part: typed.part === '' ? null : typed.part, where: typed.where, pose: typed.pose },
    ...{ after: found, mostGapMm: figure('gap'), mostMisalignmentMm: figure('misalignment') },
    closing: typed.end === 'open' ? null : { ...(was.closing ?? usualClosing), lapMm: figure('lap') ?? 0 },
    ...{ preparation: typed.preparation, notes: typed.notes, tests: typed.tests },
    cardId: typed.cardId === '' ? null : typed.cardId,
  });
  if (parsed.success) return { weld: parsed.data, reads, count, reading, problems };
  return {
    weld: null,
    reads,
    count,
    reading,
    problems: parsed.error.issues.map(({ message }) => `Allowed is ${message}.`),
  };
}

/** The joint as the sentence says it now; as it was, to the last digit, where no word was touched. */
function saidJoint(typed: TypedWeld, was: JobWeld, machine: Machine | null): SaidJoint {
  const { joint, wireDiameterMm } = was;
  if (machine === null) return { reading: null, joint, wireDiameterMm };
  const reading = readSentence(typed.words, [machine], shopUnits().length);
  if (isAsRecorded(typed.words, was)) return { reading, joint, wireDiameterMm };
  if (reading.said === null) return { reading, joint: null, wireDiameterMm };
  return { reading, joint: reading.said.joint, wireDiameterMm: reading.said.wireDiameterMm };
}

interface SaidJoint {
  readonly reading: SentenceReading | null;
  /** Null where a word is to be mended. */
  readonly joint: JobWeld['joint'] | null;
  readonly wireDiameterMm: number | null;
}

/** The sentence of a weld as it is recorded. */
function recordedWords({ joint, wireDiameterMm }: JobWeld): DialWords {
  return { ...firstWords, ...wordsOfJoint({ joint, wireDiameterMm, machineId: '' }, exactly) };
}

/** In the shop's unit, to where nobody could measure it. */
function exactly(mm: number): string {
  return shopUnits().length === 'in' ? `${Math.round((mm / 25.4) * 1e5) / 1e5} in` : `${mm} mm`;
}

function isAsRecorded(words: DialWords, was: JobWeld): boolean {
  const recorded = recordedWords(was);
  return wordNames.every((name) => words[name] === recorded[name]);
}
