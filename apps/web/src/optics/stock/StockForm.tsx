import { stockKinds, stockRanges, type StockDraft, type StockItem } from '@lone-heron/contract';
import { toast } from '../../shared/say/toast.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { Failure } from '../../shared/form/Failure.js';
import { PickField } from '../../shared/form/PickField.js';
import { fieldsFirst, SaveButton, signInFirst } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { Modal } from '../../shared/page/Modal.js';
import { figure } from '../../shared/figures/figures.js';
import { stockWords } from '../headParts/partWords.js';
import { readStock, typedStock, type TypedStock } from './typedStock.js';
import { useSaveStockMutation, useSetStockRemovedMutation } from './stockApi.js';
import { sayFailed, sayUndoable } from '../../shared/save/sayUndoable.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { useKept } from '../../shared/typing/useKept.js';

interface StockFormProps {
  id: string;
  /** Null for a new sort. */
  item: StockItem | null;
  onClose: () => void;
}

const figures = [
  ['count', 'In the drawer', ''],
  ['price', 'Price, if known', ''],
  ['deliveryDays', 'Comes in', 'days'],
  ['serviceLevel', 'Not to run out while waiting', '%'],
  ['usedPerMonth', 'Used a month; empty: as recorded', ''],
] as const satisfies readonly (readonly [keyof TypedStock, string, string])[];

/** A sort of spare: what it is, how many, what it costs, how long it takes and how sure one wants to be. */
export function StockForm({ id, item, onClose }: StockFormProps) {
  const person = usePersonAtDesk();
  const sheet = item === null ? 'new spare' : `spare ${id}`;
  const [typed, setTyped] = useKept(sheet, 'spare', () => typedStock(item));
  const [save, { isLoading, error }] = useSaveStockMutation();
  const takeOff = useTakeOff(id, onClose);
  const read = readStock(typed);
  const submit = async (draft: StockDraft) => {
    if ((await save({ id, draft })).error !== undefined) return;
    forgetTyping(sheet);
    onClose();
    toast(`${draft.name}: ${figure(draft.count, 0)} in the drawer.`);
  };
  const type = (name: keyof TypedStock) => (text: string) => setTyped({ ...typed, [name]: text });
  return (
    <Modal title={item === null ? 'Another sort of spare' : item.name} onClose={onClose}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (read.draft !== null && person !== null && !isLoading) void submit(read.draft);
        }}
      >
        <KeptNote sheet={sheet} />
        <div className="grid gap-3 sm:grid-cols-2">
          <PickField
            label="Part"
            value={typed.kind}
            choices={stockKinds.map((kind) => ({ value: kind, label: stockWords[kind] }))}
            onPick={(kind) => setTyped({ ...typed, kind })}
          />
          <TextField
            label="Name, as the order says it"
            text={typed.name}
            longest={60}
            isStart
            onType={type('name')}
          />
          <TextField label="Supplier" text={typed.supplier} longest={60} onType={type('supplier')} />
          <TextField label="Lot" text={typed.lot} longest={40} onType={type('lot')} />
          {figures.map(([name, label, unit]) => (
            <TypedField
              key={name}
              label={label}
              unit={unit}
              text={typed[name]}
              read={read.figures[name]}
              onType={type(name)}
            />
          ))}
        </div>
        <p className="text-sm text-soft">
          Prices run up to {stockRanges.price.max}. “Not to run out” 95 % means that in nineteen of twenty
          deliveries the drawer still has one when the parcel comes.
        </p>
        <WhoDidIt label="By" />
        <Failure error={error} />
        <div className="flex flex-wrap justify-end gap-3">
          {item !== null && (
            <button
              type="button"
              className="btn touch-always mr-auto btn-ghost"
              disabled={person === null}
              onClick={() => void takeOff(item.name)}
            >
              Take off the list
            </button>
          )}
          <SaveButton
            name="Write it down"
            waitsFor={person === null ? signInFirst : read.draft === null ? fieldsFirst : null}
            isSaving={isLoading}
          />
        </div>
      </form>
    </Modal>
  );
}

/** Takes the sort off the list, with undo. */
function useTakeOff(id: string, onClose: () => void) {
  const [setRemoved] = useSetStockRemovedMutation();
  return async (name: string) => {
    const { error } = await setRemoved({ id, isRemoved: true });
    if (error !== undefined) {
      sayFailed(error);
      return;
    }
    onClose();
    sayUndoable(`${name} is off the list.`, {
      undo: () => setRemoved({ id, isRemoved: false }),
      undone: 'Back on the list.',
    });
  };
}
