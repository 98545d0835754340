import { clearanceFor, type Machine } from '@lone-heron/contract';
import { format } from 'date-fns';
import { BadgeCheck, TriangleAlert } from 'lucide-react';
import { useClearancesQuery } from '../shared/api/clearancesApi.js';
import { usePeopleQuery } from '../shared/api/heronApi.js';
import { usePersonAtDesk } from '../shared/door/usePersonAtDesk.js';
import { useNow } from '../shared/clock/useNow.js';

/** Whether the person at the desk is cleared to weld on this machine, by whom and until when. */
export function Cleared({ machine }: { machine: Machine }) {
  const now = useNow();
  const person = usePersonAtDesk();
  const { data: clearances } = useClearancesQuery(undefined);
  const { data: people = [] } = usePeopleQuery(undefined);
  if (person === null || clearances === undefined) return null;
  const asked = { personId: person.id, machineId: machine.id, mode: 'weld' } as const;
  const held = clearanceFor(clearances, asked, format(now, 'yyyy-MM-dd'));
  if (held === null) {
    return (
      <p className="caution flex items-center gap-2 px-3 py-2 leading-snug sm:ml-auto" role="note">
        <TriangleAlert className="size-5 shrink-0" aria-hidden="true" />
        {person.name} is not cleared to weld on {machine.name}. A lead clears people under Shop, Training.
      </p>
    );
  }
  const lead = people.find(({ id }) => id === held.clearedBy)?.name ?? held.clearedBy;
  const until = held.until === null ? '' : ` until ${format(new Date(held.until), 'd MMM yyyy')}`;
  return (
    <p className="flex items-center gap-2 text-soft sm:ml-auto">
      <BadgeCheck className="size-5 shrink-0 text-success" aria-hidden="true" />
      {person.name} is cleared to weld here{until}, by {lead}.
    </p>
  );
}
