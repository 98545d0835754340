import { mm, mmPerSecond } from '../quantity/index.js';
import { sheetJoint } from '../testing/sampleJobs.js';
import { jointKinds, roundSeam } from './index.js';

describe('a seam round a tube', () => {
  it('turns once in the time that its length takes, and laps its start by two widths', () => {
    const round = roundSeam(sheetJoint('tubeButt', 2), mmPerSecond(10), mm(2.5));
    expect(round?.length).toBeCloseTo(0.04 * Math.PI, 12);
    expect(round?.turnsPerMinute).toBeCloseTo(600 / (40 * Math.PI), 9);
    expect(round?.lap).toBeCloseTo(5e-3, 12);
    expect(round?.lightOn).toBeCloseTo((40 * Math.PI + 5) / 10, 9);
  });

  it('turns quicker the quicker the hand and the thinner the tube', () => {
    const turns = (travel: number) =>
      roundSeam(sheetJoint('tubeToPlate', 2), mmPerSecond(travel), mm(2))?.turnsPerMinute ?? 0;
    expect(turns(12)).toBeCloseTo(2 * turns(6), 9);
  });

  it('is none where nothing goes round', () => {
    const round = jointKinds.filter((kind) => roundSeam(sheetJoint(kind, 2), mmPerSecond(8), mm(2)) !== null);
    expect(round).toEqual(['tubeToPlate', 'tubeButt']);
  });
});
