import type { HeadPart, Machine } from '@lone-heron/contract';
import { differenceInCalendarDays } from 'date-fns';
import { useState } from 'react';
import { Link } from 'react-router';
import { PickField } from '../../shared/form/PickField.js';
import { figure } from '../../shared/figures/figures.js';
import { sentenceStart } from '../../shared/sentences/sentenceStart.js';
import { partReasonWords, partWords } from './partWords.js';
import { ChangePart } from './ChangePart.js';
import { usePartsQuery } from './headPartsApi.js';
import { useNow } from '../../shared/clock/useNow.js';

/** Seals, lenses, nozzles, liners and filters of a machine: what is fitted since when, and what came out. */
export function OtherParts({ machines }: { machines: readonly Machine[] }) {
  const [picked, setPicked] = useState('');
  const [isChanging, setChanging] = useState(false);
  const machine = machines.find(({ id }) => id === picked) ?? machines[0];
  if (machine === undefined) return null;
  return (
    <section className="sheet flex flex-col gap-2 px-4 py-3" aria-label="Other parts">
      <div className="flex flex-wrap items-end gap-3">
        <h2 className="mr-auto self-center font-semibold">Other parts</h2>
        <PickField
          label="Machine"
          value={machine.id}
          choices={machines.map(({ id, name }) => ({ value: id, label: name }))}
          onPick={setPicked}
        />
        <button type="button" className="btn touch-always" onClick={() => setChanging(true)}>
          A part was changed
        </button>
      </div>
      <PartsOf machine={machine} />
      {isChanging && <ChangePart machine={machine} onClose={() => setChanging(false)} />}
    </section>
  );
}

function PartsOf({ machine }: { machine: Machine }) {
  const { data: parts = [] } = usePartsQuery(machine.id);
  const fitted = parts.filter(({ removedAt }) => removedAt === null);
  if (fitted.length === 0)
    return (
      <p className="text-soft">
        None written down on {machine.name} yet: seal, lenses, nozzle, guide, liner, rolls, filters. Write
        down what you change, and you learn how long each lasts.
      </p>
    );
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={`Parts of ${machine.name}`}>
      <table className="table">
        <thead>
          <tr>
            <th scope="col">Part</th>
            <th scope="col">In for</th>
            <th scope="col">Light, written down</th>
            <th scope="col">Those before it</th>
            <th scope="col">
              <span className="sr-only">How to change it</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {fitted.map((part) => (
            <PartRow key={part.id} part={part} all={parts} />
          ))}
        </tbody>
      </table>
    </div>
  );
}

function PartRow({ part, all }: { part: HeadPart; all: readonly HeadPart[] }) {
  const now = useNow();
  const before = all.filter(
    (each) => each.removedAt !== null && each.kind === part.kind && each.place === part.place,
  );
  return (
    <tr>
      <td>
        {sentenceStart(partWords[part.kind])}
        {part.place !== '' && `, ${part.place}`}
      </td>
      <td className="whitespace-nowrap tabular-nums">{daysIn(part, now)}</td>
      <td className="whitespace-nowrap tabular-nums">{figure(part.lightHours, 1)} h</td>
      <td className="text-soft">
        {before.length === 0
          ? 'the first on record'
          : before
              .slice(0, 3)
              .map((each) => `${daysIn(each, now)}, ${partReasonWords[each.removedReason ?? 'other']}`)
              .join('; ')}
      </td>
      <td>
        <Link
          className="btn touch btn-ghost"
          to={`/optics/guide/${part.kind}`}
          aria-label={`How: ${partWords[part.kind]}${part.place === '' ? '' : `, ${part.place}`}`}
        >
          How
        </Link>
      </td>
    </tr>
  );
}

function daysIn({ fittedAt, removedAt }: HeadPart, now: Date): string {
  const days = differenceInCalendarDays(removedAt === null ? now : new Date(removedAt), new Date(fittedAt));
  return days === 1 ? '1 day' : `${days} days`;
}
