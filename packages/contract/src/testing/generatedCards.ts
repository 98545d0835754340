import { dialledMetals, fillers, nozzleShapes, shieldingGases, wobbleShapes } from '@lone-heron/core';
import fc from 'fast-check';
import type { CardContent } from '../cards/card.js';
import type { ExchangedCard, ExchangedVersion } from '../exchange/exchange.js';
import { houseStarts, type NamedLevel } from '../house/house.js';
import { wireDiametersMm, type Conditions, type Joint } from '../joint/joint.js';
import type { Setting } from '../joint/setting.js';

/** A length or a figure with so many decimals, as people type them. */
const figure = (min: number, max: number, decimals: number) =>
  fc
    .integer({ min: Math.ceil(min * 10 ** decimals), max: Math.floor(max * 10 ** decimals) })
    .map((whole) => whole / 10 ** decimals);

/** Words with what tears files apart: commas, quotes, lines, signs of formulas, letters of other languages. */
const words = (longest: number) =>
  fc
    .array(
      fc.constantFrom(
        ...['seam', 'Łódź', '“keep”', '"', ',', ';', '\n', '=1+1', '-2', '@x', '½', '304', "'", '\\'],
      ),
      { maxLength: 8 },
    )
    .map((parts) => parts.join(' ').trim().slice(0, longest).trim());

const thickness = figure(0.6, 4, 1);
const metals = fc.constantFrom(...dialledMetals);

const conditions: Conditions = {
  ...({ backing: 'copper', surface: 'clean', position: 'verticalUp' } as const),
  stitches: { lengthMm: 20, pitchMm: 50, offsetMm: 0 },
};

const joints: fc.Arbitrary<Joint> = fc
  .record({
    metal: metals,
    other: fc.option(metals, { nil: undefined }),
    first: thickness,
    second: thickness,
    gapShare: figure(0, 1, 2),
    shape: fc.constantFrom('butt', 'bevelled', 'lap', 'tee', 'edge', 'tubeToPlate', 'plug'),
    size: figure(2, 12, 1),
    sides: fc.constantFrom(undefined, 1, 2),
    isConditioned: fc.boolean(),
  })
  .map(({ metal, other, first, second, gapShare, shape, size, sides, isConditioned }): Joint => {
    const common = {
      metal,
      ...(other === undefined ? {} : { secondMetal: other }),
      ...{ firstThicknessMm: first, secondThicknessMm: second },
      gapMm: Math.floor(gapShare * Math.min(first, second) * 100) / 100,
      ...(sides === undefined ? {} : { sides }),
      ...(isConditioned ? { conditions } : {}),
    };
    switch (shape) {
      case 'bevelled':
        return { kind: 'butt', ...common, bevel: { landMm: 0.5, angleDeg: 60 } };
      case 'tee':
        return { kind: 'tee', ...common, legMm: size };
      case 'tubeToPlate':
        return { kind: 'tubeToPlate', ...common, tubeRadiusMm: size * 4, legMm: size };
      case 'plug':
        return { kind: 'plug', ...common, holeDiameterMm: size };
      case 'butt':
      case 'lap':
      case 'edge':
        return { kind: shape, ...common };
    }
  });

/** Within what the bench unit of the sample workshop can set. */
const settings: fc.Arbitrary<Setting> = fc.record({
  powerW: figure(200, 1500, 0),
  dutyPercent: figure(50, 100, 0),
  wobble: fc.oneof(
    fc.constant({ shape: 'none' as const }),
    fc.record({
      shape: fc.constantFrom(...wobbleShapes),
      widthMm: figure(0.5, 3, 1),
      frequencyHz: figure(10, 150, 0),
    }),
  ),
  pace: fc.oneof(
    fc.record({ by: fc.constant('hand' as const), travelMmS: figure(2, 30, 1) }),
    fc.record({
      by: fc.constant('wire' as const),
      wireDiameterMm: fc.constantFrom(...wireDiametersMm),
      wireSpeedMmS: figure(2, 40, 2),
      filler: fc.constantFrom(...fillers),
    }),
  ),
  gas: fc.constantFrom(...shieldingGases),
  gasFlowLMin: figure(5, 30, 1),
});

const levels = fc.constantFrom(...(houseStarts.acceptance as readonly NamedLevel[]));

/** What a card of the bench unit may say. */
export const generatedContents: fc.Arbitrary<CardContent> = fc.record({
  name: words(80).map((name) => (name === '' ? 'a card' : name)),
  machineId: fc.constant('bench'),
  joint: joints,
  setting: settings,
  nozzle: fc.record({
    shape: fc.constantFrom(...nozzleShapes),
    isGrooved: fc.boolean(),
    boreMm: figure(2, 12, 1),
  }),
  focusMm: figure(-3, 3, 1),
  gunAngleDeg: figure(20, 80, 0),
  notes: words(200),
  tags: fc.uniqueArray(fc.constantFrom('galley', 'duct', 'a, b', 'Łódź', '“x”'), { maxLength: 4 }),
  level: levels,
});

const moments = fc.integer({ min: 1.7e12, max: 1.78e12 }).map((ms) => new Date(ms).toISOString());

/** Whole cards with a few versions, each under an id of its own. */
export const generatedCards: fc.Arbitrary<ExchangedCard> = fc
  .record({
    id: fc.integer({ min: 0, max: 0xffff_ffff }),
    versions: fc.array(
      fc.record({
        content: generatedContents,
        why: words(100),
        writtenBy: fc.constantFrom('Ines', 'Łukasz', 'Maren'),
        writtenAt: moments,
        signedAt: fc.option(moments, { nil: null }),
      }),
      { minLength: 1, maxLength: 3 },
    ),
  })
  .map(({ id, versions }) => ({
    id: `019b0000-0000-7000-8000-${id.toString(16).padStart(12, '0')}`,
    versions: versions.map(({ signedAt, ...rest }, i): ExchangedVersion => ({
      ...{ version: i + 1, carriedFrom: null, ...rest },
      ...{ signedAt, signedBy: signedAt === null ? null : 'Ines', coupons: [] },
    })),
  }));
