import type { Job, WeldCheck } from '@lone-heron/contract';
import { usePeopleQuery } from '../../shared/api/heronApi.js';
import { useSetCheckWithdrawnMutation } from '../../shared/api/weldChecksApi.js';
import { useAsSomebody } from '../../shared/door/useAsSomebody.js';
import { shownMoment } from '../../shared/figures/moments.js';
import { sayFailed, sayUndoable } from '../../shared/save/sayUndoable.js';
import { checkInWords } from '../checkInWords.js';
import { JobPhotos } from '../photos/JobPhotos.js';
import { useNow } from '../../shared/clock/useNow.js';

/** Every check of a job, newest first; one that was wrong is taken back. */
export function ChecksDone({ job }: { job: Job }) {
  const { data: people = [] } = usePeopleQuery(undefined);
  const now = useNow();
  const asSomebody = useAsSomebody();
  const [setWithdrawn] = useSetCheckWithdrawnMutation();
  const takeBack = async ({ id, mark }: WeldCheck) => {
    const { error } = await setWithdrawn({ id, isWithdrawn: true });
    if (error !== undefined) sayFailed(error, 'It still stands.');
    else
      sayUndoable(`The check of ${mark} was taken back.`, {
        undo: () => setWithdrawn({ id, isWithdrawn: false }),
      });
  };
  if (job.checks.length === 0) return null;
  return (
    <section className="sheet flex flex-col px-4 py-2" aria-label="What was checked">
      <h2 className="py-1 font-semibold">What was checked</h2>
      <ul>
        {job.checks.toReversed().map((check) => (
          <li key={check.id} className="flex flex-wrap items-center gap-x-3 border-t border-base-300 py-1">
            <strong className="figure">{check.mark}</strong>
            <span className="grow">
              {checkInWords(check)}
              <JobPhotos job={job} photoIds={check.photoIds} of={check.mark} />
            </span>
            <span className="text-soft">
              {people.find(({ id }) => id === check.personId)?.name ?? check.personId},{' '}
              {shownMoment(check.doneAt, now)}
            </span>
            <button
              type="button"
              className="btn touch-always btn-ghost"
              aria-label={`Take the check of ${check.mark} back`}
              onClick={() => asSomebody(() => void takeBack(check))}
            >
              Take back
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
