import fc from 'fast-check';
import type { LinkValues } from '../link/index.js';
import { LightWatch, type LightSpell } from './LightWatch.js';
import { SampleClock } from './SampleClock.js';
import { stepFor, thinnedCurve, type CurvePoint } from './lightCurve.js';

const silence = 2000;
const lit = (values: LinkValues = {}): LinkValues => ({ lightOn: 1, ...values });
const dark = (values: LinkValues = {}): LinkValues => ({ lightOn: 0, ...values });

/** Every spell of what is heard, moments in ms. */
function spellsOf(heard: readonly (readonly [number, LinkValues])[], until: number): LightSpell[] {
  const watch = new LightWatch(silence);
  return [...heard.flatMap(([at, values]) => watch.hear(at, values)), ...watch.endSilent(until)];
}

/** Tenths of a second from one moment to another, the second left out. */
const tenths = (from: number, to: number) =>
  Array.from({ length: Math.round((to - from) / 100) }, (_, at) => from + at * 100);

describe('a spell of light', () => {
  it('runs from the first sample with light to the first without, and has the means of its time', () => {
    const heard = [
      ...tenths(1000, 3000).map((at) => [at, lit({ realPower: 500, gasFlow: 12, coolant: 22 })] as const),
      ...tenths(3000, 6000).map((at) => [at, lit({ realPower: 600, gasFlow: 15, coolant: 24 })] as const),
      [6000, dark({ realPower: 0, coolant: 25 })] as const,
    ];
    const [spell, ...more] = spellsOf(heard, 9000);
    expect(more).toEqual([]);
    expect(spell).toMatchObject({ startedAt: 1000, endedAt: 6000 });
    expect(spell?.figures.lit).toBeCloseTo(5, 9);
    expect(spell?.figures.power).toBeCloseTo(560, 9);
    expect(spell?.figures.gas).toBeCloseTo(13.8, 9);
    expect(spell?.figures).toMatchObject({ coolantMost: 24, holderMost: null, alarm: 0, isBroken: false });
    expect(spell?.curve).toHaveLength(50);
  });

  it('goes on over pauses shorter than a second, which are not counted, and ends at longer ones', () => {
    const stitches = [0, 1500, 3000].flatMap((from) => [
      [from, lit()] as const,
      [from + 600, dark()] as const,
    ]);
    const joined = spellsOf(stitches, 9000);
    expect(joined).toHaveLength(1);
    expect(joined[0]?.figures.lit).toBeCloseTo(1.8, 9);
    const apart = [0, 1700].flatMap((from) => [[from, lit()] as const, [from + 600, dark()] as const]);
    expect(spellsOf(apart, 9000).map(({ figures }) => figures.lit)).toEqual([0.6, 0.6]);
  });

  it('says that nobody knows its end where the machine falls silent with the light on', () => {
    const heard = tenths(0, 1000).map((at) => [at, lit()] as const);
    const [spell] = spellsOf(heard, 60_000);
    expect(spell?.figures.isBroken).toBe(true);
    expect(spell?.endedAt).toBe(900);
    const gone = spellsOf([...heard, [50_000, lit()], [50_500, dark()]], 60_000);
    expect(gone.map(({ figures }) => [figures.isBroken, Number(figures.lit.toFixed(3))])).toEqual([
      [true, 0.9],
      [false, 0.5],
    ]);
  });

  it('keeps the alarm that ended it', () => {
    const [spell] = spellsOf(
      [
        [0, lit()],
        [400, dark({ alarm: 31 })],
      ],
      9000,
    );
    expect(spell?.figures.alarm).toBe(31);
  });

  it('leaves out a flash of no length, and time that goes back', () => {
    expect(spellsOf([[0, lit()]], 9000)).toEqual([]);
    const back = spellsOf(
      [
        [5000, lit()],
        [5500, lit()],
        [1000, lit()],
        [1400, dark()],
      ],
      9000,
    );
    expect(back.map(({ startedAt, figures }) => [startedAt, figures.lit, figures.isBroken])).toEqual([
      [5000, 0.5, true],
      [1000, 0.4, false],
    ]);
  });

  it('is cut where it would have no end', () => {
    const hour = Array.from({ length: 3600 }, (_, at) => [at * 1000, lit()] as const);
    const spells = spellsOf([...hour, [3_600_000, dark()]], 3_700_000);
    expect(spells.length).toBe(2);
    expect(spells.reduce((sum, { figures }) => sum + figures.lit, 0)).toBeCloseTo(3600, 6);
  });

  it('never counts more light than its time, nor loses any of an unbroken row', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 1, max: 2500 }), fc.boolean()), { minLength: 2, maxLength: 60 }),
        (steps) => {
          let at = 0;
          const heard = steps.map(([gap, on]) => [(at += gap), on ? lit() : dark()] as const);
          let wanted = 0;
          heard.slice(1).forEach(([now], i) => {
            const [before, values] = heard[i] as (typeof heard)[number];
            if (values.lightOn === 1 && now - before <= silence) wanted += (now - before) / 1000;
          });
          const spells = spellsOf(heard, at + 60_000);
          const sum = spells.reduce((total, { figures }) => total + figures.lit, 0);
          expect(sum).toBeCloseTo(wanted, 6);
          spells.forEach(({ startedAt, endedAt, figures }, i) => {
            expect(figures.lit).toBeLessThanOrEqual((endedAt - startedAt) / 1000 + 1e-9);
            const before = spells[i - 1];
            if (before !== undefined) expect(startedAt).toBeGreaterThanOrEqual(before.endedAt);
          });
        },
      ),
      { seed: 21, numRuns: 500 },
    );
  });
});

