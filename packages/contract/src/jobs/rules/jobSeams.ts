import type { JobDraft, JobPart } from '../job.js';
import type { JobWeld } from '../jobWeld.js';
import type { WeldRun } from '../weldRun.js';

type Counted = Pick<JobDraft, 'parts' | 'welds' | 'quantity' | 'rhythm'>;

/** Seams alike of one weld in one piece of the job. */
export function seamsInPiece(weld: Pick<JobWeld, 'part' | 'count'>, parts: readonly JobPart[]): number {
  return weld.count * timesInPiece(weld.part, parts);
}

/** How many of a part one piece holds. */
function timesInPiece(key: string | null, parts: readonly JobPart[]): number {
  const part = parts.find((each) => each.key === key);
  return part === undefined ? 1 : part.count * timesInPiece(part.into, parts);
}

/** One seam of the batch. */
export interface JobSeam {
  readonly mark: string;
  /** Which of the batch's seams of that mark, from 1. */
  readonly seam: number;
  /** Which piece of the batch, from 1. */
  readonly piece: number;
}

/**
 * The seams of a batch in the order they are welded: piece by piece in the order of the welds, or each weld through all pieces.
 *
 * @param order marks of all welds
 */
export function seamsInOrder(job: Counted, order: readonly string[]): readonly JobSeam[] {
  const welds = order.flatMap((mark) => job.welds.filter((each) => each.mark === mark));
  const of = (weld: JobWeld, piece: number): JobSeam[] => {
    const each = seamsInPiece(weld, job.parts);
    const { mark } = weld;
    return Array.from({ length: each }, (_, i) => ({ mark, piece, seam: (piece - 1) * each + i + 1 }));
  };
  const pieces = Array.from({ length: job.quantity }, (_, i) => i + 1);
  return job.rhythm === 'pieceByPiece'
    ? pieces.flatMap((piece) => welds.flatMap((weld) => of(weld, piece)))
    : welds.flatMap((weld) => pieces.flatMap((piece) => of(weld, piece)));
}

/** Seams of the whole batch. */
export function seamsOfJob(job: Pick<Counted, 'parts' | 'welds' | 'quantity'>): number {
  return job.welds.reduce((sum, weld) => sum + seamsInPiece(weld, job.parts) * job.quantity, 0);
}

/** How a seam stands: by the newest go at it that counts; a slip leaves it to do again. */
export type SeamStanding = 'open' | 'again' | 'welded' | 'skipped';

/** Whether nothing is left to do at a seam: it is welded, or was left out with a reason. */
export function isSettled(standing: SeamStanding | undefined): boolean {
  return standing === 'welded' || standing === 'skipped';
}

/** The name of a seam among its job's. */
export function seamKey({ mark, seam }: Pick<JobSeam, 'mark' | 'seam'>): string {
  return `${mark} ${seam}`;
}

/** How each seam stands that was touched, by its key. */
export function seamStandings(runs: readonly WeldRun[]): ReadonlyMap<string, SeamStanding> {
  const standings = new Map<string, SeamStanding>();
  for (const run of counted(runs)) {
    const before = standings.get(seamKey(run));
    // A repair that slips leaves a seam that is to be mended again; a seam once welded is not undone by a later skip.
    if (run.outcome === 'skipped' && before === 'welded') continue;
    standings.set(seamKey(run), run.outcome === 'slipped' ? 'again' : run.outcome);
  }
  return standings;
}

/** Goes that count, oldest first. */
function counted(runs: readonly WeldRun[]): readonly WeldRun[] {
  return runs
    .filter(({ withdrawnAt }) => withdrawnAt === null)
    .toSorted((one, other) => one.weldedAt.localeCompare(other.weldedAt) || one.id.localeCompare(other.id));
}

/** Seams of a job that were welded twice and not to mend them: two people, or one who forgot. */
export function weldedTwice(runs: readonly WeldRun[]): readonly WeldRun[] {
  const first = new Set<string>();
  return counted(runs).filter((run) => {
    if (run.outcome !== 'welded' || run.isRepair) return false;
    if (first.has(seamKey(run))) return true;
    first.add(seamKey(run));
    return false;
  });
}
