import type { JobPart } from '@lone-heron/contract';
import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { TextField } from '../../shared/form/TextField.js';
import { readWhole } from '../../shared/figures/readWhole.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { PartPick } from './PartPick.js';

/** So often a part can go into one of what it goes into. */
const mostOfPart = 500;

interface PartsBoxProps {
  parts: readonly JobPart[];
  onChange: (parts: JobPart[]) => void;
}

/** Sub-assemblies: each is welded before what it goes into, as often as it goes in. */
export function PartsBox({ parts, onChange }: PartsBoxProps) {
  const [isOpen, setOpen] = useState(parts.length > 0);
  const add = () => {
    setOpen(true);
    onChange([...parts, { key: freeKey(parts), name: `part ${parts.length + 1}`, count: 1, into: null }]);
  };
  return (
    <section className="sheet flex flex-col gap-2 p-4" aria-label="Parts">
      <div className="flex flex-wrap items-center gap-3">
        <h2 className="mr-auto font-semibold">
          Parts <span className="font-normal text-soft">welded before what they go into</span>
        </h2>
        <button type="button" className="btn touch-always" disabled={parts.length >= 40} onClick={add}>
          <Plus className="size-5" aria-hidden="true" /> Add a part
        </button>
      </div>
      {isOpen &&
        parts.map((part) => (
          <PartRow
            key={part.key}
            part={part}
            parts={parts}
            onChange={(next) => onChange(parts.map((each) => (each.key === part.key ? next : each)))}
            onRemove={() =>
              onChange(
                parts
                  .filter(({ key }) => key !== part.key)
                  .map((each) => (each.into === part.key ? { ...each, into: part.into } : each)),
              )
            }
          />
        ))}
    </section>
  );
}

interface PartRowProps {
  part: JobPart;
  parts: readonly JobPart[];
  onChange: (part: JobPart) => void;
  onRemove: () => void;
}

function PartRow({ part, parts, onChange, onRemove }: PartRowProps) {
  const [count, setCount] = useState(String(part.count));
  const read = readWhole('how many', count, mostOfPart);
  return (
    <div className="grid grid-cols-2 items-end gap-3 border-t border-base-300 pt-2 sm:grid-cols-[2fr_1fr_2fr_auto]">
      <TextField label="Part" text={part.name} longest={60} onType={(name) => onChange({ ...part, name })} />
      <TypedField
        label="How many go in"
        unit=""
        text={count}
        read={read}
        onType={(text) => {
          setCount(text);
          const typed = readWhole('how many', text, mostOfPart);
          if ('value' in typed) onChange({ ...part, count: typed.value });
        }}
      />
      <PartPick
        parts={parts.filter(({ key }) => key !== part.key)}
        part={part.into ?? ''}
        label="Goes into"
        onPick={(into) => onChange({ ...part, into: into === '' ? null : into })}
      />
      <button
        type="button"
        className="btn touch-always btn-square"
        aria-label={`Take ${part.name} out`}
        onClick={onRemove}
      >
        <Trash2 className="size-5" aria-hidden="true" />
      </button>
    </div>
  );
}

function freeKey(parts: readonly JobPart[]): string {
  let next = parts.length + 1;
  while (parts.some(({ key }) => key === `P${next}`)) next++;
  return `P${next}`;
}
