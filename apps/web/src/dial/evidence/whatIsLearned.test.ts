import { couponEvidence, houseStarts, type Coupon } from '@lone-heron/contract';
import { usualPractice } from '@lone-heron/core';
import { sampleCoupon } from '../../testing/sampleCoupon.js';
import { sampleMachine } from '../../testing/sampleMachine.js';
import { readAddress } from '../dialAddress.js';
import { dialOutcome, noHand, suggestFor } from '../dialOutcome.js';
import { readSentence, type Said } from '../../shared/saidJoint/readSentence.js';
import { learnFrom, type Learn } from '../../shared/evidence/learnFrom.js';

const { words } = readAddress(new URLSearchParams('wire=none')).address;
const said = readSentence(words, [sampleMachine]).said as Said;

function outcome(learn: Learn | null) {
  const answer = dialOutcome(suggestFor(said, houseStarts, { learn, math: null }), noHand);
  if ('refusal' in answer) throw new Error(answer.refusal);
  return answer.outcome;
}

const coupon = (back: Coupon['back'], change: Partial<Coupon> = {}): Coupon =>
  sampleCoupon({ joint: said.joint, setting: outcome(null).recorded, back, ...change });
const many = (back: Coupon['back'], count: number) =>
  Array.from({ length: count }, (_, i) =>
    coupon(back, { id: `0198f0a0-0000-7000-8000-0000000000${10 + i}` }),
  );

describe('what the coupons say', () => {
  it('is nothing without coupons, and of machines that are gone', () => {
    expect(outcome(learnFrom([], [sampleMachine], usualPractice)).job.evidence).toBeUndefined();
    expect(outcome(learnFrom(many('none', 3), [], usualPractice)).job.evidence).toBeUndefined();
  });

  it('asks for more power where coupons stayed cold, and is surer than the model alone', () => {
    const alone = outcome(null);
    const cold = outcome(learnFrom(many('none', 6), [sampleMachine], usualPractice));
    expect(cold.setting.power).toBeGreaterThan(alone.setting.power);
    expect(cold.forecast.spread).toBeLessThan(alone.forecast.spread);
  });

  it('never promises more than one weld scatters from the next', () => {
    const sure = outcome(learnFrom(many('even', 60), [sampleMachine], usualPractice));
    expect(sure.forecast.spread).toBeGreaterThan(0.1);
    expect(sure.forecast.soundChance).toBeLessThan(0.99);
  });

  it('borrows from another workshop of the firm, unless by its practice only its own count', () => {
    const here = { ...sampleMachine, workshopId: 'quay' };
    const there = { ...sampleMachine, id: 'barrow', workshopId: 'slipway' };
    const theirs = many('even', 24).map((each) => ({ ...each, machineId: there.id }));
    const alone = outcome(null);
    const firm = outcome(learnFrom(theirs, [here, there], usualPractice));
    expect(firm.learned?.borrowed).toMatchObject({ workshops: 1, own: 0 });
    expect(firm.forecast.spread).toBeLessThan(alone.forecast.spread);
    const ownOnly = outcome(learnFrom(theirs, [here, there], { otherWorkshops: 'ownOnly' }));
    expect(ownOnly.learned).toBeNull();
    expect(ownOnly.setting).toEqual(alone.setting);
  });

  it('takes the real travel where it was timed', () => {
    const [timed] = couponEvidence(coupon('even', { lightOnS: 10, runLengthMm: 60 }), sampleMachine.profile);
    expect(timed?.isTravelMeasured).toBe(true);
    expect(timed?.weld.melt.travel).toBeCloseTo(0.006, 9);
    const [untimed] = couponEvidence(coupon('even'), sampleMachine.profile);
    expect(untimed?.isTravelMeasured).toBe(false);
    expect(untimed?.weld.melt.travel).not.toBeCloseTo(0.006, 9);
  });

  it('reads each stretch by itself, and a slip says nothing', () => {
    const along = [
      { toMm: 40, back: 'none', slip: 'restarted' },
      { toMm: 120, back: 'even', slip: null },
    ] as const;
    const readings = couponEvidence(coupon('even', { along: [...along] }), sampleMachine.profile);
    expect(readings.map(({ finding, isSlip }) => [finding, isSlip])).toEqual([
      [{ by: 'look', back: 'none' }, true],
      [{ by: 'look', back: 'even' }, false],
    ]);
    expect(new Set(readings.map(({ id }) => id)).size).toBe(2);
    const slipped = couponEvidence(coupon('hole', { slip: 'paused' }), sampleMachine.profile);
    expect(slipped.map(({ isSlip }) => isSlip)).toEqual([true]);
  });

  it('believes a section more than the look at the back', () => {
    const [stopped] = couponEvidence(
      coupon('none', { section: { isThrough: false, depthMm: 1.1 } }),
      sampleMachine.profile,
    );
    expect(stopped?.finding).toEqual({ by: 'section', depth: 0.0011 });
    const [through] = couponEvidence(coupon('even', { section: { isThrough: true } }), sampleMachine.profile);
    expect(through?.finding).toEqual({ by: 'sectionThrough' });
  });
});
