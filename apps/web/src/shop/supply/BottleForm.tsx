import type { Bottle, BottleDraft, Machine } from '@lone-heron/contract';
import { gasTable, shieldingGases } from '@lone-heron/core';
import { toast } from '../../shared/say/toast.js';
import { useSaveBottleMutation } from '../../shared/api/supplyApi.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { Failure } from '../../shared/form/Failure.js';
import { PickField } from '../../shared/form/PickField.js';
import { fieldsFirst, SaveButton, signInFirst } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { Modal } from '../../shared/page/Modal.js';
import { readBottle, typedBottle, type ReadBottle, type TypedBottle } from './typedBottle.js';
import { bottleSize } from './bottleSize.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { useKept } from '../../shared/typing/useKept.js';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import { spokenUnit } from '../../shared/figures/spoken.js';

interface BottleFormProps {
  id: string;
  /** Null for a new one. */
  bottle: Bottle | null;
  machines: readonly Machine[];
  onClose: () => void;
}

/** A bottle's label, gauge and place. */
export function BottleForm({ id, bottle, machines, onClose }: BottleFormProps) {
  const sheet = bottle === null ? 'new bottle' : `bottle ${id}`;
  const [typed, setTyped] = useKept(sheet, 'bottle', () => typedBottle(bottle));
  const person = usePersonAtDesk();
  const [save, { isLoading, error }] = useSaveBottleMutation();
  const read = readBottle(typed, bottle);
  const submit = async (draft: BottleDraft) => {
    if ((await save({ id, draft })).error !== undefined) return;
    forgetTyping(sheet);
    onClose();
    toast(`The bottle of ${gasTable[draft.gas].short} is written down.`);
  };
  return (
    <Modal
      title={bottle === null ? 'A new bottle' : `Bottle of ${gasTable[bottle.gas].short}`}
      onClose={onClose}
    >
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (read.draft !== null && person !== null && !isLoading) void submit(read.draft);
        }}
      >
        <KeptNote sheet={sheet} />
        <BottleFields typed={typed} read={read} machines={machines} onType={setTyped} />
        <p className="caution p-2 text-sm leading-snug" role="note">
          {gasTable[typed.gas].caution}
        </p>
        <WhoDidIt label="By" />
        <Failure error={error} />
        <SaveButton
          name="Write it down"
          waitsFor={person === null ? signInFirst : read.draft === null ? fieldsFirst : null}
          isSaving={isLoading}
        />
      </form>
    </Modal>
  );
}

interface BottleFieldsProps {
  typed: TypedBottle;
  read: ReadBottle;
  machines: readonly Machine[];
  onType: (typed: TypedBottle) => void;
}

function BottleFields({ typed, read, machines, onType }: BottleFieldsProps) {
  const type = (name: keyof TypedBottle) => (text: string) => onType({ ...typed, [name]: text });
  return (
    <div className="grid gap-3 sm:grid-cols-3">
      <PickField
        label="Gas"
        value={typed.gas}
        choices={shieldingGases.map((gas) => ({ value: gas, label: gasTable[gas].short }))}
        onPick={(gas) => onType({ ...typed, gas })}
      />
      <TypedField
        label={bottleSize().label}
        unit={bottleSize().range.unit}
        text={typed.litres}
        read={read.litres}
        onType={type('litres')}
      />
      <TypedField
        label="Pressure"
        unit={spokenUnit('bar').unit}
        text={typed.pressure}
        read={read.pressure}
        onType={type('pressure')}
      />
      <TextField label="Purity" text={typed.purity} longest={30} onType={type('purity')} />
      <TextField label="Batch" text={typed.batch} longest={40} onType={type('batch')} />
      <TextField label="Supplier" text={typed.supplier} longest={60} onType={type('supplier')} />
      <TypedField
        label="Price, if known"
        unit={shopUnits().currency}
        text={typed.price}
        read={read.price}
        onType={type('price')}
      />
      <PickField
        label="Fitted on"
        value={typed.machineId}
        choices={[
          { value: '', label: 'no machine: in the store' },
          ...machines.map(({ id, name }) => ({ value: id, label: name })),
        ]}
        onPick={type('machineId')}
      />
    </div>
  );
}
