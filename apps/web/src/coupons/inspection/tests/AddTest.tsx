import type { Coupon, TestDetail, TestResult } from '@lone-heron/contract';
import { contradictions, testResults } from '@lone-heron/contract';
import { useState, type ReactNode, type SyntheticEvent } from 'react';
import { toast } from '../../../shared/say/toast.js';
import { useKeptId } from '../../../shared/typing/useKeptId.js';
import { useWriteTestMutation } from '../inspectionApi.js';
import { PhotosTaken } from '../../../shared/coupons/log/PhotosTaken.js';
import { usePersonAtDesk } from '../../../shared/door/usePersonAtDesk.js';
import { WhoDidIt } from '../../../shared/door/WhoDidIt.js';
import { Failure } from '../../../shared/form/Failure.js';
import { fieldsFirst, SaveButton, signInFirst } from '../../../shared/form/SaveButton.js';
import { TextField } from '../../../shared/form/TextField.js';
import { Modal } from '../../../shared/page/Modal.js';
import { PhotoFaults } from '../../sheet/PhotoFaults.js';
import { useSendPhotos } from '../../sheet/useSendPhotos.js';
import { PlainTest } from './PlainTest.js';
import { SectionTest } from './SectionTest.js';
import type { PlainTestKind } from './testForms.js';
import { resultWords, testWords } from '../../../shared/vocabulary/testWords.js';
import { forgetTyping } from '../../../shared/typing/keptTyping.js';
import { KeptNote } from '../../../shared/typing/KeptNote.js';
import { useKept } from '../../../shared/typing/useKept.js';

interface AddTestProps {
  kind: PlainTestKind | 'section';
  coupon: Coupon;
  onClose: () => void;
}

/** A test written down: what it asks, then what it came to. */
export function AddTest({ kind, coupon, onClose }: AddTestProps) {
  const [detail, setDetail] = useState<TestDetail | null>(null);
  const sheet = `${kind} ${coupon.id}`;
  return (
    <Modal title={`${testWords[kind].name}: ${testWords[kind].what}`} onClose={onClose}>
      <TestEnd sheet={sheet} coupon={coupon} detail={detail} onStored={onClose}>
        {kind === 'section' ? (
          <SectionTest sheet={sheet} coupon={coupon} onDetail={setDetail} />
        ) : (
          <PlainTest sheet={sheet} kind={kind} onDetail={setDetail} />
        )}
      </TestEnd>
    </Modal>
  );
}

interface TestEndProps {
  /** Under which what is typed is kept. */
  sheet: string;
  coupon: Coupon;
  /** Null while something is missing. */
  detail: TestDetail | null;
  onStored: () => void;
  children: ReactNode;
}

/** What every test ends with: what it came to, a remark, who, and the button that stores it. */
export function TestEnd({ sheet, coupon, detail, onStored, children }: TestEndProps) {
  const { id, sent } = useKeptId(sheet);
  const [doneAt, setDoneAt] = useKept(sheet, 'doneAt', () => new Date().toISOString());
  const [result, setResult] = useKept<TestResult | null>(sheet, 'result', () => null);
  const [remark, setRemark] = useKept(sheet, 'remark', () => '');
  const person = usePersonAtDesk();
  const [write, { isLoading, error }] = useWriteTestMutation();
  const photos = useSendPhotos(coupon.id);
  const [photoIds, setPhotoIds] = useState<readonly string[]>([]);
  const isSaving = isLoading || photos.isSending;
  const against = detail === null || result !== 'holds' ? [] : contradictions(detail, coupon.joint);
  const save = async (event: SyntheticEvent) => {
    event.preventDefault();
    if (detail === null || result === null || person === null || isSaving || against.length > 0) return;
    // Photos first: the test is written down once everything that shows it is stored.
    const { stored, areAllStored } = await photos.send();
    const shown = [...photoIds, ...stored];
    setPhotoIds(shown);
    if (!areAllStored) return;
    const draft = { detail, result, remark: remark.trim(), doneAt, photoIds: shown };
    sent();
    setDoneAt(doneAt);
    const answer = await write({ id, couponId: coupon.id, draft });
    if (answer.error !== undefined) return;
    forgetTyping(sheet);
    toast(`${testWords[detail.kind].name} of coupon ${coupon.number} is written down.`);
    onStored();
  };
  return (
    <form className="flex flex-col gap-4" onSubmit={(event) => void save(event)}>
      <KeptNote sheet={sheet} />
      {children}
      <fieldset>
        <legend className="mb-1 font-medium">What did it come to?</legend>
        <div className="flex gap-2">
          {testResults.map((each) => (
            <button
              key={each}
              type="button"
              className={`btn touch-always grow ${result === each ? 'btn-primary' : ''}`}
              aria-pressed={result === each}
              onClick={() => setResult(each)}
            >
              {resultWords[each]}
            </button>
          ))}
        </div>
        {against.length > 0 && (
          <p role="alert" className="fault mt-1">
            {against.join(' ')} It cannot be written down as held: mend the figures, or say that it fails or
            is unclear.
          </p>
        )}
      </fieldset>
      <fieldset>
        <legend className="mb-1 font-medium">What shows it</legend>
        <PhotosTaken photos={photos.taken} subject="test" onChange={photos.setTaken} />
        <PhotoFaults faults={photos.faults} />
      </fieldset>
      <TextField label="Remark" text={remark} longest={500} onType={setRemark} />
      <WhoDidIt label="Tested by" />
      <Failure error={error} />
      <SaveButton
        name="Write it down"
        waitsFor={
          person === null
            ? signInFirst
            : detail === null
              ? fieldsFirst
              : result === null
                ? 'Say how it went.'
                : against.length > 0
                  ? 'The result contradicts its figures, as said above.'
                  : null
        }
        isSaving={isSaving}
      />
    </form>
  );
}
