import type { Job, JobSeam, JobWeld } from '@lone-heron/contract';
import { usePeopleQuery } from '../../shared/api/heronApi.js';
import { spokenLength } from '../../shared/figures/spoken.js';
import { jointInWords } from '../../shared/sentences/settingInWords.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { MarkedPicture } from '../MarkedPicture.js';
import { weldedMarks } from '../weldedMarks.js';
import { WeldMark } from '../WeldMark.js';

interface WhichSeamProps {
  weld: JobWeld;
  seam: JobSeam;
  /** Seams of that mark in the batch. */
  total: number;
  isRepair: boolean;
  job: Job;
}

/** Which seam this is: mark, joint, length, where, how the part lies. */
export function WhichSeam({ weld, seam, total, isRepair, job }: WhichSeamProps) {
  const person = usePersonAtDesk();
  const { data: people = [] } = usePeopleQuery(undefined);
  const claim = job.claims.find(
    (each) => each.mark === seam.mark && each.seam === seam.seam && each.personId !== person?.id,
  );
  return (
    <section className="flex flex-col gap-1" aria-label="Which seam">
      <div className="flex items-start gap-3">
        <div className="flex min-w-0 grow flex-col gap-1">
          <h2 className="flex flex-wrap items-center gap-x-3 text-2xl font-semibold">
            <WeldMark mark={weld.mark} isDone={false} />
            <span className="figure whitespace-nowrap">{spokenLength(weld.lengthMm)}</span>
            {total > 1 && (
              <span className="text-lg font-normal text-soft">
                {seam.seam} of {total}
                {job.draft.quantity > 1 && `, piece ${seam.piece}`}
              </span>
            )}
          </h2>
          <p className="text-lg">{jointInWords(weld.joint)}</p>
          {[weld.where, weld.pose].some((each) => each !== '') && (
            <p className="text-lg">{[weld.where, weld.pose].filter((each) => each !== '').join(' · ')}</p>
          )}
        </div>
        {weld.place !== null && (
          <div className="w-40 shrink-0 sm:w-64">
            <MarkedPicture
              isSmall
              jobId={job.id}
              job={job.draft}
              photoId={weld.place.photoId}
              mark={weld.mark}
              done={weldedMarks(job)}
            />
          </div>
        )}
      </div>
      {isRepair && <p className="caution px-3 py-1">It was welded before: this go is a repair.</p>}
      {claim !== undefined && (
        <p role="alert" className="caution px-3 py-1">
          {people.find(({ id }) => id === claim.personId)?.name ?? 'Somebody else'} has this one in hand.
        </p>
      )}
    </section>
  );
}
