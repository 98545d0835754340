import type { NozzleOnHand } from '@lone-heron/contract';
import { nozzleShapes } from '@lone-heron/core';
import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { fieldsFirst, SaveButton, signInFirst } from '../../shared/form/SaveButton.js';
import { Failure } from '../../shared/form/Failure.js';
import { PickField } from '../../shared/form/PickField.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { nozzleWords } from '../../shared/vocabulary/nozzles.js';
import { bareUnitOf, readTyped, readTypedOver } from '../../shared/figures/readTyped.js';
import type { WrittenSheet } from './useHouseSheet.js';
import { typedText } from '../../shared/figures/spoken.js';

/** A sort of nozzle as it is typed. */
interface TypedNozzle extends Pick<NozzleOnHand, 'shape' | 'isGrooved'> {
  readonly bore: string;
  /** What the bore began as; left out for a new one. */
  readonly boreMm?: number;
  readonly count: string;
}

const boreRange = { quantity: 'bore', min: 0.5, max: 15, unit: 'mm' } as const;
const countRange = { quantity: 'count', min: 0, max: 999, unit: '' } as const;

const boreQuantity = { range: boreRange, dimension: 'length' } as const;
const readBore = ({ bore, boreMm }: Pick<TypedNozzle, 'bore' | 'boreMm'>) =>
  readTypedOver(boreMm, bore, boreQuantity, 2);

/** A whole number of nozzles. */
function readCount(text: string) {
  const read = readTyped(text, { range: countRange, dimension: null });
  return 'value' in read && !Number.isInteger(read.value)
    ? { fault: `count “${text}”: allowed is a whole number.` }
    : read;
}

const newNozzle: TypedNozzle = { shape: 'flat', isGrooved: true, bore: '', count: '' };

/** The nozzles in the drawer. */
export function NozzlesPart({ sheet }: { sheet: WrittenSheet<'nozzles'> }) {
  const [nozzles, setNozzles] = useState<readonly TypedNozzle[]>(() =>
    sheet.content.map(({ shape, isGrooved, boreMm, count }) => ({
      shape,
      isGrooved,
      bore: typedText(boreMm, 'mm', 2),
      boreMm,
      count: String(count),
    })),
  );
  const change = (index: number, part: Partial<TypedNozzle>) =>
    setNozzles(nozzles.map((nozzle, i) => (i === index ? { ...nozzle, ...part } : nozzle)));
  const content = nozzles.flatMap(({ shape, isGrooved, bore, boreMm: was, count }) => {
    const [boreMm, counted] = [
      readBore({ bore, ...(was === undefined ? {} : { boreMm: was }) }),
      readCount(count),
    ];
    if (!('value' in boreMm) || !('value' in counted)) return [];
    return [{ shape, isGrooved, boreMm: boreMm.value, count: counted.value }];
  });
  const isReady = content.length === nozzles.length;
  return (
    <section className="sheet flex flex-col gap-3 p-4" aria-label="Nozzles in the drawer">
      <h2 className="text-lg font-semibold">Nozzles</h2>
      {nozzles.length === 0 && (
        <p className="text-soft">None written down: Dial then says no more than the shape.</p>
      )}
      {nozzles.map((nozzle, index) => (
        <NozzleRow
          key={index}
          nozzle={nozzle}
          index={index}
          onChange={(part) => change(index, part)}
          onRemove={() => setNozzles(nozzles.filter((_, i) => i !== index))}
        />
      ))}
      <Failure error={sheet.error} />
      <div className="flex flex-wrap gap-3">
        <button
          type="button"
          className="btn touch-always"
          onClick={() => setNozzles([...nozzles, newNozzle])}
        >
          <Plus className="size-5" aria-hidden="true" /> Another nozzle
        </button>
        <SaveButton
          name="Save the nozzles"
          waitsFor={!sheet.mayChange ? signInFirst : isReady ? null : fieldsFirst}
          isSaving={sheet.isSaving}
          onPress={() => void sheet.save(content, 'The nozzles on hand are written down.')}
        />
      </div>
    </section>
  );
}

interface NozzleRowProps {
  nozzle: TypedNozzle;
  index: number;
  onChange: (part: Partial<TypedNozzle>) => void;
  onRemove: () => void;
}

function NozzleRow({ nozzle, index, onChange, onRemove }: NozzleRowProps) {
  return (
    <div
      className="grid grid-cols-2 items-end gap-3 md:grid-cols-[1fr_1fr_1fr_1fr_3rem]"
      role="group"
      aria-label={`Nozzle ${index + 1}`}
    >
      <PickField
        label="Shape"
        value={nozzle.shape}
        choices={nozzleShapes.map((value) => ({ value, label: nozzleWords[value] }))}
        onPick={(shape) => onChange({ shape })}
      />
      <PickField
        label="For wire"
        value={nozzle.isGrooved ? 'grooved' : 'plain'}
        choices={[
          { value: 'grooved', label: 'grooved' },
          { value: 'plain', label: 'plain' },
        ]}
        onPick={(kind) => onChange({ isGrooved: kind === 'grooved' })}
      />
      <TypedField
        label="Bore"
        unit={bareUnitOf(boreQuantity)}
        text={nozzle.bore}
        read={nozzle.bore === '' ? null : readBore(nozzle)}
        onType={(bore) => onChange({ bore })}
      />
      <TypedField
        label="How many"
        unit=""
        text={nozzle.count}
        read={nozzle.count === '' ? null : readCount(nozzle.count)}
        onType={(count) => onChange({ count })}
      />
      <button
        type="button"
        className="btn btn-square touch-always btn-ghost"
        aria-label={`Take nozzle ${index + 1} off the list`}
        onClick={onRemove}
      >
        <Trash2 className="size-5" aria-hidden="true" />
      </button>
    </div>
  );
}
