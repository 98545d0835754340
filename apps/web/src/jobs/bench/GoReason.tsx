import { TextField } from '../../shared/form/TextField.js';
import { Modal } from '../../shared/page/Modal.js';
import { useKept } from '../../shared/typing/useKept.js';

export type Reason = 'skip' | 'repair';

interface GoReasonProps {
  /** What is typed is kept with. */
  sheet: string;
  reason: Reason;
  mark: string;
  onClose: () => void;
  onSay: (words: string) => void;
}

const usual: Readonly<Record<Reason, readonly string[]>> = {
  skip: ['does not fit up', 'the gun does not get in', 'welded by the arc', 'part is missing'],
  repair: ['pore', 'undercut', 'missed the joint', 'leaks', 'ground out'],
};

/** Why a seam is left out, or welded again: a usual reason by one press, or in one's own words. */
export function GoReason({ sheet, reason, mark, onClose, onSay }: GoReasonProps) {
  // Kept: where somebody has to sign in first, what was typed is still there.
  const [words, setWords] = useKept(sheet, `why ${reason}`, () => '');
  const title = reason === 'skip' ? `Why is ${mark} left out?` : `Why is ${mark} welded again?`;
  return (
    <Modal title={title} onClose={onClose}>
      <div className="flex flex-col gap-3">
        <div className="grid grid-cols-2 gap-2">
          {usual[reason].map((each) => (
            <button key={each} type="button" className="btn h-16 text-base" onClick={() => onSay(each)}>
              {each}
            </button>
          ))}
        </div>
        <form
          className="flex items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            if (words.trim() !== '') onSay(words.trim());
          }}
        >
          <span className="grow">
            <TextField label="Or in your words" text={words} longest={300} onType={setWords} />
          </span>
          <button type="submit" className="btn touch-always btn-primary" disabled={words.trim() === ''}>
            Say so
          </button>
        </form>
      </div>
    </Modal>
  );
}
