import type { Job } from '@lone-heron/contract';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { useJobQuery } from '../../shared/api/jobsApi.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { Failure } from '../../shared/form/Failure.js';
import { SaveButton, signInFirst } from '../../shared/form/SaveButton.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { Loading } from '../../shared/page/Loading.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { useKept } from '../../shared/typing/useKept.js';
import { useSaveJob } from '../useSaveJob.js';
import { readHead, typedHead, withLevel } from './headFields.js';
import { HeadFields } from './HeadFields.js';

/** What a job is, changed: its name, customer, day, number, machine and level. */
export function ChangeHead() {
  const { id = '' } = useParams();
  const { data: job, error, refetch } = unlessShown(useJobQuery(id));
  if (error !== undefined) return <LoadFailed what="the job" error={error} retry={refetch} />;
  if (job === undefined) return <Loading what="the job" />;
  return <Head key={job.id} job={job} />;
}

function Head({ job }: { job: Job }) {
  const sheet = `head of job ${job.id}`;
  const navigate = useNavigate();
  const person = usePersonAtDesk();
  const { data: machines = [] } = useMachinesQuery(undefined);
  const house = houseContent(useHouseQuery(undefined).data);
  const { save, isSaving, error } = useSaveJob(job);
  const [basis] = useState(job.revision);
  const [typed, setTyped] = useKept(sheet, 'head', () => typedHead(job.draft));
  const levels = withLevel(house.acceptance, job.draft.level);
  const head = readHead(typed, levels);
  const own = machines.filter(({ id, retiredAt }) => id === job.draft.machineId || retiredAt === undefined);
  const store = async () => {
    if (head === null || !(await save({ ...job.draft, ...head, why: '' }, 'The job is changed.', basis)))
      return;
    forgetTyping(sheet);
    void navigate(`/jobs/${job.id}`);
  };
  return (
    <form
      className="mx-auto flex max-w-3xl flex-col gap-3 px-4 py-3 sm:px-6"
      onSubmit={(event) => {
        event.preventDefault();
        void store();
      }}
    >
      <PageHeader title={`Change ${job.draft.name}`} back={{ to: `/jobs/${job.id}`, name: 'the job' }} />
      <KeptNote sheet={sheet} />
      <div className="sheet flex flex-col gap-4 p-4">
        <HeadFields typed={typed} machines={own} levels={levels} onType={setTyped} />
        <WhoDidIt label="Changed by" />
        <Failure error={error} />
        <SaveButton
          name="Save the job"
          waitsFor={person === null ? signInFirst : head === null ? 'It needs a name and how many.' : null}
          isSaving={isSaving}
        />
      </div>
    </form>
  );
}
