import type { Day, DayProgress, Step } from '@lone-heron/contract';
import { format } from 'date-fns';
import { Undo2 } from 'lucide-react';
import { toastFailure } from '../../shared/say/toast.js';
import { v7 as uuid } from 'uuid';
import { usePeopleQuery } from '../../shared/api/heronApi.js';
import { problemOf } from '../../shared/api/problemOf.js';
import { useAsSomebody } from '../../shared/door/useAsSomebody.js';
import { useEnterStepMutation } from '../readyApi.js';
import { readingInWords } from './readingInWords.js';
import { StepMark } from './StepMark.js';

/** All steps at a glance: where each stands, who did it and when, what it read. */
export function StepList({ day, progress }: { day: Day; progress: DayProgress }) {
  const isEvening = progress.phase === 'shutDown' || progress.phase === 'closed';
  const lists = [
    { title: 'Start-up', steps: day.startUp, isNow: !isEvening },
    { title: 'Shut-down', steps: day.shutDown, isNow: isEvening },
  ];
  return (
    <div className="flex flex-col gap-3" role="group" aria-label="Ready, start-up and shut-down">
      {lists.map(({ title, steps, isNow }) => (
        <details key={`${title} ${isNow}`} className="sheet" open={isNow}>
          <summary className="touch-always flex cursor-pointer items-center gap-2 px-4 font-semibold">
            {title}
            <span className="font-normal text-soft">
              {steps.filter(({ id }) => progress.standings[id] !== 'todo').length} of {steps.length}
            </span>
          </summary>
          <ol className="divide-y divide-base-300 border-t border-base-300">
            {steps.map((step) => (
              <StepRow key={step.id} day={day} step={step} steps={steps} progress={progress} />
            ))}
          </ol>
        </details>
      ))}
    </div>
  );
}

const clockOf = (iso: string) => format(new Date(iso), 'HH:mm');

interface StepRowProps {
  day: Day;
  step: Step;
  steps: readonly Step[];
  progress: DayProgress;
}

function StepRow({ day, step, steps, progress }: StepRowProps) {
  const { data: people = [] } = usePeopleQuery(undefined);
  const entry = progress.entryOf[step.id];
  const standing = progress.standings[step.id] ?? 'todo';
  const later = steps.slice(steps.indexOf(step) + 1);
  const isLast = standing !== 'todo' && later.every(({ id }) => progress.standings[id] === 'todo');
  const isNow = progress.next?.id === step.id;
  return (
    <li
      className={`flex min-h-9 items-center gap-2.5 px-4 leading-tight ${isNow ? 'bg-base-200 font-semibold' : ''}`}
      aria-current={isNow ? 'step' : undefined}
    >
      <StepMark standing={standing} />
      <span className="grow">{step.title}</span>
      {entry !== undefined && (
        <span className="shrink-0 text-right text-sm leading-tight text-soft">
          {entry.outcome === 'skipped' ? entry.reason : readingInWords(entry.reading)}
          <span className="block">
            {people.find(({ id }) => id === entry.personId)?.name} {clockOf(entry.at)}
          </span>
        </span>
      )}
      {isLast && <TakeBack day={day} step={step} />}
    </li>
  );
}

/** Takes the last step back; the record keeps both. */
function TakeBack({ day, step }: { day: Day; step: Step }) {
  const asSomebody = useAsSomebody();
  const [enter, { isLoading }] = useEnterStepMutation();
  const takeBack = async () => {
    const nothing = { reads: 'none' as const };
    const draft = { stepId: step.id, outcome: 'undone' as const, reading: nothing, reason: '' };
    const answer = await enter({ dayId: day.id, id: uuid(), draft });
    if (answer.error !== undefined) toastFailure(problemOf(answer.error).message);
  };
  return (
    <button
      type="button"
      className="btn touch h-10 min-h-10 btn-square btn-ghost"
      aria-label={`Take back: ${step.title}`}
      disabled={isLoading}
      onClick={() => asSomebody(() => void takeBack())}
    >
      <Undo2 className="size-5" aria-hidden="true" />
    </button>
  );
}
