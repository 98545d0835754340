import { samePose, type Job, type JobWeld } from '@lone-heron/contract';
import { Replace } from 'lucide-react';
import type { JobPlan } from '../plan/planJob.js';
import { fittedFor } from '../plan/setUpWords.js';

interface ChangeFirstProps {
  job: Job;
  plan: JobPlan | null;
  weld: JobWeld;
  /** Mark of what was welded last; null before the first of all. */
  last: string | null;
}

/** What has to be changed on the gun, or how the part has to be turned, before this seam; nothing where nothing has. */
export function ChangeFirst({ job, plan, weld, last }: ChangeFirstProps) {
  const changes = changesFor({ job, plan, weld, last });
  if (changes.length === 0) return null;
  return (
    <section className="caution flex items-start gap-3 px-3 py-2" aria-label="Change first">
      <Replace className="mt-1 size-6 shrink-0" aria-hidden="true" />
      <div>
        <h2 className="font-semibold">{last === null ? 'Fit first' : 'Change first'}</h2>
        <ul className="text-lg">
          {changes.map((each) => (
            <li key={each}>{each}</li>
          ))}
        </ul>
      </div>
    </section>
  );
}

/** From what was welded last to this one; everything for the first of all. */
function changesFor({ job, plan, weld, last }: ChangeFirstProps): readonly string[] {
  const plannedOf = (mark: string) => plan?.welds.find((each) => each.mark === mark);
  const [to, from] = [plannedOf(weld.mark), last === null ? undefined : plannedOf(last)];
  const poseBefore = last === null ? null : job.draft.welds.find(({ mark }) => mark === last)?.pose;
  const turn =
    poseBefore !== undefined && !samePose(poseBefore ?? '', weld.pose) && weld.pose !== ''
      ? [`Part: ${weld.pose}`]
      : [];
  if (to === undefined) return turn;
  const [now, then] = [fittedFor(to), from === undefined ? null : fittedFor(from)];
  const changed = (Object.keys(names) as (keyof typeof names)[]).flatMap((name) =>
    then?.[name] === now[name] ? [] : [`${names[name]}: ${now[name]}`],
  );
  return [...changed, ...turn];
}

const names = { nozzle: 'Nozzle', wire: 'Wire', gas: 'Gas' } as const;
