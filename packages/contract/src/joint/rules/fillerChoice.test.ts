import { fillersForJoint, houseStarts, takenFiller, type Joint } from '../../index.js';

const joint: Joint = {
  kind: 'butt',
  metal: 'stainless304',
  firstThicknessMm: 1.5,
  secondThicknessMm: 1.5,
  gapMm: 0.1,
};
const house = { practice: houseStarts.practice, wire: [] };
const spool = (filler: '308L' | '316L', diameterMm: number) => ({
  filler,
  diameterMm,
  kilograms: 3,
  batch: '',
});

describe('the wire a joint is offered', () => {
  it('is what matches best, until only another stands on the shelf in that diameter', () => {
    expect(fillersForJoint(joint, 0.8, 'none', house).offers[0]).toMatchObject({
      filler: '308L',
      onShelfKg: 0,
    });
    const wire = [spool('308L', 1.2), spool('316L', 0.8)];
    expect(fillersForJoint(joint, 0.8, 'none', { ...house, wire }).offers[0]).toMatchObject({
      filler: '316L',
      onShelfKg: 3,
    });
    expect(fillersForJoint(joint, null, 'none', { ...house, wire }).offers[0]?.filler).toBe('308L');
  });

  it('is fit for food before it is on the shelf, and says why', () => {
    const choice = fillersForJoint(joint, 0.8, 'food', { ...house, wire: [spool('316L', 0.8)] });
    expect(choice.offers[0]).toMatchObject({ filler: '308L', why: expect.stringContaining('rust-free') });
  });

  it('names each alloy once, and says of an odd one that it is odd', () => {
    const choice = fillersForJoint(joint, 0.8, 'none', house);
    const names = choice.offers.map(({ filler }) => filler);
    expect(new Set(names).size).toBe(names.length);
    expect(takenFiller(choice, '4043')?.why).toContain('not usual for these metals');
    expect(takenFiller(choice, '316L')?.filler).toBe('316L');
    const none = fillersForJoint({ ...joint, secondMetal: 'aluminium5052' }, 0.8, 'none', house);
    expect(takenFiller(none, null)).toBeNull();
  });
});
