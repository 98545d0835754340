import type { Machine } from '@lone-heron/contract';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { Failure } from '../../shared/form/Failure.js';
import { SaveButton, signInFirst } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { Modal } from '../../shared/page/Modal.js';
import { toast } from '../../shared/say/toast.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { useKept } from '../../shared/typing/useKept.js';
import { useKeptId } from '../../shared/typing/useKeptId.js';
import { NewGlass } from './NewGlass.js';
import { useChangeWindowMutation } from './windowsApi.js';

/** The first window of a machine that is written down: the one that is in. Nothing came out, so nothing is asked of that. */
export function FirstWindow({ machine, onClose }: { machine: Machine; onClose: () => void }) {
  const person = usePersonAtDesk();
  const sheet = `first window ${machine.id}`;
  const { id, sent } = useKeptId(sheet);
  const [box, setBox] = useKept(sheet, 'box', () => ({ supplier: '', lot: '' }));
  const [changeWindow, { isLoading, error }] = useChangeWindowMutation();
  const save = async () => {
    sent();
    const change = { machineId: machine.id, reason: 'planned', note: '', found: null, ...box } as const;
    const { data } = await changeWindow({ id, change });
    if (data === undefined) return;
    forgetTyping(sheet);
    toast(
      `Window ${data.number} of ${machine.name} is written down. Coupons and light count for it from now on.`,
    );
    onClose();
  };
  return (
    <Modal title={`The window that is in ${machine.name}`} onClose={onClose}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          if (person !== null && !isLoading) void save();
        }}
      >
        <KeptNote sheet={sheet} />
        <p className="text-soft">
          Every coupon says which window it was welded through: with this one written down, coupons can be
          logged. Its life is counted from now on, so a new one tells more.
        </p>
        <NewGlass onPick={(supplier, lot) => setBox({ supplier, lot })} />
        <div className="grid gap-3 sm:grid-cols-2">
          <TextField
            label="Supplier, if known"
            text={box.supplier}
            longest={60}
            onType={(supplier) => setBox({ ...box, supplier })}
          />
          <TextField
            label="Lot on its box, if known"
            text={box.lot}
            longest={40}
            onType={(lot) => setBox({ ...box, lot })}
          />
        </div>
        <WhoDidIt label="Written down by" />
        <Failure error={error} />
        <SaveButton name="It is in" waitsFor={person === null ? signInFirst : null} isSaving={isLoading} />
      </form>
    </Modal>
  );
}
