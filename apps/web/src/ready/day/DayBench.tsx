import { dayProgress, type Day, type Machine } from '@lone-heron/contract';
import { Power } from 'lucide-react';
import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { problemOf } from '../../shared/api/problemOf.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { isForgotten } from '../../shared/readiness/dayWords.js';
import { sentenceStart } from '../../shared/sentences/sentenceStart.js';
import { shownMoment } from '../../shared/figures/moments.js';
import { useOpenDayMutation } from '../readyApi.js';
import { DayLinks } from './DayLinks.js';
import { StepList } from './StepList.js';
import { StepNow } from './StepNow.js';
import { useNow } from '../../shared/clock/useNow.js';

/** A machine's day under way: the step to do now, large, beside all of them at a glance. */
export function DayBench({ machine, day }: { machine: Machine; day: Day | undefined }) {
  if (day === undefined || day.closedAt !== null) return <NotOpened machine={machine} last={day} />;
  return <OpenDay machine={machine} day={day} />;
}

function OpenDay({ machine, day }: { machine: Machine; day: Day }) {
  const now = useNow();
  const [isEnding, setEnding] = useState(false);
  const progress = dayProgress(day);
  const isWorking = progress.phase === 'open';
  const firstOfEvening = isEnding ? day.shutDown[0] : undefined;
  const step = isWorking ? firstOfEvening : (progress.next ?? undefined);
  return (
    <div className="grid items-start gap-4 lg:grid-cols-[1fr_minmax(0,34rem)]">
      <div className="flex flex-col gap-4">
        {isForgotten(day, now) && (
          <p className="caution p-3" role="note">
            Opened {shownMoment(day.openedAt, now)} and never shut down. Shut it down now, or work on: the
            record runs over midnight.
          </p>
        )}
        {isWorking && !isEnding && (
          <OpenForWork day={day} machine={machine} onShutDown={() => setEnding(true)} />
        )}
        {step !== undefined && <StepNow key={step.id} day={day} step={step} machine={machine} />}
        <DayLinks machine={machine} day={day} />
      </div>
      <StepList day={day} progress={progress} />
    </div>
  );
}

interface OpenForWorkProps {
  day: Day;
  machine: Machine;
  onShutDown: () => void;
}

function OpenForWork({ day, machine, onShutDown }: OpenForWorkProps) {
  const now = useNow();
  const { standings } = dayProgress(day);
  const unmet = day.startUp.filter(({ id }) => standings[id] !== 'done');
  return (
    <section className="sheet flex flex-col gap-2 p-5" aria-label="Open for work">
      <p className="text-3xl font-semibold text-success">Open for work</p>
      <p className="text-lg">
        {sentenceStart(machine.name)}, since {sinceWords(day, now)}.
        {unmet.length > 0 &&
          ` Not as it should be: ${unmet.map(({ title }) => title.toLowerCase()).join('; ')}.`}
      </p>
      <button type="button" className="btn mt-4 h-14 self-start px-6 text-lg" onClick={onShutDown}>
        <Power className="size-5" aria-hidden="true" /> Shut down {machine.name}
      </button>
    </section>
  );
}

/** "06:10", or with its day where that was another. */
function sinceWords({ openedAt }: Day, now: Date): string {
  return shownMoment(openedAt, now).replace(/^today /, '');
}

/** No day is open: the way to open one, and how the last one ended. */
function NotOpened({ machine, last }: { machine: Machine; last: Day | undefined }) {
  const now = useNow();
  const [id] = useState(() => uuid());
  const person = usePersonAtDesk();
  const [open, { isLoading, error }] = useOpenDayMutation();
  return (
    <section className="sheet flex flex-col items-start gap-4 p-5" aria-label="Not opened">
      <h2 className="text-3xl font-semibold">{sentenceStart(machine.name)} is not opened</h2>
      <p className="text-lg text-soft">
        {last === undefined
          ? 'Its first day: every step is written down with who did it and when.'
          : `Last shut down ${shownMoment(last.closedAt ?? last.openedAt, now)}.`}
      </p>
      <WhoDidIt label="Started up by" />
      {error !== undefined && (
        <p role="alert" className="fault">
          Not opened. {problemOf(error).message}
        </p>
      )}
      <button
        type="button"
        className="btn h-16 px-8 text-xl btn-primary max-sm:w-full"
        disabled={person === null || isLoading}
        onClick={() => void open({ machineId: machine.id, id })}
      >
        Start up {machine.name}
      </button>
      <DayLinks machine={machine} day={last} />
    </section>
  );
}
