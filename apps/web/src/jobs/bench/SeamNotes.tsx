import type { Job, JobWeld } from '@lone-heron/contract';
import { useWindowsQuery } from '../../shared/api/windowsApi.js';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { spokenLength } from '../../shared/figures/spoken.js';
import { testWords } from '../../shared/vocabulary/testWords.js';
import { rollWords, tackWords } from '../roundAndTacks.js';

interface SeamNotesProps {
  weld: JobWeld;
  /** By what is dialled; null while it is not known. */
  travelMmS: number | null;
  job: Job;
}

/** What is asked before and after a seam, what the hand should know, and whether the glass is another since. */
export function SeamNotes({ weld, travelMmS, job }: SeamNotesProps) {
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
    <>
      {asked.length > 0 && <p className="text-soft">{asked.join(' · ')}</p>}
      {weld.notes !== '' && <p className="text-lg">{weld.notes}</p>}
      <NewGlass job={job} />
    </>
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
