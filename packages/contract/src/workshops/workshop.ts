import { z } from 'zod';
import { shortText } from '../wire/bounded.js';

const name = shortText(60).min(1, { error: 'a name of up to 60 characters' });

/** A workshop inside a firm: people, machines and their windows belong to one. A firm that has none is one workshop. */
export const workshopSchema = z.strictObject({ id: z.string(), name });
export type Workshop = z.infer<typeof workshopSchema>;

/** What is sent to open a workshop, or to call it otherwise. */
export const workshopDraftSchema = z.strictObject({ name }, { error: 'a workshop with name' });
export type WorkshopDraft = z.infer<typeof workshopDraftSchema>;

/** Whose somebody or something is: a workshop's id, or null for the whole firm's. */
export const workshopId = z.string({ error: 'the id of a workshop, or null for the whole firm' }).nullable();

/** What is sent to say whose somebody or something is from now on. */
export const workshopChangeSchema = z.strictObject({ workshopId }, { error: 'a change with workshopId' });
export type WorkshopChange = z.infer<typeof workshopChangeSchema>;
