import { newestVersion } from './cardState.js';
import { cardDrift } from './cardDrift.js';
import type { Coupon } from '../../coupons/coupon.js';
import type { Bottle } from '../../supply/bottle.js';
import { buttOf, cardOf, machineOf } from '../../testing/sampleCards.js';

const { profile } = machineOf('bench');
const { content } = newestVersion(cardOf(1, 'worktop', buttOf('stainless304', 1.5)));
const { machineId, joint, setting } = content;

/** Coupons of the card on days of November, through a window, with what the back showed. */
const welded = (
  backs: readonly Coupon['back'][],
  fromDay: number,
  window: number,
  changes: Partial<Coupon> = {},
) =>
  backs.map(
    (back, i) =>
      ({
        ...{ id: `${window} ${fromDay + i}`, machineId, joint, setting, back, section: null },
        ...{ lightOnS: 12, runLengthMm: 108, windowId: `window ${window}`, windowNumber: window },
        ...{ weldedAt: `2026-11-${String(fromDay + i).padStart(2, '0')}T10:00:00.000Z`, withdrawnAt: null },
        ...changes,
      }) as Coupon,
  );
const drift = (coupons: readonly Coupon[], bottles: readonly Bottle[] = []) =>
  cardDrift(content, coupons, profile, bottles);

describe('a card whose coupons drift', () => {
  const before = welded(['even', 'even', 'even', 'even'], 1, 1);

  it('says so, and since which window', () => {
    const found = drift([...welded(['none', 'none', 'none'], 10, 2), ...before]);
    expect(found?.drift.change).toBeLessThan(0);
    expect(found).toMatchObject({ newWindow: 2, isNewBottle: false, elsewhere: null });
    expect([found?.older.length, found?.newer.length]).toEqual([4, 3]);
  });

  it('through one window holds the newest three against the rest', () => {
    const found = drift([...before, ...welded(['none', 'none', 'none'], 10, 1)]);
    expect(found?.newWindow).toBeNull();
    expect(found?.newer.length).toBe(3);
  });

  it('names the bottle that was sent back between, and how the machine’s other welds changed', () => {
    const thicker = { joint: buttOf('stainless304', 1.2) };
    const coupons = [
      ...before,
      ...welded(['heavy', 'heavy', 'heavy'], 1, 1, thicker),
      ...welded(['none', 'none', 'none'], 10, 2),
      ...welded(['none', 'none', 'none'], 11, 2, thicker),
    ];
    const bottle = { gas: 'argon', goneAt: '2026-11-07T10:00:00.000Z' } as Bottle;
    const found = drift(coupons, [bottle]);
    expect(found?.isNewBottle).toBe(true);
    expect(found?.elsewhere?.change).toBeLessThan(0);
    expect(drift(coupons, [{ ...bottle, gas: 'nitrogen' }])?.isNewBottle).toBe(false);
  });

  it('says nothing where they agree, of too few, of slips, or of coupons welded otherwise', () => {
    expect(drift([...before, ...welded(['even', 'even'], 10, 2)])).toBeNull();
    expect(drift([...before, ...welded(['none'], 10, 2)])).toBeNull();
    expect(drift([...before, ...welded(['none', 'none', 'none'], 10, 2, { slip: 'lifted' })])).toBeNull();
    const stronger = { setting: { ...setting, powerW: 1200 } };
    expect(drift([...before, ...welded(['none', 'none', 'none'], 10, 2, stronger)])).toBeNull();
  });
});
