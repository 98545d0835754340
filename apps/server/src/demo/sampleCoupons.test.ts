import { couponEvidence, realTravelMmS, type Machine } from '@lone-heron/contract';
import {
  findMetal,
  shopEvidence,
  shopOffset,
  type EvidenceCoupon,
  type MetalId,
  randomStream,
} from '@lone-heron/core';
import { hiddenTruth, sampleCoupons } from './sampleCoupons.js';
import { sampleMachines } from './sampleWorkshop.js';

const now = Date.parse('2026-11-24T12:00:00Z');

function evidenceOf(seed: number, forget = false): readonly EvidenceCoupon[] {
  return sampleCoupons('months', now, randomStream(seed)).flatMap(({ draft }, index) => {
    const machine = sampleMachines.find(({ id }) => id === draft.machineId) as Machine;
    const told = forget ? { ...draft, lightOnS: null, runLengthMm: null } : draft;
    return couponEvidence({ ...told, id: String(index).padStart(4, '0'), section: null }, machine.profile);
  });
}

/** What the evidence says of a machine on a metal, and what is true, both as ln. */
function found(evidence: readonly EvidenceCoupon[], machineId: string, metal: MetalId) {
  const { family } = findMetal(metal);
  const question = evidence.find(
    ({ weld }) => weld.machineId === machineId && weld.melt.metal.family === family,
  );
  if (question === undefined) throw new Error(`no coupon of ${metal} on ${machineId}`);
  const offset = shopOffset(shopEvidence(question.weld, evidence), machineId, family);
  if (offset === null) throw new Error('the evidence holds nothing of it');
  const factor = 1 + offset.deeperPercent / 100;
  const truth = (hiddenTruth.machine[machineId] ?? 0) + (hiddenTruth.family[family] ?? 0);
  return { ln: Math.log(factor), sd: offset.giveOrTake / 100 / factor, truth };
}

const cases = ['bench', 'barrow'].flatMap((machineId) =>
  (['stainless304', 'lowCarbonSteel', 'aluminium5052'] as const).map((metal) => ({ machineId, metal })),
);

describe('the sample coupons', () => {
  it('are about 120 over four months, some without a pace and some slips', () => {
    const drafts = sampleCoupons('months', now, randomStream(20_26)).map(({ draft }) => draft);
    expect(drafts.length).toBeGreaterThan(105);
    expect(drafts.length).toBeLessThan(135);
    expect((now - Date.parse(drafts[0]?.weldedAt ?? '')) / 86_400_000).toBeGreaterThan(115);
    const untimed = drafts.filter((draft) => realTravelMmS(draft) === null).length / drafts.length;
    expect(untimed).toBeGreaterThan(0.12);
    expect(untimed).toBeLessThan(0.35);
    expect(drafts.filter(({ slip }) => slip !== undefined).length).toBeGreaterThan(2);
    for (const { stated, lookedAt } of drafts) {
      // The odds are of the back: a joint without one has none to be held to.
      expect(stated === undefined).toBe(lookedAt === 'toes');
      if (stated === undefined) continue;
      expect(Object.values(stated).reduce((total, each) => total + each, 0)).toBeCloseTo(1, 2);
    }
  });

  it.each(cases)(
    'give away what $machineId does on $metal, within what the evidence says of itself',
    ({ machineId, metal }) => {
      const { ln, sd, truth } = found(evidenceOf(20_26), machineId, metal);
      expect(Math.abs(ln - truth)).toBeLessThan(2 * sd);
      expect(sd).toBeLessThan(0.12);
    },
  );

  it('do so in other workshops too: two thirds within one, nearly all within two', () => {
    const misses = Array.from({ length: 12 }, (_, i) => evidenceOf(100 + i)).flatMap((evidence) =>
      cases.map(({ machineId, metal }) => {
        const { ln, sd, truth } = found(evidence, machineId, metal);
        return Math.abs(ln - truth) / sd;
      }),
    );
    const within = (limit: number) => misses.filter((each) => each < limit).length / misses.length;
    expect(within(1)).toBeGreaterThan(0.6);
    expect(within(2)).toBeGreaterThan(0.9);
  });

  it('widen the answer where the pace was not measured, instead of making an offset of it', () => {
    const timed = found(evidenceOf(20_26), 'barrow', 'stainless304');
    const forgotten = found(evidenceOf(20_26, true), 'barrow', 'stainless304');
    expect(forgotten.sd).toBeGreaterThan(timed.sd);
    expect(Math.abs(forgotten.ln - forgotten.truth)).toBeLessThan(2 * forgotten.sd);
  });
});
