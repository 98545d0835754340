import { weldRanges } from '@lone-heron/contract';
import { bareUnitOf, type TypedQuantity } from '../../shared/figures/readTyped.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { useTypedValues } from '../../shared/form/useTypedValues.js';
import { Modal } from '../../shared/page/Modal.js';

interface MeasureSheetProps {
  onClose: () => void;
  /** mm */
  onSay: (mm: number) => void;
}

const quantities: Readonly<Record<'known', TypedQuantity>> = {
  known: { range: { ...weldRanges.length, quantity: 'known length' }, dimension: 'length' },
};

/** How long what was drawn along is: from then on lengths are read off the picture. */
export function MeasureSheet({ onClose, onSay }: MeasureSheetProps) {
  const typed = useTypedValues(quantities);
  return (
    <Modal title="How long is what you drew along?" onClose={onClose}>
      <form
        className="flex items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (typed.values !== null) onSay(typed.values.known);
        }}
      >
        <span className="grow">
          <TypedField
            label="Known length"
            unit={bareUnitOf(quantities.known)}
            text={typed.texts.known}
            read={typed.reads.known}
            isStart
            onType={(text) => typed.type('known', text)}
          />
        </span>
        <button type="submit" className="btn touch-always btn-primary" disabled={typed.values === null}>
          Measure by it
        </button>
      </form>
    </Modal>
  );
}
