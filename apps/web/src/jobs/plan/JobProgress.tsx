import { isSettled, seamsOfJob, seamStandings, weldedTwice, type Job } from '@lone-heron/contract';
import { minutesInWords } from '../jobWords.js';
import { Progress } from '../Progress.js';
import type { ShownPlan } from './useJobPlan.js';

/** How far the job is, what is to do again, what is left by the times it takes. */
export function JobProgress({ job, shown: { plan } }: { job: Job; shown: ShownPlan }) {
  const seams = seamsOfJob(job.draft);
  const standings = [...seamStandings(job.runs).values()];
  const settled = standings.filter(isSettled).length;
  const again = standings.filter((each) => each === 'again').length;
  const twice = weldedTwice(job.runs);
  const lightMin = job.runs.reduce((sum, { lightOnS }) => sum + (lightOnS ?? 0), 0) / 60;
  const left = plan === null || seams === 0 ? null : plan.takes.batch.time.middle * (1 - settled / seams);
  const more = [
    ...(again === 0 ? [] : [`${again} to weld again`]),
    ...(lightMin === 0 ? [] : [`${minutesInWords(lightMin)} of light so far`]),
    ...(left === null || left === 0 ? [] : [`about ${minutesInWords(left)} left`]),
  ];
  return (
    <section className="sheet flex flex-col gap-2 p-4" aria-label="How far it is">
      <Progress settled={settled} seams={seams} more={more.map((each) => ` · ${each}`).join('')} />
      {twice.length > 0 && (
        <p role="alert" className="caution px-3 py-2">
          Welded twice: {twice.map(({ mark, seam }) => `${mark}, seam ${seam}`).join('; ')}. Look which of the
          two stands, and take the other back.
        </p>
      )}
    </section>
  );
}
