import { useSyncExternalStore } from 'react';

/** Names seconds only, and a slow network takes its time: within this the clocks agree, ms. */
const agreeWithin = 3000;
/** From here on people are told, ms. */
export const toldFrom = 2 * 60_000;

const memory = 'lone-heron-clock';

/**
 * The shop has one clock, its server's. Each answer says what it shows; whatever is written down of "now" goes by it, so that a
 * tablet that is slow does not weld through yesterday's glass.
 */
export class ShopClock {
  private readonly listeners = new Set<() => void>();
  private ahead: number;

  constructor(private readonly storage: Pick<Storage, 'getItem' | 'setItem'> | null) {
    const kept = Number(storage?.getItem(memory) ?? 0);
    this.ahead = Number.isFinite(kept) ? kept : 0;
  }

  /** How far the shop's clock is ahead of this device's, ms; 0 where they agree. */
  get aheadMs(): number {
    return this.ahead;
  }

  /**
   * Takes what an answer says.
   *
   * @param date its Date header, to the second
   * @param askedAt and answeredAt: this device's clock, ms since 1970
   */
  heard(date: string | null, askedAt: number, answeredAt: number): void {
    const shown = Date.parse(date ?? '');
    // A device that slept between the two says nothing of either clock.
    if (Number.isNaN(shown) || answeredAt < askedAt || answeredAt - askedAt > agreeWithin) return;
    const ahead = shown + 500 - (askedAt + answeredAt) / 2;
    if (Math.abs(ahead - this.ahead) <= agreeWithin) return;
    this.ahead = Math.abs(ahead) <= agreeWithin ? 0 : Math.round(ahead);
    this.storage?.setItem(memory, String(this.ahead));
    for (const tell of this.listeners) tell();
  }

  now(): Date {
    return new Date(Date.now() + this.ahead);
  }

  readonly subscribe = (tell: () => void): (() => void) => {
    this.listeners.add(tell);
    return () => this.listeners.delete(tell);
  };
}

const clock = new ShopClock(typeof localStorage === 'undefined' ? null : localStorage);

/** Now by the shop's clock. */
export const shopNow = (): Date => clock.now();

export const heardShopClock = clock.heard.bind(clock);

/** How far the shop's clock is ahead of this device's, ms. */
export function useShopClockAhead(): number {
  return useSyncExternalStore(clock.subscribe, () => clock.aheadMs);
}
