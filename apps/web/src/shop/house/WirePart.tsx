import { wireDiametersMm, type WireSpool } from '@lone-heron/contract';
import { fillers, fillerTable } from '@lone-heron/core';
import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { fieldsFirst, SaveButton, signInFirst } from '../../shared/form/SaveButton.js';
import { Failure } from '../../shared/form/Failure.js';
import { PickField } from '../../shared/form/PickField.js';
import { TextField } from '../../shared/form/TextField.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { readTyped, bareUnitOf } from '../../shared/figures/readTyped.js';
import { wireInWords } from '../../shared/sentences/wireInWords.js';
import type { WrittenSheet } from './useHouseSheet.js';
import { typedText } from '../../shared/figures/spoken.js';

/** A spool as it is typed. */
interface TypedSpool extends Omit<WireSpool, 'kilograms'> {
  readonly kilograms: string;
}

const kilograms = { quantity: 'wire on the spool', min: 0, max: 100, unit: 'kg' } as const;
const mass = { range: kilograms, dimension: 'mass' } as const;
const read = (text: string) => readTyped(text, mass);

const diameterChoices = wireDiametersMm.map((mm) => ({ value: String(mm), label: wireInWords(mm) }));
const fillerChoices = fillers.map((filler) => ({
  value: filler,
  label: fillerTable[filler].name,
}));

const newSpool: TypedSpool = { filler: '308L', diameterMm: 0.8, kilograms: '', batch: '' };

/** The spools on the shelf. */
export function WirePart({ sheet }: { sheet: WrittenSheet<'wire'> }) {
  const [spools, setSpools] = useState<readonly TypedSpool[]>(() =>
    sheet.content.map((spool) => ({ ...spool, kilograms: typedText(spool.kilograms, 'kg', 2) })),
  );
  const change = (index: number, part: Partial<TypedSpool>) =>
    setSpools(spools.map((spool, i) => (i === index ? { ...spool, ...part } : spool)));
  const draft = spools.map(({ kilograms: text, ...rest }) => ({ ...rest, kilograms: read(text) }));
  const isReady = draft.every((spool) => 'value' in spool.kilograms);
  const save = () => {
    const content = draft.flatMap(({ kilograms: amount, ...rest }) =>
      'value' in amount ? [{ ...rest, kilograms: amount.value }] : [],
    );
    void sheet.save(content, 'The wire on hand is written down.');
  };
  return (
    <section className="sheet flex flex-col gap-3 p-4" aria-label="Wire on the shelf">
      <h2 className="text-lg font-semibold">Wire</h2>
      {spools.length === 0 && (
        <p className="text-soft">
          No spool yet: write down what stands on the shelf, and Dial offers it first.
        </p>
      )}
      {spools.map((spool, index) => (
        <SpoolRow
          key={index}
          spool={spool}
          index={index}
          onChange={(part) => change(index, part)}
          onRemove={() => setSpools(spools.filter((_, i) => i !== index))}
        />
      ))}
      <Failure error={sheet.error} />
      <div className="flex flex-wrap gap-3">
        <button type="button" className="btn touch-always" onClick={() => setSpools([...spools, newSpool])}>
          <Plus className="size-5" aria-hidden="true" /> Another spool
        </button>
        <SaveButton
          name="Save the wire"
          waitsFor={!sheet.mayChange ? signInFirst : isReady ? null : fieldsFirst}
          isSaving={sheet.isSaving}
          onPress={save}
        />
      </div>
    </section>
  );
}

interface SpoolRowProps {
  spool: TypedSpool;
  index: number;
  onChange: (part: Partial<TypedSpool>) => void;
  onRemove: () => void;
}

function SpoolRow({ spool, index, onChange, onRemove }: SpoolRowProps) {
  return (
    <div
      className="grid grid-cols-2 items-end gap-3 md:grid-cols-[2fr_1fr_1fr_1fr_3rem]"
      role="group"
      aria-label={`Spool ${index + 1}`}
    >
      <PickField
        label="Alloy"
        value={spool.filler}
        choices={fillerChoices}
        onPick={(filler) => onChange({ filler })}
      />
      <PickField
        label="Diameter"
        value={String(spool.diameterMm)}
        choices={diameterChoices}
        onPick={(diameter) => onChange({ diameterMm: Number(diameter) })}
      />
      <TypedField
        label="Left"
        unit={bareUnitOf(mass)}
        text={spool.kilograms}
        read={spool.kilograms === '' ? null : read(spool.kilograms)}
        onType={(text) => onChange({ kilograms: text })}
      />
      <TextField label="Batch" text={spool.batch} longest={40} onType={(batch) => onChange({ batch })} />
      <button
        type="button"
        className="btn btn-square touch-always btn-ghost"
        aria-label={`Take spool ${index + 1} off the list`}
        onClick={onRemove}
      >
        <Trash2 className="size-5" aria-hidden="true" />
      </button>
    </div>
  );
}
