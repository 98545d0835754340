import { z } from 'zod';
import { modeSettingSchema } from '../modes/modeSetting.js';
import { modeWorkSchema } from '../modes/modeWork.js';
import { clientId, moment, shortText } from '../wire/bounded.js';
import { ownedBy } from '../workshops/ownedBy.js';

/** What a card of cleaning, cutting or pulses says; it is written anew as a whole. */
export const modeCardDraftSchema = z
  .strictObject(
    {
      title: shortText(80).min(1, { error: 'a title of up to 80 characters' }),
      machineId: z.string({ error: 'the id of a machine of this shop' }).max(60),
      work: modeWorkSchema,
      setting: modeSettingSchema,
      notes: shortText(1000),
      /** Slot of the machine's own store that holds it; empty where none does. */
      slot: shortText(20),
      /** Why it was written anew; empty for the first. */
      why: shortText(300),
    },
    { error: 'a card with title, machineId, work, setting, notes, slot and why' },
  )
  .check(({ value: { work, setting }, issues }) => {
    if (setting.mode !== work.mode)
      issues.push({
        code: 'custom',
        path: ['setting'],
        input: setting.mode,
        message: `a setting to ${work.mode}`,
      });
  });
export type ModeCardDraft = z.infer<typeof modeCardDraftSchema>;

/** A version of such a card, as it was written. */
const modeCardVersionSchema = z.strictObject({
  ...modeCardDraftSchema.shape,
  version: z.int().positive(),
  madeAt: moment,
  madeBy: z.string(),
});
export type ModeCardVersion = z.infer<typeof modeCardVersionSchema>;

export const modeCardSchema = z.strictObject({
  id: clientId,
  number: z.int().positive(),
  /** Newest first. */
  versions: z.array(modeCardVersionSchema).min(1),
  retiredAt: moment.nullable(),
  workshopId: ownedBy,
});
export type ModeCard = z.infer<typeof modeCardSchema>;
