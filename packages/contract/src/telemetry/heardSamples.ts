import { linkKeys, linkPoints, type LinkKey } from '@lone-heron/core';
import { z } from 'zod';
import { boundedNumber, moment } from '../wire/bounded.js';

const valueOf = (key: LinkKey) => {
  const { said, least, most, unit } = linkPoints[key];
  return boundedNumber({ quantity: said, min: least, max: most, unit }).optional();
};

const valuesSchema = z
  .strictObject(
    Object.fromEntries(linkKeys.map((key) => [key, valueOf(key)])) as Record<
      LinkKey,
      ReturnType<typeof valueOf>
    >,
    {
      error: `values by key: ${linkKeys.join(', ')}`,
    },
  )
  .refine((values) => Object.values(values).some((value) => value !== undefined), {
    error: 'one value or more',
  });

const sampleSchema = z.strictObject(
  {
    /** By the meter's own clock; left out where it has none. */
    at: moment.optional(),
    values: valuesSchema,
  },
  { error: 'a sample with values, and at' },
);

const mostSamples = 1000;

/** What a meter sends over HTTP: samples, oldest first. */
export const heardSamplesSchema = z
  .array(sampleSchema, { error: 'a list of samples' })
  .min(1, { error: 'one sample or more' })
  .max(mostSamples, { error: `up to ${mostSamples} samples at once` });
export type HeardSamples = z.infer<typeof heardSamplesSchema>;

/** How many of them were taken. */
export const samplesTakenSchema = z.strictObject({
  taken: z.int().nonnegative(),
  leftOut: z.int().nonnegative(),
});
export type SamplesTaken = z.infer<typeof samplesTakenSchema>;
