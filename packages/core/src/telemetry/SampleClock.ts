/** When a message is taken to have been said, and what had to be done for it. */
type Placed = { readonly at: number; readonly isNewAnchor: boolean } | { readonly late: true };

/** ms. A clock may be ahead of us by so much before it is said to have jumped. */
const ahead = 1000;
/** ms. One that goes back by more than this has jumped; by less, the message came out of order. */
const outOfOrder = 5000;
/** ms. A message may lie so long on its way without being thought late. */
const usualLag = 5000;
/** ms. A clock that is behind ours by less than this when it is first heard may be right, and its first message old. */
const believed = 60_000;
/** ms. A queue that was held up is emptied sooner than this; who lags for longer has set its clock back while it was silent. */
const longestQueue = 30_000;

/**
 * Puts a machine’s own moments on the shop’s clock. A machine’s clock is right in its steps and wrong in its hour: the steps are
 * believed, so that messages which lay in a queue keep their distances, and the hour is taken from when the first one came, unless its own is
 * so near that the message may just have been on its way. Where its clock jumps, the next message is taken as said when it came.
 */
export class SampleClock {
  private anchor: number | null = null;
  private lastOwn = -Infinity;
  private last = -Infinity;
  private laggingSince: number | null = null;
  /** Whether a message has come as soon as it was said: what lags until then is a hour that was never right. */
  private isSettled = false;
  private jumps = 0;
  private late = 0;

  /** How often a clock jumped, and how many messages came too late to be placed. */
  get faults(): { readonly jumps: number; readonly late: number } {
    return { jumps: this.jumps, late: this.late };
  }

  /**
   * @param own ms, by the machine’s clock; null where it says none
   * @param arrived ms, by ours
   * @returns ms by our clock, never after it arrived; null for a message that is left out: said twice, or overtaken
   */
  place(own: number | null, arrived: number): number | null {
    const placed = own === null ? this.byArrival(arrived) : this.byOwn(own, arrived);
    if ('late' in placed) {
      this.late += 1;
      return null;
    }
    if (placed.isNewAnchor) this.jumps += 1;
    this.last = placed.at;
    return placed.at;
  }

  private byArrival(arrived: number): Placed {
    // Only our own clock set back can bring this about.
    return { at: arrived, isNewAnchor: arrived < this.last - outOfOrder };
  }

  private byOwn(own: number, arrived: number): Placed {
    const isFirst = this.anchor === null;
    if (isFirst && arrived >= own && arrived - own < believed) this.anchor = 0;
    if (!isFirst && own <= this.lastOwn && own > this.lastOwn - outOfOrder) return { late: true };
    const expected = own + (this.anchor ?? 0);
    const hasJumped =
      this.anchor === null ||
      own <= this.lastOwn ||
      expected > arrived + ahead ||
      this.lagsForGood(expected, arrived);
    this.lastOwn = own;
    if (!hasJumped) return { at: Math.min(expected, arrived), isNewAnchor: false };
    const wasSettled = this.isSettled;
    this.anchor = arrived - own;
    this.laggingSince = null;
    this.isSettled = true;
    return { at: arrived, isNewAnchor: wasSettled };
  }

  private lagsForGood(expected: number, arrived: number): boolean {
    if (arrived - expected <= usualLag) {
      this.laggingSince = null;
      this.isSettled = true;
    } else this.laggingSince ??= arrived;
    return this.laggingSince !== null && arrived - this.laggingSince > longestQueue;
  }
}
