/** Where the sentence of each mode was left in this tab, so that going to and fro loses nothing that was typed. */
const left = new Map<string, string>();

export const modePlaces = {
  leave(mode: string, search: string): void {
    left.set(mode, search);
  },
  /** The search part of its address; empty where it was not opened yet. */
  of(mode: string): string {
    return left.get(mode) ?? '';
  },
};
