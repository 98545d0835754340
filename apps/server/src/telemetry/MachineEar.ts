import { LightWatch, SampleClock, type LightSpell, type LinkKey, type LinkValues } from '@lone-heron/core';

/** What a machine said of one thing, and when, ms. */
interface Heard {
  readonly value: number;
  readonly at: number;
}

/** What is put up with, since the server started. */
interface EarFaults {
  readonly jumps: number;
  readonly late: number;
  readonly unread: number;
  readonly lastUnread: string;
}

/** ms. A temperature or a flow that was said longer ago is none of this weld. */
const longestKnown = 60_000;

/** Listens to one machine: what it last said of each thing, and its spells of light. It holds a bounded amount, whatever is said. */
export class MachineEar {
  private readonly clock = new SampleClock();
  private readonly watch: LightWatch;
  private readonly latest = new Map<LinkKey, Heard>();
  private alarmSince: number | null = null;
  /** When it last spoke of its light, by our clock, whenever that was said. */
  private lightArrived = -Infinity;
  private unread = 0;
  private lastUnread = '';

  /** @param silence ms */
  constructor(private readonly silence: number) {
    this.watch = new LightWatch(silence);
  }

  get heardAt(): number | null {
    const moments = [...this.latest.values()].map(({ at }) => at);
    return moments.length === 0 ? null : Math.max(...moments);
  }

  get values(): readonly (readonly [LinkKey, Heard])[] {
    return [...this.latest];
  }

  /** @see LightWatch.underWay */
  get lit() {
    return this.watch.underWay;
  }

  get alarm(): { readonly code: number; readonly since: number } | null {
    const code = this.latest.get('alarm')?.value ?? 0;
    return code === 0 || this.alarmSince === null ? null : { code, since: this.alarmSince };
  }

  get faults(): EarFaults {
    return { ...this.clock.faults, unread: this.unread, lastUnread: this.lastUnread };
  }

  /**
   * Takes what was said.
   *
   * @param own ms by its own clock; null where it says none
   * @param arrived ms
   * @returns spells that ended by it; null where it came too late to be placed
   */
  hear(values: LinkValues, own: number | null, arrived: number): readonly LightSpell[] | null {
    const at = this.clock.place(own, arrived);
    if (at === null) return null;
    for (const [key, value] of Object.entries(values) as [LinkKey, number][]) {
      if (key === 'alarm' && value !== (this.latest.get('alarm')?.value ?? 0)) this.alarmSince = at;
      this.latest.set(key, { value, at });
    }
    // What comes on other topics must not hold up a light that is not spoken of any more.
    if (values.lightOn === undefined) return [];
    this.lightArrived = arrived;
    return this.watch.hear(at, this.knownAt(at));
  }

  /** Counts a message, or a part of one, that could not be read. */
  couldNotRead(why: string): void {
    this.unread += 1;
    this.lastUnread = why;
  }

  /** Ends what has been silent for too long; messages that come late, and keep coming, are no silence. */
  endSilent(now: number): readonly LightSpell[] {
    return now - this.lightArrived > this.silence ? this.watch.endSilent(now) : [];
  }

  private knownAt(moment: number): LinkValues {
    const fresh = [...this.latest].filter(([, { at }]) => moment - at <= longestKnown);
    return Object.fromEntries(fresh.map(([key, { value }]) => [key, value]));
  }
}
