import { clientId } from '@lone-heron/contract';
import { z } from 'zod';

/** What a request says that reads a file in: the id by which its sender will ask how far it has come. */
export const asked = z.object({ work: clientId.optional() });
export type AskedFor = z.infer<typeof asked>;
