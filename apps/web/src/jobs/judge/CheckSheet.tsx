import {
  checkRanges,
  testKinds,
  testResults,
  type Job,
  type JobWeld,
  type WeldCheckDraft,
} from '@lone-heron/contract';
import { useState } from 'react';
import { useSetCheckWithdrawnMutation, useWriteCheckMutation } from '../../shared/api/weldChecksApi.js';
import { shopNow } from '../../shared/clock/shopClock.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { bareUnitOf } from '../../shared/figures/readTyped.js';
import { Failure } from '../../shared/form/Failure.js';
import { PickField } from '../../shared/form/PickField.js';
import { fieldsFirst, SaveButton, signInFirst } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { useKeptValues, type TypedValues } from '../../shared/form/useTypedValues.js';
import { Modal } from '../../shared/page/Modal.js';
import { useUndoableSave } from '../../shared/save/useUndoableSave.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { useKept } from '../../shared/typing/useKept.js';
import { resultWords, testWords } from '../../shared/vocabulary/testWords.js';
import { SeamPhotos } from '../photos/SeamPhotos.js';

interface CheckSheetProps {
  job: Job;
  weld: JobWeld;
  onClose: () => void;
}

const measured = {
  undercut: { range: checkRanges.undercut, dimension: 'length' },
  crown: { range: checkRanges.crown, dimension: 'length' },
  misalignment: { range: checkRanges.misalignment, dimension: 'length' },
  indication: { range: checkRanges.indication, dimension: 'length' },
} as const;
type Measured = keyof typeof measured;
const labels: Readonly<Record<Measured, string>> = {
  undercut: 'Deepest undercut',
  crown: 'Highest crown',
  misalignment: 'Most misalignment',
  indication: 'Longest dye indication',
};

/** A look or a test of a weld, of one seam or of all of its mark; figures are held against the level by themselves. */
export function CheckSheet({ job, weld, onClose }: CheckSheetProps) {
  const sheet = `check of ${weld.mark} of job ${job.id}`;
  const person = usePersonAtDesk();
  const [kind, setKind] = useKept<WeldCheckDraft['kind']>(sheet, 'kind', () => 'look');
  const [result, setResult] = useKept<WeldCheckDraft['result']>(sheet, 'result', () => 'holds');
  const [found, setFound] = useKept(sheet, 'found', () => '');
  const [photoIds, setPhotoIds] = useKept<readonly string[]>(sheet, 'photoIds', () => []);
  const [seam, setSeam] = useState('');
  const typed = useKeptValues(sheet, 'measured', measured);
  const { save, isSaving, error } = useSaveCheck(sheet, weld.mark);
  const figure = (name: Measured) => {
    const read = typed.reads[name];
    return read !== null && 'value' in read ? read.value : null;
  };
  const isReadable = Object.values(typed.reads).every((read) => read === null || 'value' in read);
  const seams = [
    ...new Set(job.runs.filter(({ mark }) => mark === weld.mark).map((run) => run.seam)),
  ].toSorted((one, other) => one - other);
  const store = async () => {
    const draft: WeldCheckDraft = {
      ...{ jobId: job.id, mark: weld.mark, seam: seam === '' ? null : Number(seam), kind, result },
      ...{ undercutMm: figure('undercut'), crownMm: figure('crown') },
      ...{ misalignmentMm: figure('misalignment'), indicationMm: figure('indication') },
      ...{ found, photoIds: [...photoIds], doneAt: shopNow().toISOString() },
    };
    if (!(await save(draft))) return;
    forgetTyping(sheet);
    onClose();
  };
  return (
    <Modal title={`Check ${weld.mark}`} onClose={onClose}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void store();
        }}
      >
        <div className="grid grid-cols-2 gap-3">
          <PickField
            label="What was done"
            value={kind}
            choices={testKinds.map((value) => ({ value, label: testWords[value].name }))}
            onPick={setKind}
          />
          <PickField
            label="Which seam"
            value={seam}
            choices={[
              { value: '', label: 'all of them' },
              ...seams.map((each) => ({ value: String(each), label: `seam ${each}` })),
            ]}
            onPick={setSeam}
          />
          <PickField
            label="It"
            value={result}
            choices={testResults.map((value) => ({ value, label: resultWords[value] }))}
            onPick={setResult}
          />
          <TextField label="What was found" text={found} longest={300} onType={setFound} />
          <MeasuredFields typed={typed} />
        </div>
        <SeamPhotos job={job} of={weld.mark} photoIds={photoIds} onChange={setPhotoIds} />
        <WhoDidIt label="Checked by" />
        <Failure error={error} />
        <SaveButton
          name="Write it down"
          waitsFor={person === null ? signInFirst : isReadable ? null : fieldsFirst}
          isSaving={isSaving}
        />
      </form>
    </Modal>
  );
}

function MeasuredFields({ typed }: { typed: TypedValues<Measured> }) {
  return (Object.keys(measured) as Measured[]).map((name) => (
    <TypedField
      key={name}
      label={labels[name]}
      unit={bareUnitOf(measured[name])}
      text={typed.texts[name]}
      read={typed.reads[name]}
      onType={(text) => typed.type(name, text)}
    />
  ));
}

function useSaveCheck(sheet: string, mark: string) {
  const [write, { isLoading, error }] = useWriteCheckMutation();
  const [setWithdrawn] = useSetCheckWithdrawnMutation();
  const save = useUndoableSave({
    sheet,
    send: (id, draft: WeldCheckDraft) => write({ id, draft }),
    said: () => `${mark} was checked.`,
    wayBack: (id) => ({
      undo: () => setWithdrawn({ id, isWithdrawn: true }),
      undone: 'The check was taken back.',
    }),
  });
  return { save, isSaving: isLoading, error };
}
