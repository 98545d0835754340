import type { LiveMachine, Machine } from '@lone-heron/contract';
import { Link } from 'react-router';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { shopNow } from '../../shared/clock/shopClock.js';
import { useLiveMachines } from '../../shared/live/useLiveMachine.js';
import { liveLine, type LiveLine } from './liveLine.js';
import { wrongAddress } from './wrongAddress.js';

/** On a phone nothing comes and goes above what a thumb is about to press: troubles alone are told there. */
const looks: Readonly<Record<LiveLine['mood'], string>> = {
  quiet: 'text-soft max-md:hidden',
  lit: 'font-semibold max-md:hidden',
  trouble: 'font-semibold',
};

/** What the machines say now, under the waterline: quiet while all is well, and nothing where none is listened to. */
export function LiveStrip() {
  const live = useLiveMachines();
  const { data: machines = [] } = useMachinesQuery(undefined);
  const now = shopNow();
  const lines = live.flatMap((each) => {
    const machine = machines.find(({ id }) => id === each.machineId);
    return machine === undefined ? [] : [{ live: each, machine, line: liveLine(each, now) }];
  });
  if (lines.length === 0) return null;
  return (
    <ul
      aria-label="What the machines say"
      className="flex flex-wrap gap-x-6 border-b border-base-300 px-4 text-sm sm:px-6"
    >
      {lines.map(({ live: each, machine, line }) => (
        <li key={machine.id} className={`flex min-h-7 items-center ${looks[line.mood]}`}>
          <Line live={each} machine={machine} line={line} />
        </li>
      ))}
      <li className="ml-auto flex min-h-7 items-center text-soft max-md:hidden">
        as heard; its own lamps count
      </li>
    </ul>
  );
}

function Line({ live, machine, line }: { live: LiveMachine; machine: Machine; line: LiveLine }) {
  if (live.alarm !== null && line.words === live.alarm.said)
    return (
      <Link className="touch inline-flex items-center text-error" to={wrongAddress(machine.id, live.alarm)}>
        {machine.name}: {line.words}. What to do
      </Link>
    );
  return (
    <span>
      {machine.name}: {line.words}
    </span>
  );
}
