import type { Day, DayEntry, DayEntryDraft, Step } from '../readiness.js';

/** Where one step stands. */
export type StepStanding = 'todo' | 'done' | 'skipped' | 'unmet';

/** Where a day stands. */
export interface DayProgress {
  /** Starting up, open for work, shutting down, or closed. */
  readonly phase: 'startUp' | 'open' | 'shutDown' | 'closed';
  /** Of the phase under way; of the start-up while the day is open. */
  readonly settled: number;
  readonly total: number;
  /** The step to do now; null where none is left in the phase. */
  readonly next: Step | null;
  /** The step that holds the sequence because it is not met; null where none does. */
  readonly stoppedBy: Step | null;
  readonly standings: Readonly<Record<string, StepStanding>>;
  /** The newest entry of each step that has one that counts. */
  readonly entryOf: Readonly<Record<string, DayEntry>>;
}

/**
 * Where a day stands by its entries, the newest of a step counting. A step that is not met holds the sequence where it
 * is one that stops; one that warns or informs lets it go on.
 *
 * @param day its steps and entries, oldest entry first
 */
export function dayProgress(day: Pick<Day, 'startUp' | 'shutDown' | 'entries'>): DayProgress {
  const entryOf = newestEntries(day.entries);
  const standings = Object.fromEntries(
    [...day.startUp, ...day.shutDown].map((step) => [step.id, standingOf(entryOf[step.id])]),
  );
  const isSettled = (step: Step) => settles(step, standings[step.id] ?? 'todo');
  const isStarted = day.startUp.every(isSettled);
  const isShutting = day.shutDown.some(({ id }) => standings[id] !== 'todo');
  const isClosed = day.shutDown.every(isSettled);
  const phase = isClosed ? 'closed' : isShutting ? 'shutDown' : isStarted ? 'open' : 'startUp';
  const steps = phase === 'shutDown' || phase === 'closed' ? day.shutDown : day.startUp;
  const next = steps.find((step) => !isSettled(step)) ?? null;
  const isStopped = next !== null && standings[next.id] === 'unmet';
  return {
    phase,
    settled: steps.filter(isSettled).length,
    total: steps.length,
    next,
    stoppedBy: isStopped ? next : null,
    standings,
    entryOf,
  };
}

/**
 * Why an entry cannot be made as the day stands: a step that is not of this day, one whose turn has not come, one that
 * stops and may not be left out, or one that later steps already rest on. Null where it can.
 */
export function entryRefusal(
  day: Pick<Day, 'startUp' | 'shutDown' | 'entries'>,
  draft: DayEntryDraft,
): string | null {
  const phase = [day.startUp, day.shutDown].find((steps) => steps.some(({ id }) => id === draft.stepId));
  const step = phase?.find(({ id }) => id === draft.stepId);
  if (phase === undefined || step === undefined) return `There is no step ${draft.stepId} in this day.`;
  const reads = draft.outcome === 'done' ? step.reads : 'none';
  if (draft.reading.reads !== reads) return `“${step.title}” reads ${reads}, not ${draft.reading.reads}.`;
  const { standings } = dayProgress(day);
  const standing = (each: Step) => standings[each.id] ?? 'todo';
  const place = phase.indexOf(step);
  const blocking = phase.slice(0, place).find((earlier) => !settles(earlier, standing(earlier)));
  if (blocking !== undefined) {
    return standing(blocking) === 'unmet'
      ? `“${blocking.title}” is not met and stops the sequence: do it again first.`
      : `“${blocking.title}” comes first.`;
  }
  if (draft.outcome === 'skipped' && step.weight === 'stop') {
    return `“${step.title}” stops the sequence until it is met: it cannot be left out.`;
  }
  const later = phase.slice(place + 1).some((each) => standing(each) !== 'todo');
  if (draft.outcome === 'undone' && later) return 'Later steps rest on it: take those back first.';
  if (draft.outcome === 'undone' && standing(step) === 'todo') return `“${step.title}” has not been done.`;
  return null;
}

function settles(step: Step, standing: StepStanding): boolean {
  return standing === 'done' || standing === 'skipped' || (standing === 'unmet' && step.weight !== 'stop');
}

function standingOf(entry: DayEntry | undefined): StepStanding {
  if (entry === undefined) return 'todo';
  if (entry.outcome === 'skipped') return 'skipped';
  return entry.isMet ? 'done' : 'unmet';
}

function newestEntries(entries: readonly DayEntry[]): Record<string, DayEntry> {
  const newest: Record<string, DayEntry> = {};
  for (const entry of entries) newest[entry.stepId] = entry;
  return Object.fromEntries(Object.entries(newest).filter(([, { outcome }]) => outcome !== 'undone'));
}
