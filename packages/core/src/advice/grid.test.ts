import { mm, watt } from '../quantity/index.js';
import {
  forecastWeld,
  knobRange,
  knobValue,
  suggestSetting,
  turnKnob,
  type Knob,
} from '../settings/index.js';
import { machines, sampleJob } from '../testing/sampleJobs.js';
import type { DialInAdvice } from './dialInAdvice.js';
import { dialInAdvice, nextCoupons, type SeenWeld } from './index.js';

const seen = (said: Partial<SeenWeld>): SeenWeld => ({ back: null, face: [], welding: [], ...said });
/** Knobs that take the melt deeper when turned up. */
const deepening: readonly Knob[] = ['power', 'duty'];

const jobs = machines.flatMap((machine) =>
  (['stainless304', 'aluminium5052', 'lowCarbonSteel'] as const).flatMap((metal) =>
    [1, 2, 4].flatMap((thickness) =>
      [null, mm(1)].map((wire) => sampleJob({ machine, metal, thickness, wire, gap: 0 })),
    ),
  ),
);

function turnOf(advice: DialInAdvice) {
  if (advice.kind !== 'turn') throw new Error(advice.kind);
  return advice.turn;
}

describe.each(['none', 'faint', 'heavy', 'hole'] as const)(
  'over the grid, after a back that shows %s',
  (back) => {
    const isCold = back === 'none' || back === 'faint';
    // Worked out by each test anew: what is worked out while the tests are only told counts as noticed by none of them.
    const turned = () =>
      jobs.map((job) => {
        const { setting } = suggestSetting(job);
        return { job, setting, advice: dialInAdvice(job, setting, seen({ back })) };
      });
    const turns = () => turned().filter(({ advice }) => advice.kind === 'turn');

    it('a knob is turned nearly everywhere', () => {
      expect(turns().length).toBeGreaterThan(jobs.length * 0.8);
      for (const { advice } of turned()) expect(['turn', 'stuck']).toContain(advice.kind);
    });

    it('it is turned the way that helps, by a quarter at most, and nothing else is', () => {
      for (const { job, setting, advice } of turns()) {
        const { knob, from, to, setting: after } = turnOf(advice);
        expect(to > from).toBe(isCold === deepening.includes(knob));
        const step = knobRange(job.machine, knob)?.step ?? 0;
        expect(Math.abs(to - from)).toBeLessThanOrEqual(from * 0.25 + step * 0.51);
        expect(after).toEqual(turnKnob(setting, knob, to));
        expect(knobValue(setting, knob)).toBe(from);
      }
    });

    it('what is promised is what the forecast says of the new setting, moved by what was seen', () => {
      for (const { job, setting, advice } of turns()) {
        const {
          reachBefore,
          reachAfter,
          setting: after,
          isEnough,
          chanceBefore,
          chanceAfter,
        } = turnOf(advice);
        const ratio = forecastWeld(job, after).prediction.reach / forecastWeld(job, setting).prediction.reach;
        expect(reachAfter / reachBefore).toBeCloseTo(ratio, 9);
        expect(reachAfter > reachBefore).toBe(isCold);
        const { fullFrom, hotFrom } = forecastWeld(job, after).aimed;
        expect(isEnough).toBe(reachAfter >= fullFrom && reachAfter <= hotFrom);
        if (isEnough) expect(chanceAfter).toBeGreaterThan(0.4);
        if (isEnough && (reachBefore < fullFrom || reachBefore > hotFrom))
          expect(chanceAfter).toBeGreaterThan(chanceBefore);
      }
    });

    it('the words name what was seen, and say where one knob is not enough', () => {
      for (const { advice } of turned()) {
        if (advice.kind === 'stuck')
          expect(advice.why).toBe(
            `Too ${isCold ? 'cold' : 'hot'}, and every knob that helps is at its end on this machine.`,
          );
        else if (advice.kind === 'turn')
          expect(advice.why.endsWith('one knob alone will not be enough.')).toBe(!advice.turn.isEnough);
      }
    });
  },
);

describe('the next coupon over the grid', () => {
  const few = jobs.filter((_, i) => i % 6 === 1);

  it('is one turn or the same again, never one that costs more than the same again', () => {
    for (const job of few) {
      const { setting } = suggestSetting(job);
      const same = forecastWeld(job, setting);
      const { mostLikelyToLand, teachesMost } = nextCoupons(job, setting);
      for (const { turned, setting: after, forecast } of [mostLikelyToLand, teachesMost]) {
        expect(after).toEqual(turned === null ? setting : turnKnob(setting, turned.knob, turned.to));
        expect(forecast.expectedReach).toBeCloseTo(forecastWeld(job, after).expectedReach, 9);
        if (turned !== null) {
          expect(turned.from).toBe(knobValue(setting, turned.knob));
          expect(Math.abs(turned.to / turned.from - 1)).toBeLessThanOrEqual(0.2 + 0.1);
        }
      }
      expect(mostLikelyToLand.forecast.loss).toBeLessThanOrEqual(same.loss);
      expect(teachesMost.teaches).toBeGreaterThanOrEqual(mostLikelyToLand.teaches);
    }
  });

  it('after a hole is less deep than what made it, whatever it would teach', () => {
    for (const job of few) {
      const hot = turnKnob(suggestSetting(job).setting, 'power', watt(job.machine.power.most));
      const holed = forecastWeld(job, hot).expectedReach;
      const { mostLikelyToLand, teachesMost } = nextCoupons(job, hot, true);
      for (const { turned, forecast } of [mostLikelyToLand, teachesMost]) {
        expect(turned).not.toBeNull();
        expect(forecast.expectedReach).toBeLessThan(0.97 * holed);
      }
    }
  });
});