describe('a machine’s clock on ours', () => {
  const noon = 1_700_000_000_000;

  it('is wrong in its hour and right in its steps', () => {
    const clock = new SampleClock();
    expect(clock.place(5000, noon)).toBe(noon);
    expect(clock.place(5100, noon + 100)).toBe(noon + 100);
    // Held up on its way for two seconds.
    expect(clock.place(5200, noon + 2200)).toBe(noon + 200);
    expect(clock.place(5300, noon + 2200)).toBe(noon + 300);
    expect(clock.faults).toEqual({ jumps: 0, late: 0 });
  });

  it('that is right keeps the distances of what lay in a queue before it was first heard', () => {
    const clock = new SampleClock();
    for (let tenth = 0; tenth < 50; tenth += 1)
      expect(clock.place(noon - 8000 + 100 * tenth, noon)).toBe(noon - 8000 + 100 * tenth);
    expect(clock.place(noon + 100, noon + 100)).toBe(noon + 100);
    expect(clock.faults).toEqual({ jumps: 0, late: 0 });
  });

  it('that is a little behind from the first is put right, and has not jumped', () => {
    const clock = new SampleClock();
    let placed: number | null = null;
    for (let passed = 0; passed <= 40_000; passed += 100)
      placed = clock.place(noon - 20_000 + passed, noon + passed);
    expect(placed).toBe(noon + 40_000);
    expect(clock.faults.jumps).toBe(0);
  });

  it('that jumps ahead or back is put right once, and counted', () => {
    const clock = new SampleClock();
    clock.place(0, noon);
    expect(clock.place(3_600_000, noon + 100)).toBe(noon + 100);
    expect(clock.place(3_600_100, noon + 200)).toBe(noon + 200);
    expect(clock.place(100, noon + 300)).toBe(noon + 300);
    expect(clock.place(200, noon + 400)).toBe(noon + 400);
    expect(clock.faults).toEqual({ jumps: 2, late: 0 });
  });

  it('that was set back while it was silent is found out', () => {
    const clock = new SampleClock();
    clock.place(0, noon);
    // Two minutes passed, and its clock says one.
    let placed: number | null = null;
    for (let passed = 0; passed <= 40_000; passed += 100)
      placed = clock.place(60_000 + passed, noon + 120_000 + passed);
    expect(placed).toBe(noon + 160_000);
    expect(clock.faults.jumps).toBe(1);
  });

  it('that it does not have is ours, which may be set back itself', () => {
    const clock = new SampleClock();
    expect(clock.place(null, noon)).toBe(noon);
    expect(clock.place(null, noon + 50)).toBe(noon + 50);
    expect(clock.place(null, noon - 4000)).toBe(noon - 4000);
    expect(clock.faults.jumps).toBe(0);
    expect(clock.place(null, noon - 3_600_000)).toBe(noon - 3_600_000);
    expect(clock.faults).toEqual({ jumps: 1, late: 0 });
  });

  it('is not taken for wrong by two queues with messages on time between them', () => {
    const clock = new SampleClock();
    clock.place(noon, noon);
    for (const [own, lag] of [
      [1000, 10_000],
      [15_000, 10_000],
      [30_000, 100],
      [50_000, 10_000],
    ] as const)
      expect(clock.place(noon + own, noon + own + lag)).toBe(noon + own);
    expect(clock.faults).toEqual({ jumps: 0, late: 0 });
  });

  it('leaves out what was said twice, or overtaken', () => {
    const clock = new SampleClock();
    clock.place(1000, noon);
    expect(clock.place(1000, noon + 5)).toBeNull();
    expect(clock.place(900, noon + 10)).toBeNull();
    expect(clock.faults.late).toBe(2);
  });

  it('never says a moment after it came, nor one before the last', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: -20_000, max: 20_000 }), fc.integer({ min: 0, max: 9000 })), {
          maxLength: 80,
        }),
        (steps) => {
          const clock = new SampleClock();
          let own = 0;
          let arrived = noon;
          let last = -Infinity;
          for (const [ownStep, step] of steps) {
            own += ownStep;
            arrived += step;
            const at = clock.place(own, arrived);
            if (at === null) continue;
            expect(at).toBeLessThanOrEqual(arrived);
            expect(at).toBeGreaterThanOrEqual(last);
            last = at;
          }
        },
      ),
      { seed: 21, numRuns: 500 },
    );
  });
});

