import { etchants, seamColours } from '@lone-heron/core';
import { z } from 'zod';
import { boundedNumber, clientId, moment, oneOf, shortText } from '../wire/bounded.js';
import { backLooks } from '../coupons/coupon.js';
import { tintLength, tintWidths } from './tintReading.js';

/** What can be measured on a picture of a section, with what is allowed, mm. */
const measure = (quantity: string, max: number) => ({ quantity, min: 0, max, unit: 'mm' }) as const;
export const sectionRanges = {
  depth: measure('depth', 30),
  depthLeft: measure('depth in the left sheet', 30),
  depthRight: measure('depth in the right sheet', 30),
  width: measure('width at the face', 30),
  rootWidth: measure('width at the root', 30),
  throat: measure('throat', 30),
  legOne: measure('leg on the first sheet', 30),
  legTwo: measure('leg on the second sheet', 30),
  gap: measure('gap', 10),
  undercut: measure('undercut', 10),
  crown: measure('crown', 10),
  misalignment: measure('misalignment', 10),
} as const;
export type SectionMeasure = keyof typeof sectionRanges;
export const sectionMeasures = Object.keys(sectionRanges) as readonly SectionMeasure[];

/** A measured length with its reading error, both mm. */
const readingOf = (name: SectionMeasure) =>
  z.strictObject(
    {
      mm: boundedNumber(sectionRanges[name]),
      giveMm: boundedNumber({
        quantity: `reading error of the ${sectionRanges[name].quantity}`,
        min: 0,
        max: 5,
        unit: 'mm',
      }),
    },
    { error: 'a length with mm and giveMm' },
  );

const measuredSchema = z.strictObject(
  Object.fromEntries(sectionMeasures.map((name) => [name, readingOf(name).optional()])) as {
    [Name in SectionMeasure]: z.ZodOptional<ReturnType<typeof readingOf>>;
  },
  { error: `lengths among ${sectionMeasures.join(', ')}` },
);
export type SectionReadings = z.infer<typeof measuredSchema>;

/** Where a weld broke. */
export const brokeAt = ['notAtAll', 'inWeld', 'besideWeld', 'inParent'] as const;
export type BrokeAt = (typeof brokeAt)[number];

export const testRanges = {
  bendAngle: { quantity: 'angle of bend', min: 0, max: 180, unit: '°' },
  mandrel: { quantity: 'mandrel', min: 0, max: 200, unit: 'mm' },
  blows: { quantity: 'blows', min: 1, max: 500, unit: '' },
  indication: { quantity: 'longest indication', min: 0, max: 500, unit: 'mm' },
  dwell: { quantity: 'time the dye was left', min: 1, max: 120, unit: 'min' },
  volume: { quantity: 'volume', min: 0.01, max: 5000, unit: 'L' },
  pressure: { quantity: 'pressure', min: 0.01, max: 400, unit: 'bar' },
  fullScale: { quantity: 'end of the dial', min: 0.1, max: 1000, unit: 'bar' },
  gaugeClass: { quantity: 'class of the gauge', min: 0.1, max: 10, unit: '%' },
  division: { quantity: 'division of the dial', min: 0.001, max: 50, unit: 'bar' },
  hold: { quantity: 'time it was held', min: 0.5, max: 1440, unit: 'min' },
} as const;

const bounded = (name: keyof typeof testRanges) => boundedNumber(testRanges[name]);

/** Where water or air came out. */
export const leakPlaces = ['none', 'weld', 'fitting', 'notFound'] as const;
export const pressureMedia = ['water', 'air'] as const;
export type PressureMedium = (typeof pressureMedia)[number];

