import type { HouseUnits } from '../../house/house.js';
import type { Machine } from '../../machines/machine.js';
import type { FieldProblem } from '../../wire/problem.js';
import type { JobWeld } from '../jobWeld.js';
import { mostWelds } from '../jobWeld.js';
import { nothingSaid, readWeldLine, type LeftToAbove, type ReadLine } from './readWeldLine.js';

/** What lines are read by. */
export interface WeldLineContext {
  /** Unit of a length without one. */
  readonly length: HouseUnits['length'];
  /** Whose wire and reach a fillet is proposed for; null while the shop has none. */
  readonly machine: Machine | null;
  /** Welds that are there already: their marks are taken. */
  readonly there: readonly JobWeld[];
  /** Key of the part the lines are of; null for the whole. */
  readonly part: string | null;
}

/** A line as it was typed, with the weld that was understood, or everything that is wrong with it. */
export interface WeldLine {
  /** From 1. */
  readonly line: number;
  readonly text: string;
  /** Null where anything is wrong. */
  readonly weld: JobWeld | null;
  readonly problems: readonly FieldProblem[];
  /** What it says nothing of and took from the line above: "304, 1.5 mm". */
  readonly carried: readonly ('metal' | 'thickness' | 'joint' | 'wire')[];
}

/**
 * Reads a list of welds, one a line, such as “W3 304 1.5 T 240 mm x2, both sides”. What a line leaves out of metal, sheets, joint and
 * wire is that of the line above; a mark that nobody gave is the next free one. Nothing throws; empty lines are passed over.
 */
export function readWeldLines(text: string, context: WeldLineContext): readonly WeldLine[] {
  const lines = text
    .split(/\r?\n/)
    .flatMap((line, i) => (line.trim() === '' ? [] : [{ line: i + 1, text: line.trim() }]));
  const read: WeldLine[] = [];
  let there = [...context.there];
  let above = there.at(-1) ?? null;
  let unclear: Unclear | null = null;
  for (const { line, text: typed } of lines) {
    const alone: ReadLine =
      there.length >= mostWelds ? full(typed) : readWeldLine(typed, { ...context, there, above });
    const one: ReadLine = unclear === null ? alone : unlessLeaning(alone, unclear);
    const { weld, problems, carried } = one;
    unclear = weld === null ? withUnclear(unclear, typed, one) : null;
    if (weld !== null) {
      there = [...there, weld];
      above = weld;
    }
    read.push({ line, text: typed, weld, problems, carried });
  }
  return withAfterHeld(read, context.there);
}

/** Lines that were not understood, one under the other: the first of them, and what they say. */
interface Unclear {
  readonly text: string;
  readonly says: readonly LeftToAbove[];
}

function withUnclear(before: Unclear | null, text: string, { says }: ReadLine): Unclear {
  return before === null ? { text, says } : { text: before.text, says: [...before.says, ...says] };
}

/**
 * Where a line leaves out what a line above says that is not understood, nobody can say yet what it is, least of all by the good line
 * before that.
 */
function unlessLeaning(one: ReadLine, unclear: Unclear): ReadLine {
  const left = unclear.says.filter((each) => !one.says.includes(each));
  if (left.length === 0) return one;
  const own = one.problems.filter(
    ({ field, given }) => given !== nothingSaid || !left.some((each) => each === field),
  );
  const problem = {
    field: 'line above',
    given: unclear.text,
    allowed: 'a line that is understood: this one takes what it leaves out from it',
  };
  return { ...one, weld: null, problems: [...own, problem], carried: [] };
}

function full(typed: string): ReadLine {
  const problem = { field: 'line', given: typed, allowed: `up to ${mostWelds} welds in a job` };
  return { weld: null, problems: [problem], carried: [], says: [] };
}

/** Marks that a line comes after may stand further down: they are looked up once all are read. */
function withAfterHeld(read: readonly WeldLine[], there: readonly JobWeld[]): readonly WeldLine[] {
  const marks = [...there, ...read.flatMap(({ weld }) => (weld === null ? [] : [weld]))].map(
    ({ mark }) => mark,
  );
  return read.map((line) => {
    if (line.weld === null) return line;
    const found = line.weld.after.map((mark) => ({ mark, known: knownMark(mark, marks) }));
    const strange = found.filter(({ known }) => known === undefined || known === line.weld?.mark);
    if (strange.length === 0)
      return { ...line, weld: { ...line.weld, after: found.flatMap(({ known }) => known ?? []) } };
    const allowed = 'marks of other welds of this job';
    const problems = strange.map(({ mark }) => ({ field: 'after', given: mark, allowed }));
    return { ...line, weld: null, problems };
  });
}

function knownMark(mark: string, marks: readonly string[]): string | undefined {
  return marks.find((each) => each.toLowerCase() === mark.toLowerCase());
}
