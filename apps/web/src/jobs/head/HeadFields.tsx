import type { JobDraft, Machine } from '@lone-heron/contract';
import { useId } from 'react';
import { PickField } from '../../shared/form/PickField.js';
import { TextField } from '../../shared/form/TextField.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { readQuantity, type TypedHead } from './headFields.js';

interface HeadFieldsProps {
  typed: TypedHead;
  machines: readonly Machine[];
  levels: readonly JobDraft['level'][];
  onType: (typed: TypedHead) => void;
}

const rhythms = [
  { value: 'pieceByPiece', label: 'each piece to its end' },
  { value: 'weldByWeld', label: 'each weld through all pieces' },
] as const;

/** What a job is, apart from its welds. */
export function HeadFields({ typed, machines, levels, onType }: HeadFieldsProps) {
  const say = (change: Partial<TypedHead>) => onType({ ...typed, ...change });
  const notes = useId();
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <TextField label="Name" text={typed.name} longest={80} isStart onType={(name) => say({ name })} />
      <TextField
        label="Customer"
        text={typed.customer}
        longest={80}
        onType={(customer) => say({ customer })}
      />
      <TextField
        label="Reference, such as the drawing and its revision"
        text={typed.reference}
        longest={60}
        onType={(reference) => say({ reference })}
      />
      <label className="flex min-w-0 flex-col gap-1">
        <span className="text-sm font-medium">Due on</span>
        <input
          type="date"
          className="input touch-always w-full text-base"
          value={typed.dueOn}
          onChange={(event) => say({ dueOn: event.target.value })}
        />
      </label>
      <TypedField
        label="How many"
        unit=""
        text={typed.quantity}
        read={readQuantity(typed.quantity)}
        onType={(quantity) => say({ quantity })}
      />
      <PickField
        label="A batch is worked"
        value={typed.rhythm}
        choices={rhythms}
        onPick={(rhythm) => say({ rhythm })}
      />
      <PickField
        label="Machine"
        value={typed.machineId}
        choices={machines.map(({ id, name }) => ({ value: id, label: name }))}
        onPick={(machineId) => say({ machineId })}
      />
      <PickField
        label="What its welds must show"
        value={typed.level}
        choices={levels.map(({ name }) => ({ value: name, label: name }))}
        onPick={(level) => say({ level })}
      />
      <label htmlFor={notes} className="flex min-w-0 flex-col gap-1 sm:col-span-2">
        <span className="text-sm font-medium">Notes</span>
        <textarea
          id={notes}
          className="textarea min-h-20 w-full text-base"
          maxLength={2000}
          value={typed.notes}
          onChange={(event) => say({ notes: event.target.value })}
        />
      </label>
    </div>
  );
}