/** How a pressure was held and what the gauge did. */
const pressureFields = {
  medium: oneOf(pressureMedia),
  volumeL: bounded('volume'),
  gauge: z.strictObject(
    {
      fullScaleBar: bounded('fullScale'),
      classPercent: bounded('gaugeClass'),
      divisionBar: bounded('division'),
    },
    { error: 'a gauge with fullScaleBar, classPercent and divisionBar' },
  ),
  /** Read when the hold began and when it ended. */
  startBar: bounded('pressure'),
  endBar: boundedNumber({ ...testRanges.pressure, min: 0 }),
  heldMin: bounded('hold'),
  needle: oneOf(['steady', 'swinging']),
  leak: oneOf(leakPlaces),
  /** The pressure was let off before anyone handled it. */
  isLetOff: z.literal(true, { error: 'true: a pressure test ends with letting the pressure off' }),
} as const;

const one = <Kind extends string, Fields extends z.ZodRawShape>(kind: Kind, fields: Fields) =>
  z.strictObject({ kind: z.literal(kind), ...fields });

const tintFields = {
  /** The photo it was read off. */
  photoId: clientId,
  /** The hottest colour of each side, seen along the travel. */
  left: oneOf(seamColours),
  right: oneOf(seamColours),
  /** How far the middle of the heat lies to the left of the joint's line; null where no colour shows on both sides. */
  offset: tintLength('offset of the heat', -100).nullable(),
  /** Width over everything that is at least so coloured. */
  widths: tintWidths,
} as const;

/** What each test asks, test by test. */
const detailSchema = z.discriminatedUnion(
  'kind',
  [
    one('look', { back: oneOf(backLooks), faults: shortText(300) }),
    one('section', {
      grits: shortText(60),
      etchant: oneOf(etchants),
      isThrough: z.boolean({ error: 'true or false' }),
      measured: measuredSchema,
      /** The photo it was measured on; null where it was measured under a glass. */
      photoId: clientId.nullable(),
    }),
    one('tint', tintFields),
    one('bend', {
      side: oneOf(['face', 'root']),
      angleDeg: bounded('bendAngle'),
      mandrelMm: bounded('mandrel'),
      brokeAt: oneOf(brokeAt),
    }),
    one('hammer', { blows: bounded('blows'), brokeAt: oneOf(brokeAt) }),
    one('vice', { angleDeg: bounded('bendAngle'), brokeAt: oneOf(brokeAt) }),
    one('peel', { brokeAt: oneOf(brokeAt) }),
    one('dye', { dwellMin: bounded('dwell'), longestMm: bounded('indication') }),
    one('leak', { medium: oneOf(['bubbles', 'water', 'paraffin']), leak: oneOf(leakPlaces) }),
    one('pressure', pressureFields),
  ],
  { error: 'a test of the kind look, section, tint, bend, hammer, vice, peel, dye, leak or pressure' },
);
export type TestDetail = z.infer<typeof detailSchema>;
export type TestKind = TestDetail['kind'];
export const testKinds = [
  'look',
  'section',
  'tint',
  'bend',
  'hammer',
  'vice',
  'peel',
  'dye',
  'leak',
  'pressure',
] as const satisfies readonly TestKind[];

/** What a test came to, by whoever did it. */
export const testResults = ['holds', 'fails', 'unclear'] as const;
export type TestResult = (typeof testResults)[number];

/** Most photos that one test keeps. */
const mostTestPhotos = 12;
const photosError = { error: `the ids of up to ${mostTestPhotos} photos of this coupon` };

export const couponTestDraftSchema = z.strictObject(
  {
    detail: detailSchema,
    result: oneOf(testResults),
    remark: shortText(500),
    doneAt: moment,
    /** Photos of this coupon that show what the test came to. */
    photoIds: z.array(clientId, photosError).max(mostTestPhotos, photosError),
  },
  { error: 'a test with detail, result, remark and doneAt' },
);
export type CouponTestDraft = z.infer<typeof couponTestDraftSchema>;

/** A test as it is kept. */
export const couponTestSchema = z.strictObject({
  ...couponTestDraftSchema.shape,
  id: clientId,
  couponId: clientId,
  doneBy: z.string({ error: 'the id of a person of this shop' }),
  recordedAt: moment,
  /** Set where it was taken back; the record is kept. */
  withdrawnAt: moment.nullable(),
});
export type CouponTest = z.infer<typeof couponTestSchema>;
