import type { Workshop } from '@lone-heron/contract';
import { User, Zap } from 'lucide-react';
import { problemOf } from '../../shared/api/problemOf.js';
import { sayUndoable } from '../../shared/save/sayUndoable.js';
import {
  pickedWorkshop,
  wholeFirm,
  workshopChoices,
  workshopName,
} from '../../shared/workshops/workshopChoices.js';
import { useMoveMachineMutation, useMovePersonMutation } from '../../shared/workshops/workshopsApi.js';

interface MoveRowProps {
  readonly kind: 'machine' | 'person';
  readonly moved: {
    readonly id: string;
    readonly name: string;
    readonly workshopId?: string | null | undefined;
  };
  readonly workshops: readonly Workshop[];
  readonly mayMove: boolean;
}

/** A machine or somebody, with whose they are: picking another moves them, and can be taken back. */
export function MoveRow({ kind, moved, workshops, mayMove }: MoveRowProps) {
  const [moveMachine, machine] = useMoveMachineMutation();
  const [movePerson, person] = useMovePersonMutation();
  const { id, name } = moved;
  const before = moved.workshopId ?? null;
  const error = machine.error ?? person.error;
  const Icon = kind === 'machine' ? Zap : User;
  const store = (workshopId: string | null) =>
    kind === 'machine' ? moveMachine({ id, workshopId }) : movePerson({ id, workshopId });
  const move = async (workshopId: string | null) => {
    if ((await store(workshopId)).error !== undefined) return;
    const all = kind === 'machine' ? ', with all that was done on it' : '';
    sayUndoable(`${name} is of ${workshopName(workshops, workshopId)} now${all}.`, {
      undo: () => store(before),
    });
  };
  return (
    <li className="flex flex-wrap items-center gap-3 p-3" aria-label={name}>
      <Icon className="size-5 shrink-0 text-soft" aria-hidden="true" />
      <span className="mr-auto min-w-40 text-lg">{name}</span>
      {mayMove && (
        <select
          className="select touch-always w-52 text-base"
          aria-label={`Whose ${name} is`}
          value={before ?? wholeFirm}
          disabled={machine.isLoading || person.isLoading}
          onChange={(event) => void move(pickedWorkshop(event.target.value))}
        >
          {workshopChoices(workshops).map(({ value, label }) => (
            <option key={value} value={value}>
              {label}
            </option>
          ))}
        </select>
      )}
      {error !== undefined && (
        <p role="alert" className="fault w-full">
          Not changed. {problemOf(error).message}
        </p>
      )}
    </li>
  );
}
