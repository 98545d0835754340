import type { Job } from '@lone-heron/contract';
import { Redo2, Undo2 } from 'lucide-react';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
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
import { useSaveJob } from '../useSaveJob.js';
import { LinesBox } from './LinesBox.js';
import { PartsBox } from './PartsBox.js';
import { useEditedWelds } from './useEditedWelds.js';
import { WeldRow } from './WeldRow.js';
import { WeldSheet } from './WeldSheet.js';
import { changed, copied, filledDown, moved, without, withWelds } from './weldEdits.js';

/** The welds of a job: typed or pasted as lines, edited row by row, with undo; nothing is stored before it is saved. */
export function WeldsScreen() {
  const { id = '' } = useParams();
  const { data: job, error, refetch } = unlessShown(useJobQuery(id));
  if (error !== undefined) return <LoadFailed what="the job" error={error} retry={refetch} />;
  if (job === undefined) return <Loading what="the job" />;
  return <Welds key={job.id} job={job} />;
}

function Welds({ job }: { job: Job }) {
  const sheet = `welds of job ${job.id}`;
  const navigate = useNavigate();
  const person = usePersonAtDesk();
  const { data: machines = [] } = useMachinesQuery(undefined);
  const [open, setOpen] = useState<string | null>(null);
  const { edited, basis, edit, undo, redo, isChanged } = useEditedWelds(sheet, job);
  const { save, isSaving, error } = useSaveJob(job);
  const store = async () => {
    const said = `The job has ${edited.welds.length} welds.`;
    if (!(await save({ ...job.draft, ...edited, why: '' }, said, basis))) return;
    forgetTyping(sheet);
    void navigate(`/jobs/${job.id}`);
  };
  const machine = machines.find(({ id }) => id === job.draft.machineId) ?? null;
  const opened = edited.welds.find(({ mark }) => mark === open);
  return (
    <div className="mx-auto flex max-w-5xl flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title={`Welds of ${job.draft.name}`} back={{ to: `/jobs/${job.id}`, name: 'the job' }}>
        <StepKey name="Undo" icon="undo" onPress={undo} />
        <StepKey name="Do it again" icon="redo" onPress={redo} />
      </PageHeader>
      <KeptNote sheet={sheet} />
      <LinesBox
        sheet={sheet}
        edited={edited}
        machine={machine}
        onTake={(welds) => edit(withWelds(edited, welds))}
      />
      <PartsBox parts={edited.parts} onChange={(parts) => edit({ ...edited, parts })} />
      <section className="sheet flex flex-col gap-1 p-4" aria-label="Welds">
        <h2 className="text-lg font-semibold">
          {edited.welds.length === 1 ? 'One weld' : `${edited.welds.length} welds`}
        </h2>
        {edited.welds.length === 0 && <p className="text-soft">None yet: type them above, one a line.</p>}
        <ol className="flex flex-col">
          {edited.welds.map((weld) => (
            <WeldRow
              key={weld.mark}
              weld={weld}
              parts={edited.parts}
              onOpen={() => setOpen(weld.mark)}
              onCopy={() => edit(copied(edited, weld.mark))}
              onRemove={() => edit(without(edited, weld.mark))}
              onMove={(by) => edit(moved(edited, weld.mark, by))}
            />
          ))}
        </ol>
      </section>
      <div className="sheet flex flex-col gap-2 p-4">
        <WhoDidIt label="Listed by" />
        <Failure error={error} />
        <SaveButton
          name="Save the welds"
          waitsFor={person === null ? signInFirst : isChanged ? null : 'Nothing was changed.'}
          isSaving={isSaving}
          onPress={() => void store()}
        />
      </div>
      {opened !== undefined && (
        <WeldSheet
          key={opened.mark}
          weld={opened}
          edited={edited}
          machine={machine}
          onClose={() => setOpen(null)}
          onChange={(weld) => {
            edit(changed(edited, opened.mark, weld));
            setOpen(null);
          }}
          onFill={(field) => edit(filledDown(edited, opened.mark, field))}
        />
      )}
    </div>
  );
}

function StepKey({
  name,
  icon,
  onPress,
}: {
  name: string;
  icon: 'undo' | 'redo';
  onPress: (() => void) | null;
}) {
  const Icon = icon === 'undo' ? Undo2 : Redo2;
  return (
    <button
      type="button"
      className="btn touch-always btn-square"
      aria-label={name}
      disabled={onPress === null}
      onClick={onPress ?? undefined}
    >
      <Icon className="size-5" aria-hidden="true" />
    </button>
  );
}
