import { Check, Timer } from 'lucide-react';
import { figure } from '../../shared/figures/figures.js';
import type { useBenchClock } from './useBenchClock.js';

interface BenchKeysProps {
  clock: ReturnType<typeof useBenchClock>;
  /** Whether it is known what was dialled. */
  canEnd: boolean;
  /** Whether the seam was only just shown: a second tap is for the one before. */
  isFresh: boolean;
  /** Whether its numbers cannot be worked out at all. */
  isRefused: boolean;
  onToggle: () => void;
  onDone: () => void;
  onSlip: () => void;
  onSkip: () => void;
}

/** The clock and what came of the seam, each as large as a glove. The clock times; nothing here switches the machine. */
export function BenchKeys({
  clock,
  canEnd,
  isFresh,
  isRefused,
  onToggle,
  onDone,
  onSlip,
  onSkip,
}: BenchKeysProps) {
  return (
    <div className="sticky bottom-0 flex flex-col gap-2 bg-base-200 py-2 max-md:bottom-16">
      <button
        type="button"
        className={`btn h-16 w-full text-2xl ${clock.isRunning ? 'btn-warning' : 'btn-primary'}`}
        onClick={onToggle}
      >
        <Timer className="size-8" aria-hidden="true" />
        {clock.isRunning ? (
          <span className="figure">Stop the clock · {figure(clock.shown, 1)} s</span>
        ) : clock.hasRun ? (
          <span className="figure">Go on timing · {figure(clock.shown, 1)} s</span>
        ) : (
          'Start the clock'
        )}
      </button>
      {isRefused && (
        <p id="bench-refused">
          It has no numbers to be written down with: mend the weld on the job’s page, or leave it out.
        </p>
      )}
      <div className="grid grid-cols-[1fr_1fr_1.5fr] gap-2">
        <button
          type="button"
          className="btn h-16 border-base-300 px-1 text-base leading-tight"
          disabled={!canEnd || isFresh}
          aria-busy={(!canEnd && !isRefused) || isFresh}
          aria-describedby={isRefused ? 'bench-refused' : undefined}
          onClick={onSlip}
        >
          slipped, again
        </button>
        <button
          type="button"
          className="btn h-16 border-base-300 px-1 text-base leading-tight"
          disabled={isFresh}
          aria-busy={isFresh}
          onClick={onSkip}
        >
          leave it out
        </button>
        <button
          type="button"
          className="btn h-16 text-lg btn-success"
          disabled={!canEnd || isFresh}
          aria-busy={(!canEnd && !isRefused) || isFresh}
          aria-describedby={isRefused ? 'bench-refused' : undefined}
          onClick={onDone}
        >
          <Check className="size-6" aria-hidden="true" /> done, next
        </button>
      </div>
    </div>
  );
}
