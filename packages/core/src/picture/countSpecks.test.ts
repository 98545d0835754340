import fc from 'fast-check';
import { numberStream } from '../testing/numberStream.js';
import { countSpecks, generatedGlass, type DrawnSpeck, type GlassOnPicture } from './index.js';

const glass: GlassOnPicture = { middle: { x: 120, y: 118 }, radius: 100, beamShare: 0.5 };
const drawn = (specks: readonly DrawnSpeck[], slope = 40, grain = 3) =>
  generatedGlass({ ...{ side: 240, glass, specks, slope, grain }, random: numberStream(11) });
const discPixels = (radius: number) => Math.PI * radius ** 2;

describe('specks on a glass', () => {
  it('finds none on a clean one, however uneven its ground and however grainy the picture', () => {
    for (const grain of [1, 3, 8]) expect(countSpecks(drawn([], 70, grain), glass).specks).toEqual([]);
  });

  it('tells dark from pale, and what lies in the beam from what does not', () => {
    const { specks } = countSpecks(
      drawn([
        { middle: { x: 110, y: 110 }, radius: 6, shades: -90 },
        { middle: { x: 150, y: 140 }, radius: 4, shades: 50 },
        { middle: { x: 195, y: 118 }, radius: 5, shades: -60 },
      ]),
      glass,
    );
    expect(specks.map(({ kind, isInBeam }) => [kind, isInBeam])).toEqual([
      ['dark', true],
      ['dark', false],
      ['pale', true],
    ]);
    expect(specks[0]?.middle.x).toBeCloseTo(110, 0);
    expect(specks[0]?.middle.y).toBeCloseTo(110, 0);
  });

  it('says the share of the beam that is covered, to a tenth of it', () => {
    const { beamCovered, glassCovered } = countSpecks(
      drawn([
        { middle: { x: 120, y: 118 }, radius: 15, shades: -100 },
        { middle: { x: 120, y: 40 }, radius: 8, shades: -100 },
      ]),
      glass,
    );
    expect(beamCovered / (discPixels(15) / discPixels(50))).toBeCloseTo(1, 1);
    const whole = (discPixels(15) + discPixels(8)) / discPixels(96);
    expect(glassCovered / whole).toBeCloseTo(1, 1);
  });

  it('counts what was drawn, wherever it lies, and leaves what is beside the glass', () => {
    const places = fc.uniqueArray(fc.integer({ min: 0, max: 24 }), { minLength: 1, maxLength: 12 });
    fc.assert(
      fc.property(places, fc.boolean(), (cells, isDark) => {
        const specks = cells.map((cell) => ({
          middle: { x: 60 + 28 * (cell % 5), y: 60 + 28 * Math.floor(cell / 5) },
          radius: 3,
          shades: isDark ? -70 : 60,
        }));
        const found = countSpecks(drawn(specks), glass).specks;
        const onGlass = specks.filter(
          ({ middle }) => Math.hypot(middle.x - 120, middle.y - 118) < glass.radius * 0.96 - 4,
        );
        expect(found.length).toBeGreaterThanOrEqual(onGlass.length);
        expect(found.length).toBeLessThanOrEqual(specks.length);
        expect(new Set(found.map(({ kind }) => kind)).size).toBeLessThanOrEqual(1);
      }),
      { numRuns: 12 },
    );
  });
});
