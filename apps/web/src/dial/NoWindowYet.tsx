import type { Machine } from '@lone-heron/contract';
import { Link } from 'react-router';
import { useWindowsQuery } from '../shared/api/windowsApi.js';

/** One line where no window of the machine is written down: a coupon could not be logged. */
export default function NoWindowYet({ machine }: { machine: Machine }) {
  const { data: windows } = useWindowsQuery(undefined);
  if (windows === undefined || windows.some(({ machineId }) => machineId === machine.id)) return null;
  return (
    <p className="caution flex flex-wrap items-center gap-x-3 px-3 py-0.5 leading-snug" role="note">
      <span>No window of {machine.name} is written down yet: coupons of it can be logged once one is.</span>
      <Link className="touch flex items-center font-semibold underline" to="/optics">
        Say which is in
      </Link>
    </p>
  );
}
