import { judgedWelds, type Job, type JobWeld, type JudgedWeld } from '@lone-heron/contract';
import { useState } from 'react';
import { useParams } from 'react-router';
import { useJobQuery } from '../../shared/api/jobsApi.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { Loading } from '../../shared/page/Loading.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { criterionWords } from '../../shared/vocabulary/criteria.js';
import { testWords } from '../../shared/vocabulary/testWords.js';
import { openInWords, seamsInWords, stillToWeld, weldInWords } from '../jobWords.js';
import { JobPhotos } from '../photos/JobPhotos.js';
import { WeldMark } from '../WeldMark.js';
import { CheckSheet } from './CheckSheet.js';
import { ChecksDone } from './ChecksDone.js';

/** The welds of a job held against what they must show: what is open, what failed, what was found. */
export function JudgeScreen() {
  const { id = '' } = useParams();
  const { data: job, error, refetch } = unlessShown(useJobQuery(id));
  if (error !== undefined) return <LoadFailed what="the job" error={error} retry={refetch} />;
  if (job === undefined) return <Loading what="the job" />;
  return <Judge key={job.id} job={job} />;
}

function Judge({ job }: { job: Job }) {
  const [open, setOpen] = useState<string | null>(null);
  const judged = judgedWelds(job, shopUnits());
  const opened = job.draft.welds.find(({ mark }) => mark === open);
  const count = (standing: JudgedWeld['standing']) =>
    judged.filter((each) => each.standing === standing).length;
  return (
    <div className="mx-auto flex max-w-5xl flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title={`Judge ${job.draft.name}`} back={{ to: `/jobs/${job.id}`, name: 'the job' }} />
      <p className="text-soft">
        Held against “{job.draft.level.name}” where a weld has no level of its own: {count('accepted')}{' '}
        accepted, {count('open')} open, {count('failed')} failed, {count('notWelded')} not welded.
      </p>
      <ul className="sheet flex flex-col px-4 py-2" aria-label="Welds">
        {job.draft.welds.map((weld) => (
          <JudgedRow
            key={weld.mark}
            weld={weld}
            judged={judged.find(({ mark }) => mark === weld.mark)}
            job={job}
            onOpen={() => setOpen(weld.mark)}
          />
        ))}
      </ul>
      <ChecksDone job={job} />
      {opened !== undefined && <CheckSheet job={job} weld={opened} onClose={() => setOpen(null)} />}
    </div>
  );
}

interface JudgedRowProps {
  job: Job;
  weld: JobWeld;
  judged: JudgedWeld | undefined;
  onOpen: () => void;
}

function JudgedRow({ job, weld, judged, onOpen }: JudgedRowProps) {
  return (
    <li className="flex flex-wrap items-center gap-3 border-t border-base-300 py-1 first:border-0">
      <WeldMark mark={weld.mark} isDone={judged?.standing === 'accepted' && judged.toWeld === 0} />
      <span className="min-w-48 grow">
        {weldInWords(weld)}
        <span className={`block text-sm ${judged?.standing === 'failed' ? 'fault' : 'text-soft'}`}>
          {judged === undefined ? '' : standingOf(judged)}
        </span>
        <JobPhotos job={job} photoIds={photosOf(job, weld)} of={weld.mark} />
      </span>
      {judged?.standing !== 'notWelded' && (
        <button type="button" className="btn touch-always" aria-label={`Check ${weld.mark}`} onClick={onOpen}>
          Check
        </button>
      )}
    </li>
  );
}

/** Photos that were taken while it was welded. */
function photosOf({ runs }: Job, { mark }: JobWeld): readonly string[] {
  return runs.filter((run) => run.mark === mark).flatMap(({ photoIds }) => photoIds);
}

function standingOf(judged: JudgedWeld): string {
  const { leftOut } = judged;
  const out = leftOut.length === 0 ? '' : `; ${seamsInWords(leftOut)} left out`;
  return `${verdictOn(judged)}${out}`;
}

function verdictOn(judged: JudgedWeld): string {
  const { standing, open, verdicts, failed } = judged;
  const tests = open.map((each) => openInWords(each, judged).toLowerCase()).join(', ');
  if (standing === 'notWelded') return 'not welded yet';
  if (standing === 'accepted') return `accepted${stillToWeld(judged)}`;
  if (standing === 'open') return `open: ${tests}${stillToWeld(judged)}`;
  const beyond = verdicts
    .filter(({ verdict }) => verdict === 'notMet')
    .map(({ criterion, asked, found }) => `${criterionWords[criterion]} ${found}, asked ${asked}`);
  const said = failed.map(
    ({ kind, found }) => `${testWords[kind].name.toLowerCase()}${found === '' ? '' : `: ${found}`}`,
  );
  return `failed: ${[...beyond, ...said].join('; ')}. Mend it at the bench, then check it again.`;
}
