import { gunModeOf, lastChangeover, type HandMode, type Machine } from '@lone-heron/contract';
import { Link } from 'react-router';
import { useRecordsOfQuery } from '../../shared/api/recordsApi.js';
import { gunModeWords } from '../../shared/modes/gunModeWords.js';
import { isToday } from '../../shared/modes/isToday.js';

/** Whether the gun was switched to this mode today, and the way to what is asked for it; quiet where it was. */
export function SwitchedTo({ mode, machine }: { mode: HandMode; machine: Machine }) {
  const { data: records } = useRecordsOfQuery(machine.id);
  if (records === undefined) return null;
  const to = gunModeOf(mode);
  const last = lastChangeover(records);
  if (last?.detail.to === to && isToday(last.at)) return null;
  const standing =
    last !== null && isToday(last.at)
      ? `${machine.name} was switched to ${gunModeWords[last.detail.to]} last.`
      : `Nobody has switched ${machine.name} to ${gunModeWords[to]} today.`;
  return (
    <p className="sheet flex flex-wrap items-center gap-3 border-l-4 border-l-primary px-4 py-1.5">
      <span className="grow">{standing}</span>
      <Link className="btn touch btn-sm" to={`/ready/switch/${machine.id}/${to}`}>
        Switch it to {gunModeWords[to]}
      </Link>
    </p>
  );
}
