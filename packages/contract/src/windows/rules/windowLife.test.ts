import { documentedPowers } from '@lone-heron/core';
import {
  borneLight,
  windowLives,
  windowStudy,
  wornHours,
  type LivesInput,
  type WindowLight,
} from '../../index.js';

const now = new Date('2026-11-25T12:00:00.000Z');
const window = (id: string, changes: Partial<LivesInput['windows'][number]> = {}) => ({
  ...{ id, machineId: 'bench', number: 1, fittedAt: '2026-11-15T12:00:00.000Z', removedAt: null },
  ...{ removedReason: null, supplier: '', lot: '', fittedPlace: null },
  ...changes,
});
const light = (changes: Partial<WindowLight> = {}): WindowLight => ({
  ...{ isCoupon: false, count: 1, windowId: 'w', personId: 'ines', seconds: 3600, powerW: 1000, batch: 'a' },
  ...{ metal: 'lowCarbonSteel', gunAngleDeg: 45, gas: 'argon', isSoftStart: true },
  ...changes,
});
const lifeOf = (input: Partial<LivesInput>) =>
  windowLives({
    ...{
      windows: [window('w')],
      light: [],
      counters: [],
      heard: [],
      powers: documentedPowers,
      usualS: null,
      now,
    },
    ...input,
  })[0];

describe('the life of a window', () => {
  it('is counted in days, coupons, hours of light and wear', () => {
    const life = lifeOf({ light: [light(), light({ gunAngleDeg: 90, isCoupon: true, batch: null })] });
    expect(life).toMatchObject({ days: 10, coupons: 1, lightHours: 2, failedBy: null });
    expect(life?.wornHours).toBeCloseTo(2.5, 9);
  });

  it('is worn by a stretch to come as by one that was welded', () => {
    const { metal, powerW } = light();
    const coming = wornHours({ metal, powerW, seconds: 3600, gunAngleDeg: 90 }, documentedPowers);
    expect(coming).toBeCloseTo(lifeOf({ light: [light({ gunAngleDeg: 90 })] })?.wornHours ?? 0, 12);
  });

  it('takes an untimed coupon like the middle of the timed ones, and one nobody angled as leaning', () => {
    const coupons = [10, 20, 30].map((seconds) => light({ isCoupon: true, seconds }));
    const untimed = light({ isCoupon: true, seconds: null, gunAngleDeg: null });
    const life = lifeOf({ light: [...coupons, untimed], usualS: 20 });
    expect((life?.lightHours ?? 0) * 3600).toBeCloseTo(80, 6);
    expect((lifeOf({ light: [untimed] })?.lightHours ?? 0) * 3600).toBeCloseTo(10, 6);
  });

  it('is the same from what is alike taken together', () => {
    const one = { isCoupon: true, gunAngleDeg: 70 };
    const [apart, together] = [
      [
        light({ ...one, seconds: 8 }),
        light({ ...one, seconds: 12 }),
        ...Array(3).fill(light({ ...one, seconds: null })),
      ],
      [light({ ...one, seconds: 20, count: 2 }), light({ ...one, seconds: null, count: 3 })],
    ].map((given) => lifeOf({ light: given, usualS: 11 }));
    expect(together).toMatchObject({ coupons: 5, levels: apart?.levels });
    expect(together?.lightHours).toBeCloseTo(apart?.lightHours ?? 0, 12);
    expect(together?.wornHours).toBeCloseTo(apart?.wornHours ?? 0, 12);
    expect(together?.lightHours).toBeCloseTo(53 / 3600, 12);
  });

  it('is raised to the machine’s counter where that saw more, in its own days alone', () => {
    const counters = [
      { machineId: 'bench', at: '2026-11-05T12:00:00.000Z', hours: 100 },
      { machineId: 'bench', at: '2026-11-25T12:00:00.000Z', hours: 120 },
      { machineId: 'barrow', at: '2026-11-25T12:00:00.000Z', hours: 900 },
    ];
    const life = lifeOf({ light: [light({ gunAngleDeg: 90 })], counters });
    expect(life?.lightHours).toBeCloseTo(10, 9);
    expect(life?.wornHours).toBeCloseTo(15, 9);
    expect(lifeOf({ light: [light({ seconds: 72_000 })], counters })?.lightHours).toBeCloseTo(20, 9);
    expect(lifeOf({ counters })?.wornHours).toBeCloseTo(10, 9);
    expect(lifeOf({ light: [light()], counters: counters.slice(0, 1) })?.lightHours).toBeCloseTo(1, 9);
  });

  it('is raised to the light that the machine was heard to have had, where that is more than all else', () => {
    const heard = [
      { machineId: 'bench', at: '2026-11-18T09:00:00.000Z', hours: 0 },
      { machineId: 'bench', at: '2026-11-18T10:00:00.000Z', hours: 0.5 },
      { machineId: 'bench', at: '2026-11-19T09:00:00.000Z', hours: 0.5 },
      { machineId: 'bench', at: '2026-11-19T10:00:00.000Z', hours: 2 },
    ];
    expect(lifeOf({ heard })?.lightHours).toBeCloseTo(2, 9);
    expect(lifeOf({ heard, light: [light({ seconds: 36_000 })] })?.lightHours).toBeCloseTo(10, 9);
    const counters = [
      { machineId: 'bench', at: '2026-11-05T12:00:00.000Z', hours: 100 },
      { machineId: 'bench', at: '2026-11-25T12:00:00.000Z', hours: 106 },
    ];
    expect(lifeOf({ heard, counters })?.lightHours).toBeCloseTo(3, 9);
  });

  it('weighs by the powers that the shop goes by', () => {
    const upright = [light({ gunAngleDeg: 90 })];
    expect(lifeOf({ light: upright, powers: { ...documentedPowers, angle: 2 } })?.wornHours).toBeCloseTo(
      2.25,
      9,
    );
    expect(lifeOf({ light: upright, powers: { ...documentedPowers, angle: 0 } })?.wornHours).toBeCloseTo(
      1,
      9,
    );
  });

  it('belongs to the level that had half of its light or more, and to none where nothing had', () => {
    const life = lifeOf({
      windows: [window('w', { supplier: 'quay optics', fittedPlace: 'outside' })],
      light: [
        light({ seconds: 700, metal: 'galvanised', gunAngleDeg: 80, personId: 'tobias' }),
        light({ seconds: 300, batch: '' }),
        light({ seconds: 600, batch: 'b', gunAngleDeg: null, isSoftStart: null, personId: 'maren' }),
      ],
    });
    expect(life?.levels).toEqual({
      ...{ machine: 'bench', supplier: 'quay optics', lot: null, place: 'outside', gas: 'argon' },
      ...{ metal: 'steel', batch: 'a', gunAngle: 'upright', softStart: 'on', person: null },
    });
  });

  it('ended by what was seen; sound and planned ones had lasted so long', () => {
    const out = (removedReason: LivesInput['windows'][number]['removedReason']) =>
      lifeOf({ windows: [window('w', { removedAt: '2026-11-20T12:00:00.000Z', removedReason })] });
    expect(out('paleSpecks')).toMatchObject({ failedBy: 'paleSpecks', days: 5 });
    expect(out('sound')?.failedBy).toBeNull();
    expect(out('planned')?.failedBy).toBeNull();
  });
});

