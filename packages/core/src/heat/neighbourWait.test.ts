import fc from 'fast-check';
import { joule, kelvinDifference, mm } from '../quantity/index.js';
import { neighbourWait, type NeighbourWaitInput } from './neighbourWait.js';

const input = (changes: Partial<NeighbourWaitInput> = {}): NeighbourWaitInput => ({
  ...{ heat: joule(3000), conductivity: 16, diffusivity: 4e-6, thickness: mm(1.5) },
  ...{ distance: mm(20), rise: kelvinDifference(100) },
  ...changes,
});

describe('the wait beside a seam', () => {
  it('on the seam itself is the heat over what the sheet carries off', () => {
    expect(neighbourWait(input({ distance: mm(0) }))).toBeCloseTo(
      3000 / (4 * Math.PI * 16 * 0.0015 * 100),
      2,
    );
  });

  it('ends when the place is as warm as is let be, and stays below it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 100, max: 50_000, noNaN: true }),
        fc.double({ min: 0, max: 60, noNaN: true }),
        (heat, r) => {
          const wait = neighbourWait(input({ heat: joule(heat), distance: mm(r) }));
          const at = (time: number) =>
            (heat / (4 * Math.PI * 16 * 0.0015 * time)) * Math.exp(-((r / 1000) ** 2) / (4 * 4e-6 * time));
          if (wait > 0) expect(at(wait)).toBeCloseTo(100, 1);
          for (const later of [1, 1.5, 4, 20])
            expect(at(Math.max(wait, 1e-3) * later + 1e-3)).toBeLessThan(101);
        },
      ),
    );
  });

  it('is shorter for less heat, a thicker sheet, a place further off and a sheet that carries better', () => {
    const usual = neighbourWait(input());
    for (const better of [
      { heat: joule(2000) },
      { thickness: mm(3) },
      { distance: mm(60) },
      { conductivity: 50, diffusivity: 1.3e-5 },
    ])
      expect(neighbourWait(input(better))).toBeLessThan(usual);
    expect(neighbourWait(input({ distance: mm(300) }))).toBe(0);
    // Nobody waits longer than a day.
    expect(neighbourWait(input({ heat: joule(1e8) }))).toBe(86_400);
  });

  it.each([{ heat: joule(0) }, { thickness: mm(0) }, { rise: kelvinDifference(0) }])(
    'refuses %j',
    (changes) => {
      expect(() => neighbourWait(input(changes))).toThrow('allowed is');
    },
  );
});
