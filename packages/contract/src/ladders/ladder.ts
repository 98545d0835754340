import { knobs } from '@lone-heron/core';
import { z } from 'zod';
import { clientId, moment, oneOf, shortText } from '../wire/bounded.js';
import { jointSchema } from '../joint/joint.js';
import { settingSchema } from '../joint/setting.js';

/** Knobs that a ladder can change: those the model follows, and the modulation, on which the schools disagree. */
export const ladderKnobs = [...knobs, 'modulation'] as const;
export type LadderKnob = (typeof ladderKnobs)[number];

const positive = z.number({ error: 'a number above 0' }).positive({ error: 'a number above 0' });

/** A knob with the values that it takes, SI (hertz for the modulation). */
const axisSchema = z.strictObject(
  {
    knob: oneOf(ladderKnobs),
    values: z.array(positive).min(2, { error: '2 to 8 values' }).max(8, { error: '2 to 8 values' }),
  },
  { error: 'a knob with its values' },
);
export type LadderAxis = z.infer<typeof axisSchema>;

/** A run of coupons that changes one to three knobs on purpose. */
export const ladderDraftSchema = z.strictObject(
  {
    name: shortText(80).min(1, { error: 'a name of up to 80 characters' }),
    machineId: z.string({ error: 'the id of a machine of this shop' }).max(60),
    joint: jointSchema,
    /** What is dialled where no knob of the ladder says otherwise. */
    setting: settingSchema,
    axes: z
      .array(axisSchema)
      .min(1, { error: 'one to three knobs' })
      .max(3, { error: 'one to three knobs' })
      .refine((axes) => new Set(axes.map(({ knob }) => knob)).size === axes.length, {
        error: 'each knob once',
      }),
    /** The coupons in the order they are welded, each with a value for every knob. */
    rungs: z
      .array(z.array(positive).min(1).max(3))
      .min(2, { error: '2 to 48 coupons' })
      .max(48, { error: '2 to 48 coupons' }),
  },
  { error: 'a ladder with name, machineId, joint, setting, axes and rungs' },
);
export type LadderDraft = z.infer<typeof ladderDraftSchema>;

/** A ladder as it is kept. */
export const ladderSchema = z.strictObject({
  ...ladderDraftSchema.shape,
  id: clientId,
  number: z.int().positive(),
  madeAt: moment,
  madeBy: z.string(),
  /** Set where it was put away; its coupons stay. */
  closedAt: moment.nullable(),
});
export type Ladder = z.infer<typeof ladderSchema>;
