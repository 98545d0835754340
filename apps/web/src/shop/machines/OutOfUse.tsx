import type { Machine } from '@lone-heron/contract';
import { shownMoment } from '../../shared/figures/moments.js';
import { useRetire } from './useRetire.js';
import { useNow } from '../../shared/clock/useNow.js';

/** Machines that are used no more: named where something was done with them, and offered nowhere. */
export function OutOfUse({ machines }: { machines: readonly Machine[] }) {
  const now = useNow();
  const retire = useRetire();
  if (machines.length === 0) return null;
  return (
    <details className="sheet px-4">
      <summary className="min-h-12 cursor-pointer content-center font-medium">
        Out of use: {machines.map(({ name }) => name).join(', ')}
      </summary>
      <ul className="divide-y divide-base-300">
        {machines.map((machine) => (
          <li key={machine.id} className="flex flex-wrap items-center gap-3 py-2">
            <span className="mr-auto">
              <strong>{machine.name}</strong>{' '}
              <span className="text-soft">
                {machine.retiredAt !== undefined && `since ${shownMoment(machine.retiredAt, now)}`}
              </span>
            </span>
            <button
              type="button"
              className="btn touch-always"
              disabled={retire === null}
              onClick={() => void retire?.(machine, false)}
            >
              Take {machine.name} into use again
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
