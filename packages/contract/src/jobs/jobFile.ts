import { z } from 'zod';
import { moment } from '../wire/bounded.js';
import { jobSchema } from './job.js';

/** A paper of a job, table by table as it is printed. */
const jobPaperSchema = z.strictObject({
  name: z.enum(['traveller', 'weldMap', 'inspection', 'materials', 'quote']),
  title: z.string(),
  /** Lines above the tables. */
  facts: z.array(z.strictObject({ name: z.string(), value: z.string() })),
  tables: z.array(
    z.strictObject({
      heading: z.string(),
      columns: z.array(z.string()),
      rows: z.array(z.array(z.string())),
    }),
  ),
});
export type JobPaper = z.infer<typeof jobPaperSchema>;
export type JobPaperName = JobPaper['name'];

/** What a job's file says it is, and the newest version that is read here. */
export const jobFileFormat = 'lone-heron-job';
export const jobFileVersion = 1;

/** A job in a file: its papers as they are printed, and everything that they are made from. */
export const jobFileSchema = z.strictObject({
  format: z.literal(jobFileFormat),
  version: z.literal(jobFileVersion),
  writtenAt: moment,
  /** Said in every file: what this is not. */
  caution: z.string().min(1),
  papers: z.array(jobPaperSchema),
  job: jobSchema,
  people: z.array(z.strictObject({ id: z.string(), name: z.string() })),
});
export type JobFile = z.infer<typeof jobFileSchema>;

/** The file's shape as JSON Schema (draft 2020-12), as it is published beside the documents. */
export function jobFileJsonSchema(): object {
  const schema = z.toJSONSchema(jobFileSchema, { io: 'input', unrepresentable: 'any', reused: 'ref' });
  return {
    $id: 'https://lone-heron.invalid/job-1.schema.json',
    title: 'A job of Lone Heron, version 1',
    ...schema,
  };
}
