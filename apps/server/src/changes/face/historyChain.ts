import { createHash } from 'node:crypto';

/** What of a line of the history is told for ever. */
export interface HistoryLine {
  /** ISO 8601. */
  readonly at: string;
  readonly personId: string | null;
  readonly noun: string;
  readonly subjectId: string;
  readonly what: string;
}

/**
 * The hash that a line bears: over itself and the hash of the line before, so that none can be changed, moved, put in or
 * taken out of the middle without all that follow telling.
 *
 * @param before hash of the line before; empty for the first
 * @returns SHA-256, hex
 */
export function linkOf(before: string, { at, personId, noun, subjectId, what }: HistoryLine): string {
  return createHash('sha256')
    .update(JSON.stringify([before, at, personId, noun, subjectId, what]))
    .digest('hex');
}

/**
 * Goes along a history, oldest line first.
 *
 * @returns the place of the first line that is not what was written, counted from 1; null where all are
 */
export function brokenLink(lines: Iterable<HistoryLine & { readonly hash: string }>): number | null {
  let before = '';
  let place = 0;
  for (const line of lines) {
    place += 1;
    if (linkOf(before, line) !== line.hash) return place;
    before = line.hash;
  }
  return null;
}
