import type { HandMode, Trial } from '@lone-heron/contract';
import { Link } from 'react-router';
import { useSetTrialLadderClosedMutation, useTrialLaddersQuery } from '../../shared/api/trialsApi.js';
import { figure } from '../../shared/figures/figures.js';
import { LookMark } from '../../shared/modes/LookMark.js';
import { dialModeAddress } from '../../shared/modes/modeAddress.js';
import { settingOfTrialRung } from '../../shared/modes/rungOf.js';
import { lookSpeech } from '../../shared/modes/modeWords.js';

interface RungsToDoProps {
  mode: HandMode;
  machineId: string;
  trials: readonly Trial[];
}

/** Ladders of this mode on this machine that stand open, rung by rung: what was logged, and what is next. */
export function RungsToDo({ mode, machineId, trials }: RungsToDoProps) {
  const { data: ladders = [] } = useTrialLaddersQuery(undefined);
  const [setClosed] = useSetTrialLadderClosedMutation();
  const open = ladders.filter(
    (each) => each.closedAt === null && each.work.mode === mode && each.machineId === machineId,
  );
  return open.map((ladder) => (
    <section
      key={ladder.id}
      className="sheet flex flex-wrap items-center gap-2 px-3 py-2"
      aria-label={`Ladder ${ladder.number}`}
    >
      <h2 className="font-semibold">
        Ladder {ladder.number}: {ladder.name}
      </h2>
      <ol className="flex flex-wrap gap-1.5">
        {ladder.values.map((value, index) => {
          const logged = trials.find(
            (trial) =>
              trial.withdrawnAt === null &&
              trial.ladder?.ladderId === ladder.id &&
              trial.ladder.index === index,
          );
          return (
            <li key={value}>
              <Link
                to={dialModeAddress(ladder.work, machineId, settingOfTrialRung(ladder, index))}
                className="btn touch btn-sm"
              >
                {logged !== undefined && <LookMark mode={mode} look={logged.look} className="size-5" />}
                <span className="tabular-nums">{figure(value, 1)}</span>
                <span className="sr-only">
                  {logged === undefined ? 'not logged yet' : lookSpeech(mode, logged.look).short}
                </span>
              </Link>
            </li>
          );
        })}
      </ol>
      <button
        type="button"
        className="btn touch ml-auto btn-ghost btn-sm"
        onClick={() => void setClosed({ id: ladder.id, isClosed: true })}
      >
        Put away
      </button>
    </section>
  ));
}
