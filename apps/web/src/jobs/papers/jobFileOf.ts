import { jobFileSchema, type JobFile } from '@lone-heron/contract';
import {
  materials,
  inspectionRecord,
  noCertificate,
  quote,
  traveller,
  weldMap,
  type PaperContext,
} from './jobPapers.js';

/** A job as JSON, held to its published schema before it leaves. */
export function jobFileOf(context: PaperContext, writtenAt: Date): string {
  const { job, nameOf } = context;
  const ids = new Set([
    job.madeBy,
    ...job.runs.map(({ personId }) => personId),
    ...job.checks.map(({ personId }) => personId),
  ]);
  const file: JobFile = {
    ...{ format: 'lone-heron-job', version: 1, writtenAt: writtenAt.toISOString(), caution: noCertificate },
    papers: [traveller, weldMap, inspectionRecord, materials, quote].map((make) => make(context)),
    job: { ...job, claims: [] },
    people: [...ids].map((id) => ({ id, name: nameOf(id) })),
  };
  return `${JSON.stringify(jobFileSchema.parse(file), null, 2)}\n`;
}
