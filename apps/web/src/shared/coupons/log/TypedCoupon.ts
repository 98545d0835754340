import { backLooks, handSlips, heardLightSchema, type CouponDraft } from '@lone-heron/contract';
import { seamColours } from '@lone-heron/core';
import { z } from 'zod';
import { typedText } from '../../figures/spoken.js';

/** A stretch of the run as it is typed. */
const stretchEntrySchema = z.object({
  to: z.string().max(40),
  back: z.enum(backLooks).nullable(),
  slip: z.enum(handSlips).nullable(),
});
export type TypedStretch = z.infer<typeof stretchEntrySchema>;

/** Signs are words of the core; one that is not known any more is left out when the entry is read. */
const signs = z.array(z.string().max(40)).default([]);

/** What is told of a coupon, as it stands in the form: texts as typed, choices as picked. */
export const typedCouponSchema = z.object({
  back: z.enum(backLooks).nullable(),
  lightOn: z.string().max(40),
  /** When the stopwatch was started, ms since 1970; null while it stands still. */
  watchStartedAt: z.number().nullable().default(null),
  /** What the machine said of its light; null where nothing of it is taken. */
  heard: heardLightSchema.nullable().default(null),
  runLength: z.string().max(40),
  remark: z.string().max(1200),
  along: z.array(stretchEntrySchema).max(12).default([]),
  slip: z.enum(handSlips).nullable().default(null),
  face: signs,
  left: z.enum(seamColours).nullable().default(null),
  right: z.enum(seamColours).nullable().default(null),
  welding: signs,
  gunAngle: z.string().max(40).default(''),
  /** Day and time by the clock on the wall, as a date field writes them; empty for now. */
  earlier: z.string().max(40).default(''),
  datedBack: z.string().max(300).default(''),
});
export type TypedCoupon = z.infer<typeof typedCouponSchema>;

/** A form before anything is told. */
export const untypedCoupon: TypedCoupon = {
  back: null,
  lightOn: '',
  watchStartedAt: null,
  heard: null,
  runLength: '',
  remark: '',
  along: [],
  slip: null,
  face: [],
  left: null,
  right: null,
  welding: [],
  gunAngle: '',
  earlier: '',
  datedBack: '',
};

/** So many that a length in inches is read back as it was, to the hundredth of a millimetre. */
const lengthDecimals = 4;

/** A form that shows what a coupon says. */
export function typedCouponOf(draft: CouponDraft): TypedCoupon {
  const text = (value: number | null | undefined) =>
    value === null || value === undefined ? '' : String(value);
  const lengthText = (mm: number | null) => (mm === null ? '' : typedText(mm, 'mm', lengthDecimals));
  return {
    ...untypedCoupon,
    back: draft.back,
    lightOn: text(draft.lightOnS),
    heard: draft.heard ?? null,
    runLength: lengthText(draft.runLengthMm),
    remark: draft.remark,
    along: (draft.along ?? []).map(({ toMm, back, slip }) => ({ to: lengthText(toMm), back, slip })),
    slip: draft.slip ?? null,
    face: [...(draft.face ?? [])],
    left: draft.colour?.left ?? null,
    right: draft.colour?.right ?? null,
    welding: [...(draft.welding ?? [])],
    gunAngle: text(draft.gunAngleDeg),
    datedBack: draft.datedBack ?? '',
  };
}
