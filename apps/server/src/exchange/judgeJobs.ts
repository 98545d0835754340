import type { ExchangedJob, Job, JobDraft, Machine } from '@lone-heron/contract';
import { isDeepStrictEqual } from 'node:util';
import { judged, type JudgedPart } from './JudgedPart.js';
import type { ReadPart } from './readExchange.js';

/** The next revision of a job, or the first of a new one. */
export interface JobToStore extends ExchangedJob {
  readonly revision: number;
}

/** What jobs of a file are held against. */
interface KnownToJobs {
  readonly jobs: readonly Pick<Job, 'id' | 'number' | 'revision' | 'draft'>[];
  readonly machineOf: (id: string) => Machine | null;
  /** Ids that somebody chose to take where they clash: theirs becomes our job's next revision. */
  readonly taken: ReadonlySet<string>;
}

/** Holds jobs of a file against the shop's, by their plans; pictures stay where they are. */
export function judgeJobs(
  parts: readonly ReadPart<ExchangedJob>[],
  { jobs, machineOf, taken }: KnownToJobs,
): readonly JudgedPart<JobToStore>[] {
  const seen = new Set<string>();
  return parts.map(({ row, record, reasons }) => {
    const part = { of: 'job', row, id: record?.id ?? '', words: record?.draft.name ?? '' } as const;
    if (record === null) return judged(part, 'wrong', reasons);
    if (seen.has(record.id)) return judged(part, 'wrong', ['stands twice in this file']);
    seen.add(record.id);
    const { id, draft } = record;
    if (machineOf(draft.machineId) === null)
      return judged(part, 'wrong', [`its machine “${draft.machineId}” is neither here nor in this file`]);
    const elsewhere = (draft.works ?? []).find((work) => machineOf(work.machineId) === null);
    if (elsewhere !== undefined)
      return judged(part, 'wrong', [
        `“${elsewhere.name}” is done on “${elsewhere.machineId}”, a machine that is neither here nor in this file`,
      ]);
    const mine = jobs.find((job) => job.id === id);
    if (mine === undefined)
      return judged(part, 'new', [], { id, draft: withoutPictures(draft), revision: 1 });
    const same = isDeepStrictEqual(withoutPictures(mine.draft), withoutPictures(draft));
    if (same) return judged(part, 'here', [`is job ${mine.number}, revision ${mine.revision}`]);
    const next = { id, draft: withPicturesOf(mine.draft, draft), revision: mine.revision + 1 };
    return judged(
      part,
      'conflict',
      [`ours says something else; taken, theirs becomes revision ${next.revision} of job ${mine.number}`],
      taken.has(id) ? next : null,
    );
  });
}

/** A plan as it travels. */
export function withoutPictures(draft: JobDraft): JobDraft {
  return { ...draft, pictures: [], welds: draft.welds.map((weld) => ({ ...weld, place: null })) };
}

/** Their plan on our pictures, each weld where ours of that mark lies. */
function withPicturesOf(ours: JobDraft, theirs: JobDraft): JobDraft {
  return {
    ...theirs,
    pictures: ours.pictures,
    welds: theirs.welds.map((weld) => ({
      ...weld,
      place: ours.welds.find(({ mark }) => mark === weld.mark)?.place ?? null,
    })),
  };
}
