import type { Speck } from '@lone-heron/core';
import { countInWords } from './countInWords.js';

const speck = (kind: Speck['kind'], isInBeam: boolean): Speck => ({
  ...{ kind, isInBeam, pixels: 12, middle: { x: 1, y: 1 } },
});

describe('what was counted on a glass', () => {
  it('is said with how much of the beam it covers and what it points to', () => {
    const specks = [speck('dark', true), speck('dark', false), speck('pale', true)];
    expect(countInWords({ specks, beamCovered: 0.034, glassCovered: 0.011 })).toBe(
      '2 dark and 1 pale, 2 of them where the light goes through; they cover 3\u202f% of it and 1\u202f% of the glass. Dark ones: dirt or fume got in.',
    );
  });

  it('points to light that came back where most are pale, and to nothing where there is none', () => {
    const pale = [speck('pale', true), speck('pale', true), speck('dark', true)];
    expect(countInWords({ specks: pale, beamCovered: 0.01, glassCovered: 0.01 })).toContain(
      'light came back',
    );
    expect(countInWords({ specks: [], beamCovered: 0, glassCovered: 0 })).toBe('No speck was found.');
  });
});
