import { lifeFactors, type Machine, type Person } from '@lone-heron/contract';
import { chanceInWords } from './chanceInWords.js';
import { factorWords, levelInWords, remedyWords } from './lifeWords.js';

const names = {
  machines: [{ id: 'bench', name: 'the bench unit' }] as unknown as readonly Machine[],
  people: [{ id: 'tobias', name: 'Tobias' }] as unknown as readonly Person[],
};

describe('lives in words', () => {
  it('calls machines, people, places and angles by what the shop calls them', () => {
    expect(levelInWords('machine', 'bench', names)).toBe('the bench unit');
    expect(levelInWords('person', 'tobias', names)).toBe('Tobias');
    expect(levelInWords('gunAngle', 'upright', names)).toBe('upright, 75° and more');
    expect(levelInWords('place', 'openDoor', names)).toBe('with the door open');
    expect(levelInWords('batch', 'ebb 88', names)).toBe('ebb 88');
    expect(levelInWords('person', 'somebody who left', names)).toBe('somebody who left');
  });

  it('has a word and something to do for everything that lives are compared by', () => {
    for (const factor of lifeFactors) {
      expect(factorWords[factor]).not.toBe('');
      expect(remedyWords[factor].length).toBeGreaterThan(20);
    }
  });

  it('says how far a difference may be chance', () => {
    expect(chanceInWords(0.00004)).toBe('Chance alone does so less than once in a thousand');
    expect(chanceInWords(0.0093)).toBe('Chance alone does so 0.9 times in a hundred');
  });
});
