import { usualPractice } from '../practice/index.js';
import { fraction, hertz, inMm, inMmPerSecond, mm } from '../quantity/index.js';
import { bench, sampleJob, type SaidJob } from '../testing/sampleJobs.js';
import type { Aim } from './index.js';
import { pacesOf, quickerWays, waysOf, type Way } from './ways.js';
import type { WobbleChoice } from './wobbleChoice.js';

const usual: WobbleChoice = {
  ...{ shape: 'circle', width: mm(2), frequency: hertz(60), leastWidth: mm(0) },
  reasons: { shape: '', width: '', rate: '' },
};
/** A knob so fine that it rounds nothing away. */
const fine = { ...bench, wobbleWidth: { ...bench.wobbleWidth, step: mm(1e-6) } };
const widthOf = ({ wobble }: Way) => (wobble.shape === 'none' ? 0 : inMm(wobble.width));
const paceOf = ({ travel }: Way) => inMmPerSecond(travel);
const ways = (said: SaidJob = {}, choice = usual) => waysOf(sampleJob({ machine: fine, ...said }), choice);
const aimOf = (kind: Aim['kind']): Aim => (kind === 'share' ? { kind, share: fraction(0.7) } : { kind });
const heldBack = { ...usualPractice, pace: 'heldBack' } as const;

describe('the ways a job is tried', () => {
  it.each<[Aim['kind'], number, readonly number[]]>([
    ['reach', 10, [2]],
    ['share', 10, [2]],
    ['fillGap', 10, [2]],
    ['leastHeat', 16, [1.6]],
    ['leastDressing', 16, [1.2]],
    ['wideForgiving', 10, [2, 2.2, 2.4, 2.6, 2.8, 3]],
  ])('for %s begin at %d mm/s with sweeps of %j mm', (kind, pace, widths) => {
    const { liked } = ways({ aim: aimOf(kind) });
    expect(liked.map(paceOf)).toEqual(widths.map(() => expect.closeTo(pace, 9) as number));
    expect(liked.map(widthOf)).toEqual(widths.map((width) => expect.closeTo(width, 5) as number));
    for (const { wobble } of liked) expect(wobble).toMatchObject({ shape: 'circle', frequency: 60 });
    expect(pacesOf(sampleJob({ aim: aimOf(kind) }))).toMatchObject({ slowest: 5, fastest: pace });
  });

  it('then slow and narrow together, then narrow alone, and at last go without a sweep', () => {
    const { further } = ways();
    expect(further).toHaveLength(24 + 8 + 1);
    further.slice(0, 24).forEach((way, i) => {
      expect(paceOf(way)).toBeCloseTo(10 * 0.5 ** ((i + 1) / 24), 9);
      expect(widthOf(way)).toBeCloseTo(2 * 0.4 ** ((i + 1) / 24), 5);
    });
    further.slice(24, 32).forEach((way, i) => {
      expect(paceOf(way)).toBeCloseTo(5, 9);
      expect(widthOf(way)).toBeCloseTo(0.8 * (0.15 / 0.4) ** ((i + 1) / 8), 5);
    });
    expect(further[32]).toEqual({ travel: 0.005, wobble: { shape: 'none' } });
  });

  it('keep a sweep where a gap or a fillet asks for one, the head cannot stand still, or a share is to be left', () => {
    const straight = ({ further }: ReturnType<typeof ways>) =>
      further.some(({ wobble }) => wobble.shape === 'none');
    expect(straight(ways())).toBe(true);
    const least = ways({}, { ...usual, leastWidth: mm(1.2) });
    expect(straight(least)).toBe(false);
    expect(Math.min(...[...least.liked, ...least.further].map(widthOf))).toBeCloseTo(1.2, 5);
    const moving = { ...fine, wobbleWidth: { ...fine.wobbleWidth, least: mm(0.2) } };
    expect(straight(ways({ machine: moving }))).toBe(false);
    const share = ways({ aim: aimOf('share') });
    expect(share.further).toHaveLength(24);
    expect(straight(share)).toBe(false);
  });

  it('are each there once on a coarse knob, on its steps', () => {
    const coarse = { ...bench, wobbleWidth: { ...bench.wobbleWidth, step: mm(0.5) } };
    const { liked, further } = ways({ machine: coarse, aim: aimOf('wideForgiving') });
    expect(liked.map(widthOf)).toEqual([2, 2.5, 3].map((width) => expect.closeTo(width, 9) as number));
    const last = further.filter((way) => paceOf(way) < 5 + 1e-9);
    expect(new Set(last.map(widthOf)).size).toBe(last.length);
  });

  it('go slower where the shop holds wire back, for the plain aims', () => {
    const paces = (said: SaidJob) => {
      const { liked, further } = ways(said);
      const all = [...liked, ...further].map(paceOf);
      return [Math.max(...all), Math.min(...all)].map((pace) => Number(pace.toFixed(9)));
    };
    expect(paces({ wire: mm(1), practice: heldBack })).toEqual([8, 4]);
    expect(paces({ wire: mm(1) })).toEqual([10, 5]);
    expect(paces({ practice: heldBack })).toEqual([10, 5]);
    expect(paces({ wire: mm(1), practice: heldBack, aim: aimOf('leastHeat') })).toEqual([16, 5]);
    expect(pacesOf(sampleJob({ wire: mm(1), practice: heldBack }))).toMatchObject({ slowest: 4, fastest: 8 });
  });

  it('past the first hurry up to the fastest hand, with its sweep', () => {
    for (const [kind, fastest, width] of [
      ['reach', 10, 2],
      ['leastHeat', 16, 1.6],
    ] as const) {
      const quicker = quickerWays(sampleJob({ machine: fine, aim: { kind } }), usual);
      expect(quicker).toHaveLength(12);
      quicker.forEach((way, i) => {
        expect(paceOf(way)).toBeCloseTo(fastest * (20 / fastest) ** ((i + 1) / 12), 9);
        expect(widthOf(way)).toBeCloseTo(width, 5);
      });
    }
  });
});
