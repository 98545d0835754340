import type { HeardLight, Job, JobSeam, Setting, WeldRunDraft } from '@lone-heron/contract';
import { useClaimSeamMutation } from '../../shared/api/weldRunsApi.js';
import { shopNow } from '../../shared/clock/shopClock.js';
import { useAsSomebody } from '../../shared/door/useAsSomebody.js';
import { sayFailed } from '../../shared/save/sayUndoable.js';
import { useKept } from '../../shared/typing/useKept.js';
import type { PlannedWeld } from '../plan/planJob.js';
import type { useBenchClock } from './useBenchClock.js';

interface SeamGo {
  readonly job: Job;
  readonly seam: JobSeam;
  readonly planned: PlannedWeld | null;
  /** What somebody dialled instead; null for what is planned. */
  readonly dialled: Setting | null;
  readonly clock: ReturnType<typeof useBenchClock>;
  /** What the machine said of its light; null where nothing of it is taken. */
  readonly heard: HeardLight | null;
  readonly isRepair: boolean;
  readonly photoIds: readonly string[];
  /** Whether it is kept. */
  readonly onWrite: (draft: WeldRunDraft, words: string) => Promise<boolean>;
  readonly onTaken: () => void;
}

/** After so long nobody stood at the seam all the time, s. */
const longestHands = 1800;

/** A go at a seam: taken in hand when the clock starts, written down with what came of it. */
export function useSeamGo({
  job,
  seam,
  planned,
  dialled,
  clock,
  heard,
  isRepair,
  photoIds,
  onWrite,
  onTaken,
}: SeamGo) {
  const [lastEnd, setLastEnd] = useKept(`bench of job ${job.id}`, 'lastEnd', () => 0);
  /** By the shop’s clock: light that was heard before it is another go’s. */
  const [endedBefore, setEndedBefore] = useKept(`bench of job ${job.id}`, 'endedBefore', () => 0);
  const [claim] = useClaimSeamMutation();
  const asSomebody = useAsSomebody();
  const take = async () => {
    const answer = await claim({ id: job.id, ...seam, isTaken: true });
    // Without the server nobody can say who has it: it is welded, and looked at later.
    if ((answer.error as { status?: unknown } | undefined)?.status !== 409) return;
    clock.reset();
    sayFailed(answer.error);
    onTaken();
  };
  const end = (outcome: WeldRunDraft['outcome'], remark: string) =>
    asSomebody(() => {
      const at = Date.now();
      const hands = lastEnd === 0 ? null : (at - lastEnd) / 1000;
      const isSkipped = outcome === 'skipped';
      const draft: WeldRunDraft = {
        ...{
          jobId: job.id,
          machineId: job.draft.machineId,
          mark: seam.mark,
          seam: seam.seam,
          outcome,
          isRepair,
        },
        lightOnS: isSkipped ? null : lightOnOf(clock, heard),
        ...(isSkipped || heard === null ? {} : { heard }),
        handsS: isSkipped || hands === null || hands > longestHands ? null : Math.round(hands),
        dialled: isSkipped ? null : (dialled ?? planned?.content.setting ?? null),
        ...{ isOtherwise: dialled !== null, gunAngleDeg: planned?.content.gunAngleDeg ?? 45 },
        card:
          planned?.card == null || planned.standing !== 'proven'
            ? null
            : { cardId: planned.card.id, version: planned.card.version },
        ...{ photoIds: [...photoIds], remark, weldedAt: shopNow().toISOString() },
      };
      void write(draft, at);
    });
  // The clock is emptied once the go is kept: where the browser has no room left, its seconds stay.
  const write = async (draft: WeldRunDraft, at: number) => {
    const words = `${seam.mark}, seam ${seam.seam}: ${outcomeWords[draft.outcome]}.`;
    if (!(await onWrite(draft, words))) return;
    setLastEnd(at);
    setEndedBefore(shopNow().getTime());
    clock.reset();
  };
  return { take, end, endedBefore };
}

/** The machine’s own seconds before those of a finger on a clock. */
function lightOnOf(clock: SeamGo['clock'], heard: HeardLight | null): number | null {
  if (heard !== null) return heard.litS;
  return clock.hasRun ? clock.secondsNow() : null;
}

const outcomeWords = { welded: 'welded', slipped: 'slipped, to do again', skipped: 'left out' } as const;
