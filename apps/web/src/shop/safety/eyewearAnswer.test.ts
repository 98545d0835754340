import { eyewearAnswer } from './eyewearAnswer.js';

const helmet = { opticalDensity: 7, condition: 'sound', isRetired: false } as const;

describe('eyewear at a machine', () => {
  it.each([
    ['dense and sound', helmet, 6.2, true, 'dense enough'],
    ['just dense enough', { ...helmet, opticalDensity: 6.2 }, 6.2, true, 'dense enough'],
    [
      'scratched',
      { ...helmet, condition: 'scratched' as const },
      6.2,
      true,
      'dense enough; scratched, look again',
    ],
    ['too light', { ...helmet, opticalDensity: 5 }, 6.2, false, 'too little: 6.2 is asked for'],
    ['damaged', { ...helmet, condition: 'damaged' as const }, 6.2, false, 'damaged: not to be worn'],
    ['rated for other light', { ...helmet, opticalDensity: null }, 6.2, false, 'not rated for this light'],
    ['out of use', { ...helmet, isRetired: true }, 6.2, false, 'out of use'],
    ['at an unknown beam', helmet, null, false, 'cannot be told: the beam is not known'],
  ])('that is %s', (_, eyewear, needed, isEnough, words) => {
    expect(eyewearAnswer(eyewear, needed)).toEqual({ isEnough, words });
  });
});
