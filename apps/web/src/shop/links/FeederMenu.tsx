import type { Machine, MachineLink } from '@lone-heron/contract';
import { useId } from 'react';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { Failure } from '../../shared/form/Failure.js';
import { signInFirst } from '../../shared/form/SaveButton.js';
import { useReadStoredMutation } from '../../shared/link/linksApi.js';
import { feederRows, type FeederRow } from './feederRows.js';

/** The feeder’s menu as the machine has it, beside what is written down here and what it came with; nothing where its map has none. */
export function FeederMenu({ machine, link }: { machine: Machine; link: MachineLink }) {
  const person = usePersonAtDesk();
  const why = useId();
  const [read, { data, isLoading, error }] = useReadStoredMutation();
  if ((link.map.feeder ?? []).length === 0) return null;
  return (
    <section className="sheet flex flex-col gap-2 p-4" aria-label="The feeder’s menu">
      <div className="flex flex-wrap items-center gap-3">
        <h2 className="grow text-lg font-semibold">The feeder’s menu</h2>
        <span id={why} className="text-sm text-soft empty:hidden">
          {person === null ? signInFirst : ''}
        </span>
        <button
          type="button"
          className="btn touch-always"
          disabled={person === null || isLoading}
          aria-describedby={why}
          onClick={() => void read(machine.id)}
        >
          {isLoading ? 'Reading' : 'Read the menu'}
        </button>
      </div>
      <Failure error={error} />
      {data !== undefined && <Entries rows={feederRows(machine.profile.feederMenu, data.feeder)} />}
    </section>
  );
}

function Entries({ rows }: { rows: readonly FeederRow[] }) {
  return (
    <table className="table table-sm text-base" aria-label="Its entries">
      <thead>
        <tr>
          {['', 'in the machine', 'written here', 'as it came', ''].map((head, at) => (
            <th key={at} scope="col">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(({ name, holds, written, came, words }) => (
          <tr key={name}>
            <th scope="row" className="text-base font-normal">
              {name}
            </th>
            <td className="text-base">{holds}</td>
            <td className="text-base">{written}</td>
            <td className="text-base">{came}</td>
            <td className="text-base font-semibold">{words}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
