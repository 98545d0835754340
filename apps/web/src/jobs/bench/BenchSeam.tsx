import {
  seamKey,
  seamsInPiece,
  type HeardLight as HeardLightTaken,
  type Job,
  type JobSeam,
  type Setting,
  type WeldRunDraft,
  meanPowerW,
} from '@lone-heron/contract';
import { useState } from 'react';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { useAsSomebody } from '../../shared/door/useAsSomebody.js';
import { HeardLight } from '../../shared/live/HeardLight.js';
import { useKept } from '../../shared/typing/useKept.js';
import type { JobPlan } from '../plan/planJob.js';
import { SeamPhotos } from '../photos/SeamPhotos.js';
import { BenchKeys } from './BenchKeys.js';
import { BenchNumbers } from './BenchNumbers.js';
import { ChangeFirst } from './ChangeFirst.js';
import { GoReason, type Reason } from './GoReason.js';
import { SeamNotes } from './SeamNotes.js';
import { lastWelded, standingsHere, type GoHere } from './seamNow.js';
import { useBenchClock } from './useBenchClock.js';
import { useIsFresh } from './useIsFresh.js';
import { useSeamGo } from './useSeamGo.js';
import { WhichSeam } from './WhichSeam.js';

interface BenchSeamProps {
  job: Job;
  plan: JobPlan | null;
  seam: JobSeam;
  /** What waits in this browser. */
  here: readonly GoHere[];
  /** Whether it is kept. */
  onWrite: (draft: WeldRunDraft, words: string) => Promise<boolean>;
  /** Somebody else has it. */
  onTaken: () => void;
}

/** One seam: which, what to change first, its numbers, the clock, and what came of it. */
export function BenchSeam({ job, plan, seam, here, onWrite, onTaken }: BenchSeamProps) {
  const sheet = `seam ${seamKey(seam)} of job ${job.id}`;
  const clock = useBenchClock(sheet);
  const [dialled, setDialled] = useKept<Setting | null>(sheet, 'dialled', () => null);
  const [photoIds, setPhotoIds] = useKept<readonly string[]>(sheet, 'photoIds', () => []);
  const [heard, setHeard] = useKept<HeardLightTaken | null>(sheet, 'heard', () => null);
  const [reason, setReason] = useState<Reason | null>(null);
  const { data: machines = [] } = useMachinesQuery(undefined);
  const asSomebody = useAsSomebody();
  const goes = here.filter((go) => seamKey(go) === seamKey(seam)).length;
  // A slip leaves the same seam, with another go before it.
  const isFresh = useIsFresh(`${seamKey(seam)} ${goes}`);
  const weld = job.draft.welds.find(({ mark }) => mark === seam.mark);
  const planned = plan?.welds.find(({ mark }) => mark === seam.mark) ?? null;
  const isRepair = standingsHere(job, here).get(seamKey(seam)) === 'welded';
  const refusal = plan?.refusals.find(({ mark }) => mark === seam.mark)?.refusal ?? null;
  const { take, end, endedBefore } = useSeamGo({
    ...{ job, seam, planned, dialled, clock, heard },
    ...{ isRepair, photoIds, onWrite, onTaken },
  });
  if (weld === undefined) return null;
  return (
    <>
      <ChangeFirst plan={plan} weld={weld} last={lastWelded(job, here)} job={job} />
      <WhichSeam
        weld={weld}
        seam={seam}
        total={seamsInPiece(weld, job.draft.parts) * job.draft.quantity}
        isRepair={isRepair}
        job={job}
      />
      <BenchNumbers
        weld={weld}
        planned={planned}
        machine={machines.find(({ id }) => id === job.draft.machineId)}
        dialled={dialled}
        onDial={setDialled}
        refusal={refusal}
      />
      <SeamNotes weld={weld} travelMmS={planned?.travelMmS ?? null} job={job} />
      <SeamPhotos job={job} of={weld.mark} photoIds={photoIds} onChange={setPhotoIds} />
      <GoLight
        {...{ job, clock, heard }}
        setting={dialled ?? planned?.content.setting ?? null}
        since={endedBefore}
        onHear={setHeard}
      />
      <BenchKeys
        clock={clock}
        canEnd={planned !== null}
        isFresh={isFresh}
        isRefused={refusal !== null}
        onToggle={() =>
          asSomebody(() => {
            if (!clock.isRunning) void take();
            clock.toggle();
          })
        }
        onDone={() => (isRepair ? setReason('repair') : end('welded', ''))}
        onSlip={() => end('slipped', isRepair ? 'a repair that slipped' : '')}
        onSkip={() => setReason('skip')}
      />
      {reason !== null && (
        <GoReason
          {...{ sheet, reason, mark: seam.mark, onClose: () => setReason(null) }}
          onSay={(words) => {
            setReason(null);
            end(reason === 'skip' ? 'skipped' : 'welded', words);
          }}
        />
      )}
    </>
  );
}

interface GoLightProps {
  job: Job;
  clock: ReturnType<typeof useBenchClock>;
  heard: HeardLightTaken | null;
  setting: Setting | null;
  since: number;
  onHear: (heard: HeardLightTaken | null) => void;
}

/** The machine’s own word on the light of this go, where it is listened to. */
function GoLight({ job, clock, heard, setting, since, onHear }: GoLightProps) {
  const { machineId } = job.draft;
  const isOpen = !clock.isRunning;
  const dialledW = setting === null ? null : meanPowerW(setting);
  return <HeardLight {...{ machineId, heard, dialledW, since, isOpen, onHear }} />;
}
