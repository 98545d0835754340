import { z } from 'zod';
import { modeSettingSchema } from '../modes/modeSetting.js';
import { modeWorkSchema } from '../modes/modeWork.js';
import { clientId, shortText } from '../wire/bounded.js';

const countError = { error: 'a whole number from 1 to 1000' };

/** Something a job asks beside its welds: colour to be cleaned off, a blank to be cut, spots by the lamp. */
export const jobWorkSchema = z
  .strictObject(
    {
      id: clientId,
      name: shortText(80).min(1, { error: 'a name of up to 80 characters' }),
      machineId: z.string({ error: 'the id of a machine of this shop' }).max(60),
      work: modeWorkSchema,
      setting: modeSettingSchema,
      /** How often in one piece. */
      count: z.int(countError).min(1, countError).max(1000, countError),
    },
    { error: 'work with id, name, machineId, work, setting and count' },
  )
  .refine(({ work, setting }) => work.mode === setting.mode, {
    path: ['setting'],
    error: 'a setting of the work’s own mode',
  });
export type JobWork = z.infer<typeof jobWorkSchema>;
