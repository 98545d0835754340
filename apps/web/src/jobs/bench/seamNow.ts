import {
  isSettled,
  seamKey,
  seamsInOrder,
  seamStandings,
  type Job,
  type JobSeam,
  type SeamStanding,
  type WeldRunDraft,
} from '@lone-heron/contract';

/** A go that this browser knows of and the server may not yet. */
export type GoHere = Pick<WeldRunDraft, 'mark' | 'seam' | 'outcome'>;

/** How every seam stands, with what waits in this browser counted as done. */
export function standingsHere(job: Job, here: readonly GoHere[]): ReadonlyMap<string, SeamStanding> {
  const standings = new Map(seamStandings(job.runs));
  for (const go of here) {
    const before = standings.get(seamKey(go));
    if (go.outcome === 'skipped' && before === 'welded') continue;
    standings.set(seamKey(go), go.outcome === 'slipped' ? 'again' : go.outcome);
  }
  return standings;
}

/** Mark of what was welded last on the job's machine, in order or not; null before the first. What is on the gun is by it. */
export function lastWelded({ draft, runs }: Job, here: readonly GoHere[]): string | null {
  const isKnown = (go: GoHere) =>
    runs.some((run) => seamKey(run) === seamKey(go) && run.outcome === go.outcome);
  const waiting = here.filter((go) => go.outcome !== 'skipped' && !isKnown(go));
  const welded = runs.filter(
    ({ outcome, machineId }) => outcome !== 'skipped' && machineId === draft.machineId,
  );
  return (waiting.at(-1) ?? welded.at(-1))?.mark ?? null;
}

/** Where the bench stands. */
export interface BenchPlace {
  readonly seams: readonly JobSeam[];
  /** The seam to weld; null once none is left for this person. */
  readonly now: JobSeam | null;
  /** Its place among the seams, from 0. */
  readonly at: number;
  readonly settled: number;
  /** Seams that are left, and in somebody else's hands. */
  readonly elsewhere: number;
}

interface BenchContext {
  readonly order: readonly string[];
  readonly here: readonly GoHere[];
  /** Who stands here; null while nobody is signed in. */
  readonly personId: string | null;
  /** A seam somebody went to by hand; null for the next in order. */
  readonly wanted: JobSeam | null;
}

/** The seam that is next: the one that was asked for, else the first in order that is open and in nobody else's hand. */
export function benchPlace(job: Job, { order, here, personId, wanted }: BenchContext): BenchPlace {
  const seams = seamsInOrder(job.draft, order);
  const standings = standingsHere(job, here);
  const isElsewhere = ({ mark, seam }: JobSeam) =>
    job.claims.some((claim) => claim.mark === mark && claim.seam === seam && claim.personId !== personId);
  const left = seams.filter((seam) => !isSettled(standings.get(seamKey(seam))));
  const asked = wanted === null ? undefined : seams.find((each) => seamKey(each) === seamKey(wanted));
  const now = asked ?? left.find((seam) => !isElsewhere(seam)) ?? null;
  return {
    ...{ seams, now, at: now === null ? -1 : seams.indexOf(now) },
    settled: seams.length - left.length,
    elsewhere: left.filter(isElsewhere).length,
  };
}