describe('the study of lives', () => {
  const shop = { windowPrice: 12, now };
  it('says nothing of no windows, and counts those without use apart', () => {
    expect(windowStudy([], { measure: 'worn' }, shop)).toMatchObject({
      ...{ windows: 0, failures: 0, life: null, curves: [], shortens: [], fitted: [], costPerMonth: 0 },
    });
    const lives = windowLives({
      windows: [window('w'), window('x', { number: 2 })],
      light: [light()],
      counters: [],
      heard: [],
      powers: documentedPowers,
      usualS: null,
      now,
    });
    const study = windowStudy(lives, { measure: 'worn' }, shop);
    expect(study).toMatchObject({ windows: 2, unused: 1, failures: 0 });
    expect(study.life?.restsOn).toBe('noFailureYet');
  });

  it('has a curve for each level, and what the failures cost a month', () => {
    const windows = Array.from({ length: 12 }, (_, i) =>
      window(`w${i}`, {
        ...{ number: i + 1, machineId: i % 2 === 0 ? 'bench' : 'barrow' },
        ...{ fittedAt: '2026-05-27T00:00:00.000Z', removedAt: '2026-06-10T00:00:00.000Z' },
        removedReason: i < 10 ? 'haze' : 'sound',
      }),
    );
    const lives = windowLives({
      ...{ windows, counters: [], heard: [], powers: documentedPowers, usualS: null, now },
      light: windows.map(({ id }, i) => light({ windowId: id, seconds: 1000 + 100 * i })),
    });
    const study = windowStudy(lives, { measure: 'light', factor: 'machine' }, shop);
    expect(study.curves.map(({ level, windows: count }) => [level, count])).toEqual([
      ['bench', 6],
      ['barrow', 6],
    ]);
    expect(study.costPerMonth).toBeCloseTo(20, 0);
    expect(study.causes).toMatchObject([{ cause: 'haze', failures: 10 }]);
    expect(windowStudy(lives, { measure: 'light', machineId: 'barrow' }, shop).windows).toBe(6);
    expect(borneLight({ windows, light: [light({ windowId: 'w0' })], usualS: null })).toHaveLength(1);
  });
});
