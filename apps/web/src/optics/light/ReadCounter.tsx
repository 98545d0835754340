import type { Machine } from '@lone-heron/contract';
import { useKeptValues } from '../../shared/form/useTypedValues.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { Modal } from '../../shared/page/Modal.js';
import { useWriteRecord } from '../../shared/records/useWriteRecord.js';
import { fieldsFirst, SaveButton, signInFirst } from '../../shared/form/SaveButton.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { figure } from '../../shared/figures/figures.js';

const quantities = {
  hours: { range: { quantity: 'hour counter', min: 0, max: 200_000, unit: 'h' }, dimension: null },
} as const;

/** What the machine's own counter of light shows; between two readings it settles what nobody wrote down. */
export function ReadCounter({ machine, onClose }: { machine: Machine; onClose: () => void }) {
  const person = usePersonAtDesk();
  const sheet = `counter ${machine.id}`;
  const { texts, reads, values, type } = useKeptValues(sheet, 'figures', quantities);
  const { write, isSaving, failure } = useWriteRecord(machine.id, sheet);
  const submit = async () => {
    if (values === null || person === null || isSaving) return;
    const { hours } = values;
    const isStored = await write(
      { kind: 'hourCounter', hours },
      '',
      `Counter of ${machine.name}: ${figure(hours, 1)} h.`,
    );
    if (!isStored) return;
    forgetTyping(sheet);
    onClose();
  };
  return (
    <Modal title={`Hour counter of ${machine.name}`} onClose={onClose}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void submit();
        }}
      >
        <p className="text-soft">
          The counter of light-on hours in the machine’s own menu, where it has one; not the hours it was
          switched on. Two readings or more say how much light nobody wrote down.
        </p>
        <KeptNote sheet={sheet} />
        <TypedField
          label="Counter shows"
          unit="h"
          text={texts.hours}
          read={reads.hours}
          isStart
          onType={(text) => type('hours', text)}
        />
        <WhoDidIt label="Read by" />
        {failure !== null && (
          <p role="alert" className="fault">
            Not stored. {failure}
          </p>
        )}
        <SaveButton
          name="Write it down"
          waitsFor={person === null ? signInFirst : values === null ? fieldsFirst : null}
          isSaving={isSaving}
        />
      </form>
    </Modal>
  );
}
