import type { Person } from '@lone-heron/contract';
import { CloudOff } from 'lucide-react';
import { useSelector } from 'react-redux';
import { usePersonAtDesk } from '../door/usePersonAtDesk.js';
import { useReadOutbox } from './OutboxSender.js';
import { selectWaiting, type WaitingLine } from './outboxSlice.js';
import { forget, keepRefusal } from './outboxStore.js';

/** What waits in this browser until the server takes it, and why one does not go. */
export function WaitingHere({ people }: { people: readonly Person[] }) {
  const waiting = useSelector(selectWaiting);
  const person = usePersonAtDesk();
  const read = useReadOutbox();
  if (waiting.length === 0) return null;
  const nameOf = (id: string) => people.find((each) => each.id === id)?.name ?? id;
  const leave = async ({ id }: WaitingLine) => {
    await forget(id);
    await read();
  };
  const again = async ({ id }: WaitingLine) => {
    await keepRefusal(id, null);
    await read();
  };
  return (
    <section
      className="sheet flex flex-col gap-1 border-l-4 border-l-primary px-4 py-2"
      aria-label="To be sent"
    >
      <h2 className="flex items-center gap-2 font-semibold">
        <CloudOff className="size-5" aria-hidden="true" /> Kept in this browser until the server takes it
      </h2>
      <ul>
        {waiting.map((line) => (
          <li key={line.id} className="flex min-h-12 flex-wrap items-center gap-x-3">
            <span>{line.words}</span>
            <span className="text-soft">{standing(line, person?.id ?? null, nameOf)}</span>
            {line.refused !== null && (
              <>
                <span className="fault">{line.refused}</span>
                <button type="button" className="btn touch btn-sm" onClick={() => void again(line)}>
                  Try again
                </button>
                <button type="button" className="btn touch btn-ghost btn-sm" onClick={() => void leave(line)}>
                  Throw it away
                </button>
              </>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function standing(
  { personId, refused }: WaitingLine,
  here: string | null,
  nameOf: (id: string) => string,
): string {
  if (refused !== null) return 'The server would not take it.';
  return personId === here ? 'is tried every few seconds' : `waits until ${nameOf(personId)} signs in here`;
}
