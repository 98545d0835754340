import type { Machine } from '@lone-heron/contract';
import { Cable } from 'lucide-react';
import { useId, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { Failure } from '../../shared/form/Failure.js';
import { signInFirst } from '../../shared/form/SaveButton.js';
import { useLinkQuery, useReadStoredMutation } from '../../shared/link/linksApi.js';
import { useEnterSlotMutation } from './programSlotsApi.js';
import { shownByCable } from './shownByCable.js';
import type { FilledSlot } from './slotStanding.js';

/** Holds every slot against the machine in one go, where its map says where they lie; each is written down as if a hand had read it. */
export function CompareAll({ machine, filled }: { machine: Machine; filled: readonly FilledSlot[] }) {
  const [link] = useLinkQuery(machine.id).data ?? [];
  const person = usePersonAtDesk();
  const why = useId();
  const [read, { isLoading, error }] = useReadStoredMutation();
  const [enter, { error: enterError }] = useEnterSlotMutation();
  const [done, setDone] = useState<string | null>(null);
  if (link?.map.slots === undefined || filled.length === 0) return null;
  const mayRead = person?.role === 'lead' || person?.role === 'welder';
  const waitsFor = person === null ? signInFirst : mayRead ? null : 'A welder or a lead compares slots.';
  const compare = async () => {
    setDone(null);
    const { data } = await read(machine.id);
    if (data === undefined) return;
    const silent: number[] = [];
    for (const { held } of filled) {
      const shown = shownByCable(data, held.slot);
      if (shown === null) {
        silent.push(held.slot);
        continue;
      }
      const entry = { did: 'compared', shown } as const;
      const answer = await enter({ machineId: machine.id, slot: held.slot, id: uuid(), entry });
      if (answer.error !== undefined) return;
    }
    setDone(doneWords(filled.length - silent.length, silent));
  };
  return (
    <div className="flex flex-wrap items-center gap-3">
      <button
        type="button"
        className="btn touch-always"
        disabled={waitsFor !== null || isLoading}
        aria-describedby={why}
        onClick={() => void compare()}
      >
        <Cable className="size-5" aria-hidden="true" /> {isLoading ? 'Reading' : 'Compare all over the cable'}
      </button>
      <span id={why} className="text-soft empty:hidden" role="status">
        {waitsFor ?? done}
      </span>
      <Failure error={error ?? enterError} />
    </div>
  );
}

function doneWords(compared: number, silent: readonly number[]): string {
  const nothing = silent.length === 0 ? '' : ` It says nothing of slot ${silent.join(', ')}.`;
  return `${compared} held against the machine: below is what differs.${nothing}`;
}
