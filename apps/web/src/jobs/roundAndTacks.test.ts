import { houseStarts } from '@lone-heron/contract';
import { jobWeld } from '@lone-heron/contract/testing';
import { rollWords, tackWords } from './roundAndTacks.js';

const house = houseStarts;
const without = { practice: { ...house.practice, tacks: 'none' as const } };
const tube = jobWeld('W1', {
  joint: {
    ...{ kind: 'tubeToPlate', metal: 'stainless304', firstThicknessMm: 2, secondThicknessMm: 2, gapMm: 0 },
    ...{ legMm: 2, tubeRadiusMm: 20 },
  },
  ...{ lengthMm: 125.7, closing: { lapMm: 5, rampDownS: 0.3 } },
});

describe('tacks in words', () => {
  it('say how many, where and in which order, as the shop does', () => {
    expect(tackWords(jobWeld('W1', { lengthMm: 30 }), house)).toBe('a tack at each end');
    expect(tackWords(jobWeld('W1', { lengthMm: 120 }), house)).toBe(
      '5 tacks: both ends, then at 60 mm, 30 mm, 90 mm; away from the hand',
    );
    expect(tackWords(jobWeld('W1', { lengthMm: 2000 }), house)).toContain('from the middle outwards');
    expect(tackWords(tube, house)).toContain('opposite pairs first');
    expect(tackWords(jobWeld('W1', { lengthMm: 120 }), without)).toBeNull();
  });
});

describe('turning rolls', () => {
  it('turn once round at the pace of the seam', () => {
    // 8 mm/s round a tube of 40 mm: 3.82 turns a minute, and 130.7 mm with the lap.
    expect(rollWords(tube, 8)).toBe('on rolls 3.82 turns a minute, 16 s with the lap');
    expect(rollWords(jobWeld('W1'), 8)).toBeNull();
  });
});
