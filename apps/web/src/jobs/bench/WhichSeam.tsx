import type { Job, JobSeam, JobWeld } from '@lone-heron/contract';
import { usePeopleQuery, useWindowsQuery } from '../../shared/api/heronApi.js';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { spokenLength } from '../../shared/figures/spoken.js';
import { jointInWords } from '../../shared/sentences/settingInWords.js';
import { testWords } from '../../shared/vocabulary/testWords.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { MarkedPicture } from '../MarkedPicture.js';
import { weldedMarks } from '../weldedMarks.js';
import { rollWords, tackWords } from '../roundAndTacks.js';
import { WeldMark } from '../WeldMark.js';

interface WhichSeamProps {
  weld: JobWeld;
  seam: JobSeam;
  /** Seams of that mark in the batch. */
  total: number;
  isRepair: boolean;
  /** By what is dialled; null while it is not known. */
  travelMmS: number | null;
  job: Job;
}

/** Which seam this is: mark, joint, length, where, how the part lies, what is asked before and after. */
export function WhichSeam({ weld, seam, total, isRepair, travelMmS, job }: WhichSeamProps) {
  const person = usePersonAtDesk();
  const { data: people = [] } = usePeopleQuery(undefined);
  const claim = job.claims.find(
    (each) => each.mark === seam.mark && each.seam === seam.seam && each.personId !== person?.id,
  );
  const house = houseContent(useHouseQuery(undefined).data);
  const asked = [
    weld.preparation,
    tackWords(weld, house) ?? '',
    travelMmS === null ? '' : (rollWords(weld, travelMmS) ?? ''),
    weld.mostGapMm === null ? '' : `gap at most ${spokenLength(weld.mostGapMm)}`,
    weld.mostMisalignmentMm === null ? '' : `misalignment at most ${spokenLength(weld.mostMisalignmentMm)}`,
    weld.closing === null ? '' : `take the end ${spokenLength(weld.closing.lapMm)} past the start`,
    weld.tests.length === 0
      ? ''
      : `then ${weld.tests.map((kind) => testWords[kind].name.toLowerCase()).join(', ')}`,
  ].filter((each) => each !== '');
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
              job={job.draft}
              photoId={weld.place.photoId}
              mark={weld.mark}
              done={weldedMarks(job)}
            />
          </div>
        )}
      </div>
      {asked.length > 0 && <p className="text-soft">{asked.join(' · ')}</p>}
      {weld.notes !== '' && <p className="text-lg">{weld.notes}</p>}
      <NewGlass job={job} />
      {isRepair && <p className="caution px-3 py-1">It was welded before: this go is a repair.</p>}
      {claim !== undefined && (
        <p role="alert" className="caution px-3 py-1">
          {people.find(({ id }) => id === claim.personId)?.name ?? 'Somebody else'} has this one in hand.
        </p>
      )}
    </section>
  );
}

/** The window was changed since the job's last go: the same numbers can weld otherwise through new glass. */
function NewGlass({ job }: { job: Job }) {
  const { data: windows } = useWindowsQuery(undefined);
  const fitted = windows?.find(({ machineId }) => machineId === job.draft.machineId);
  const last = job.runs.findLast(({ windowId }) => windowId !== null);
  if (fitted === undefined || last === undefined || last.windowId === fitted.id) return null;
  return (
    <p className="caution px-3 py-1">
      Window {fitted.number} is in since {last.mark} was welded: look at the first seam through it.
    </p>
  );
}
