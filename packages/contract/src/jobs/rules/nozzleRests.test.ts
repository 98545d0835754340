import { nozzleRests } from './nozzleRests.js';

const rule = { after: 60, minutes: 2 };
const weld = {
  ...{ isNear: true, lightS: 25, seams: 1, liningUpS: 10, changesMin: 0, isOtherNozzle: false },
};
const rests = (changes: readonly object[], by = rule) =>
  nozzleRests(
    changes.map((each) => ({ ...weld, ...each })),
    by,
  );

describe('rests of the nozzle', () => {
  it('come before the seam whose light would be too much, and begin anew after it', () => {
    expect(rests([{}, {}, {}, {}, {}])).toEqual([0, 0, 2, 0, 2]);
  });

  it.each<[string, object]>([
    ['away from the limit', { isNear: false }],
    ['where lining up is a break as long', { liningUpS: 120 }],
    ['where the nozzle was changed', { isOtherNozzle: true }],
    ['where the part is turned as long', { changesMin: 2 }],
  ])('are none %s', (_, changes) => {
    expect(rests([weld, changes, changes, changes])).toEqual([0, 0, 0, 0]);
  });

  it('count seams of a weld one by one', () => {
    expect(rests([{ seams: 5 }])).toEqual([4]);
  });

  it('come on the way through a seam that is longer than the rule', () => {
    expect(rests([{ lightS: 60 }])).toEqual([0]);
    expect(rests([{ lightS: 130 }, {}])).toEqual([4, 0]);
    // Ten seconds are left from the long one: 10 and 25 and 25 are sixty.
    expect(rests([{ lightS: 130 }, {}, {}, {}])).toEqual([4, 0, 0, 2]);
  });

  it('are none where the shop lets none cool', () => {
    expect(rests([{ lightS: 500 }, {}], { after: 0, minutes: 2 })).toEqual([0, 0]);
  });

  it('are never more where the rule is milder', () => {
    const job = [{ lightS: 70 }, {}, { isNear: false }, { seams: 3 }, { liningUpS: 200 }, {}];
    const sum = (after: number) => rests(job, { ...rule, after }).reduce((total, each) => total + each, 0);
    const sums = [20, 40, 60, 80, 200].map(sum);
    expect(sums.toSorted((a, b) => b - a)).toEqual(sums);
  });
});
