import { z } from 'zod';
import { oneOf, shortText } from './bounded.js';

/** Somebody who welds here. */
export const personSchema = z.strictObject({
  id: z.string(),
  name: shortText(60),
  role: oneOf(['lead', 'welder', 'learner']),
});
export type Person = z.infer<typeof personSchema>;