describe('a curve taken together', () => {
  const point = (at: number, power: number): CurvePoint => ({
    ...{ at, count: 1, powerLeast: power, powerMost: power },
    means: { realPower: power, gasFlow: null, coolant: 20, windowHolder: null },
  });
  const curves = fc
    .array(fc.double({ min: 0, max: 1500, noNaN: true }), { minLength: 1, maxLength: 300 })
    .map((powers) => powers.map((power, at) => point(at / 10, power)));

  it('keeps the mean, the least and the most, and counts every sample once', () => {
    fc.assert(
      fc.property(curves, fc.constantFrom(0.2, 0.5, 1, 5), (curve, step) => {
        const thin = thinnedCurve(curve, step);
        const count = thin.reduce((sum, each) => sum + each.count, 0);
        expect(count).toBe(curve.length);
        const mean = (of: typeof thin) =>
          of.reduce((sum, each) => sum + (each.means.realPower ?? 0) * each.count, 0) / count;
        expect(mean(thin)).toBeCloseTo(mean(curve), 6);
        const most = (of: typeof thin) => Math.max(...of.map(({ powerMost }) => powerMost ?? 0));
        expect(most(thin)).toBe(most(curve));
        expect(thin.every(({ means }) => means.gasFlow === null && means.coolant === 20)).toBe(true);
      }),
      { seed: 21 },
    );
  });

  it('comes out the same in two goes as in one', () => {
    fc.assert(
      fc.property(curves, (curve) => {
        const once = thinnedCurve(curve, 1);
        const twice = thinnedCurve(thinnedCurve(curve, 0.5), 1);
        expect(twice.map(({ at, count, powerMost }) => [at, count, powerMost])).toEqual(
          once.map(({ at, count, powerMost }) => [at, count, powerMost]),
        );
      }),
      { seed: 21 },
    );
  });

  it('has a step that leaves no more points than are wanted', () => {
    for (const seconds of [0.1, 3, 30, 299, 1800, 100_000]) {
      const step = stepFor(seconds, 300);
      expect(Math.floor(seconds / step) + 1).toBeLessThanOrEqual(300);
    }
  });
});
