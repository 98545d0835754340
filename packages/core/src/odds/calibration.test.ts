import { calibration } from './index.js';
import { numberStream } from '../testing/numberStream.js';

const said = (chance: number, cameAbout: boolean, times: number) =>
  Array.from({ length: times }, () => ({ chance, cameAbout }));

describe('calibration', () => {
  it('gathers chances by size and leaves empty sizes out', () => {
    const bins = calibration([...said(0.1, false, 9), ...said(0.1, true, 1), ...said(1, true, 4)], 5);
    expect(bins.map(({ from, count }) => [from, count])).toEqual([
      [0, 10],
      [0.8, 4],
    ]);
    expect(bins[0]).toMatchObject({ cameAbout: 0.1 });
    expect(bins[0]?.stated).toBeCloseTo(0.1, 12);
    expect(bins[1]?.high).toBe(1);
  });

  it('is surer with more of them, and never sure', () => {
    const width = (times: number) => {
      const [bin] = calibration(said(0.5, true, times), 2);
      return (bin?.high ?? 0) - (bin?.low ?? 0);
    };
    expect(width(100)).toBeLessThan(width(10));
    expect(width(10_000)).toBeGreaterThan(0);
  });

  it('holds what it says: of honest chances about 80 % of the intervals hold the truth', () => {
    const random = numberStream(9);
    let [held, all] = [0, 0];
    for (let shop = 0; shop < 300; shop++) {
      const stated = Array.from({ length: 80 }, () => {
        const chance = random();
        return { chance, cameAbout: random() < chance };
      });
      for (const { low, high, stated: mean } of calibration(stated, 5)) {
        all++;
        if (mean >= low && mean <= high) held++;
      }
    }
    expect(held / all).toBeGreaterThan(0.76);
    expect(held / all).toBeLessThan(0.9);
  });

  it('refuses what is no chance', () => {
    expect(() => calibration(said(1.2, true, 1), 5)).toThrow('chance');
    expect(() => calibration([], 1)).toThrow('bins');
  });
});
