/** What a value read before light means. */
export interface ReadingVerdict {
  /** Whether the step it belongs to is met. */
  readonly isMet: boolean;
  /** What it means and what to do, in a sentence or two. */
  readonly words: string;
}
