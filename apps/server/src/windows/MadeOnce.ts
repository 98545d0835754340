/** Something that is made of what is stored: once for all who ask, until something is written or it is too old. */
export class MadeOnce<Made> {
  private kept: { readonly writes: number; readonly at: number; readonly made: Promise<Made> } | null = null;

  /** @param lastsMs how long it is believed where nothing is written */
  constructor(private readonly lastsMs: number) {}

  /** @param now how many writes were begun and ended, and the time, ms since 1970 */
  take({ writes, at }: { writes: number; at: number }, make: () => Promise<Made>): Promise<Made> {
    if (this.kept?.writes === writes && at - this.kept.at < this.lastsMs) return this.kept.made;
    const made = make();
    this.kept = { writes, at, made };
    made.catch(() => {
      // Whoever asked is told why; the next one tries again.
      if (this.kept?.made === made) this.kept = null;
    });
    return made;
  }
}
