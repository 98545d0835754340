import type { ExchangedNoun, ExchangeRow, ExchangeStanding } from '@lone-heron/contract';

/** Something of a file held against what is here, with what would be stored of it. */
export interface JudgedPart<T> extends ExchangeRow {
  /** Null where nothing would be. */
  readonly toStore: T | null;
}

interface Part {
  readonly of: ExchangedNoun;
  readonly row: number;
  readonly id: string;
  readonly words: string;
}

/** A judgement of a part: how it stands, why, and what would be stored of it. */
export function judged<T>(
  part: Part,
  standing: ExchangeStanding,
  reasons: readonly string[],
  toStore: T | null = null,
): JudgedPart<T> {
  return { ...part, standing, reasons: [...reasons], toStore };
}

/** What would be stored, in its order. */
export function toStore<T>(parts: readonly JudgedPart<T>[]): readonly T[] {
  return parts.flatMap((part) => (part.toStore === null ? [] : [part.toStore]));
}

/** Parts as they are shown. */
export function shownParts(parts: readonly JudgedPart<unknown>[]): ExchangeRow[] {
  return parts.map(({ toStore: _toStore, ...row }) => row);
}
