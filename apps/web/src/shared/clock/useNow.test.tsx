import { act, renderHook } from '@testing-library/react';
import { heardShopClock } from './shopClock.js';
import { useNow } from './useNow.js';

const hour = 3_600_000;
const evening = new Date(2026, 10, 30, 23, 59, 20);

beforeEach(() => jest.useFakeTimers({ now: evening }));
afterEach(() => jest.useRealTimers());

describe('now, as a page says it', () => {
  it('is another day after midnight on a page that nobody touched', () => {
    const { result } = renderHook(() => useNow());
    expect(result.current.getDate()).toBe(30);
    act(() => jest.advanceTimersByTime(60_000));
    expect(result.current.getDate()).toBe(1);
  });

  it('is one and the same date all minute long, so that nothing is worked out anew for nothing', () => {
    let shown = 0;
    const { result, rerender } = renderHook(() => {
      shown += 1;
      return useNow();
    });
    const first = result.current;
    act(() => jest.advanceTimersByTime(30_000));
    expect(shown).toBe(1);
    rerender();
    expect(result.current).toBe(first);
  });

  it('never lies before what was stored just now', () => {
    const { result } = renderHook(() => useNow());
    act(() => jest.advanceTimersByTime(39_000));
    expect(result.current.getTime()).toBeGreaterThanOrEqual(Date.now());
  });

  it('goes by the clock of the shop', () => {
    const asked = evening.getTime();
    heardShopClock(new Date(asked + hour).toUTCString(), asked, asked);
    const { result } = renderHook(() => useNow());
    expect(result.current.getHours()).toBe(0);
    heardShopClock(new Date(asked).toUTCString(), asked, asked);
  });

  it('has one timer however many show it, and none once the page is left', () => {
    const shown = [1, 2, 3].map(() => renderHook(() => useNow()));
    expect(jest.getTimerCount()).toBe(1);
    shown[0]?.unmount();
    act(() => jest.advanceTimersByTime(60_000));
    expect(shown.map(({ result }) => result.current.getDate())).toEqual([30, 1, 1]);
    shown.forEach(({ unmount }) => unmount());
    expect(jest.getTimerCount()).toBe(0);
  });
});
