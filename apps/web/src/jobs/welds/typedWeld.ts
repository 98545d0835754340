import { jobWeldSchema, readWeldLines, weldRanges, type JobWeld, type Machine } from '@lone-heron/contract';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import { readTypedOver, type TypedQuantity, type TypedValue } from '../../shared/figures/readTyped.js';
import { typedText } from '../../shared/figures/spoken.js';
import type { EditedWelds } from './weldEdits.js';

/** What is typed of a weld. */
export interface TypedWeld {
  /** The joint said anew; empty where it stays. */
  readonly joint: string;
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

const figureText = (mm: number | null) => (mm === null ? '' : typedText(mm, 'mm', decimals));

export function typedWeld(weld: JobWeld): TypedWeld {
  const { mark, where, pose, preparation, notes, tests } = weld;
  return {
    ...{ joint: '', mark, where, pose, preparation, notes, tests },
    ...{ length: figureText(weld.lengthMm), count: String(weld.count), part: weld.part ?? '' },
    ...{ after: weld.after.join(', '), cardId: weld.cardId ?? '' },
    ...{ gap: figureText(weld.mostGapMm), misalignment: figureText(weld.mostMisalignmentMm) },
    lap: figureText(weld.closing?.lapMm ?? null),
  };
}

/** What was read of a weld that is typed. */
export interface ReadWeld {
  /** Null where anything is wrong. */
  readonly weld: JobWeld | null;
  readonly reads: Readonly<Record<Figure, TypedValue | null>>;
  readonly count: TypedValue;
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
  const count = readCount(typed.count);
  const said = saidJoint(typed, was, context);
  const others = context.edited.welds.filter(({ mark }) => mark !== was.mark);
  const after = typed.after.split(/[\s,]+/).filter((mark) => mark !== '');
  const found = after.map(
    (mark) => others.find((each) => each.mark.toLowerCase() === mark.toLowerCase())?.mark,
  );
  const problems = [
    ...said.problems,
    ...after.flatMap((mark, i) =>
      found[i] === undefined ? [`after “${mark}”: allowed is marks of other welds of this job.`] : [],
    ),
    ...(others.some(({ mark }) => mark.toLowerCase() === typed.mark.trim().toLowerCase())
      ? [`mark “${typed.mark}”: allowed is a mark that no other weld has.`]
      : []),
  ];
  const isRead = Object.values(reads).every((read) => read === null || 'value' in read) && 'value' in count;
  if (problems.length > 0 || !isRead || reads.length === null) return { weld: null, reads, count, problems };
  const figure = (name: Figure) =>
    reads[name] !== null && 'value' in reads[name] ? reads[name].value : null;
  const parsed = jobWeldSchema.safeParse({
    ...{ ...was, ...said.changes, mark: typed.mark.trim(), lengthMm: figure('length'), count: count.value },
    ...{ part: typed.part === '' ? null : typed.part, where: typed.where, pose: typed.pose },
    ...{ after: found, mostGapMm: figure('gap'), mostMisalignmentMm: figure('misalignment') },
    closing: was.closing === null ? null : { ...was.closing, lapMm: figure('lap') ?? 0 },
    ...{ preparation: typed.preparation, notes: typed.notes, tests: typed.tests },
    cardId: typed.cardId === '' ? null : typed.cardId,
  });
  if (parsed.success) return { weld: parsed.data, reads, count, problems };
  return {
    weld: null,
    reads,
    count,
    problems: parsed.error.issues.map(({ message }) => `Allowed is ${message}.`),
  };
}

/** The joint said anew, with what it leaves out as it was. */
function saidJoint(
  typed: TypedWeld,
  was: JobWeld,
  { machine }: ReadContext,
): { readonly changes: Partial<JobWeld>; readonly problems: readonly string[] } {
  if (typed.joint.trim() === '') return { changes: {}, problems: [] };
  const context = { length: shopUnits().length, machine, there: [was], part: was.part };
  const [line] = readWeldLines(`${typed.joint}, ${was.lengthMm} mm long`, context);
  if (line?.weld == null)
    return {
      changes: {},
      problems: (line?.problems ?? []).map(
        ({ field, given, allowed }) => `${field} ${given}: allowed is ${allowed}.`,
      ),
    };
  const { joint, wireDiameterMm, closing } = line.weld;
  return { changes: { joint, wireDiameterMm, closing }, problems: [] };
}

function readCount(text: string): TypedValue {
  const value = Number(text.trim());
  if (/^\d+$/.test(text.trim()) && value >= 1 && value <= 500) return { value };
  return { fault: `how many “${text}”: allowed is a whole number from 1 to 500.` };
}
