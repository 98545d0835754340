import type { Job, JobSeam } from '@lone-heron/contract';
import { ArrowLeft, ChevronLeft, ChevronRight, type LucideIcon } from 'lucide-react';
import { Link } from 'react-router';
import type { BenchPlace } from './seamNow.js';

interface BenchHeadProps {
  job: Job;
  place: BenchPlace;
  onGo: (seam: JobSeam) => void;
}

/** Which job, how far, and the way to the seam before and the one after. */
export function BenchHead({ job, place: { seams, at, settled }, onGo }: BenchHeadProps) {
  const go = (to: number) => {
    const seam = seams[to];
    if (seam !== undefined) onGo(seam);
  };
  return (
    <header className="flex items-center gap-2">
      <Link
        to={`/jobs/${job.id}`}
        className="btn touch-always btn-square btn-ghost"
        aria-label="Back to the job"
      >
        <ArrowLeft className="size-6" aria-hidden="true" />
      </Link>
      <h1 className="min-w-0 grow text-lg leading-tight font-semibold">
        {job.draft.name}
        <span className="block text-base font-normal text-soft">
          <span className="figure">{settled}</span> of <span className="figure">{seams.length}</span> settled
        </span>
      </h1>
      {at > 0 && <StepKey name="The seam before" icon={ChevronLeft} onPress={() => go(at - 1)} />}
      {at !== -1 && at < seams.length - 1 && (
        <StepKey name="The seam after" icon={ChevronRight} onPress={() => go(at + 1)} />
      )}
    </header>
  );
}

function StepKey({ name, icon: Icon, onPress }: { name: string; icon: LucideIcon; onPress: () => void }) {
  return (
    <button type="button" className="btn touch-always btn-square" aria-label={name} onClick={onPress}>
      <Icon className="size-6" aria-hidden="true" />
    </button>
  );
}
