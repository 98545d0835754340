import type { Machine } from '@lone-heron/contract';
import { Link } from 'react-router';
import type { StandingTask } from '../../shared/upkeep/upkeepDue.js';
import { ShopPhotoLink } from '../photos/ShopPhotoLink.js';
import { standingInWords } from './standingInWords.js';
import { UpkeepMark } from './UpkeepMark.js';
import { useNow } from '../../shared/clock/useNow.js';

interface TaskRowProps {
  of: StandingTask;
  machines: readonly Machine[];
  onDone: () => void;
}

/** A task: how it stands, when it was done last, and the button that says it is done. */
export function TaskRow({ of, machines, onDone }: TaskRowProps) {
  const now = useNow();
  const { machineId, task, standing, state } = of;
  const [last] = standing.done;
  const machineName = machines.find(({ id }) => id === machineId)?.name ?? machineId;
  return (
    <li className="grid grid-cols-[1.75rem_minmax(0,1fr)_auto] items-center gap-3 py-1.5">
      <UpkeepMark state={state} />
      <span className="leading-snug">
        <strong>{task.title}</strong>, {machineName}
        <span className="block text-sm text-soft">
          {standingInWords(of, now)}. {task.how}
        </span>
      </span>
      <span className="flex items-center gap-1">
        {last?.photoId != null && (
          <ShopPhotoLink
            machineId={machineId}
            photoId={last.photoId}
            words={`Photo of the last time: ${task.title}`}
          />
        )}
        {task.part !== null && (
          <Link
            className="btn touch btn-ghost"
            to={`/optics/guide/${task.part}`}
            aria-label={`How: ${task.title}, ${machineName}`}
          >
            How
          </Link>
        )}
        <button
          type="button"
          className="btn touch-always"
          aria-label={`Done: ${task.title}, ${machineName}`}
          onClick={onDone}
        >
          Done
        </button>
      </span>
    </li>
  );
}
