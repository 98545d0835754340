import type { LiveMachine } from '@lone-heron/contract';
import { linkPoints, type LinkKey, type Seen } from '@lone-heron/core';
import { TriangleAlert } from 'lucide-react';
import { shopNow } from '../../shared/clock/shopClock.js';
import { pointInWords } from '../../shared/link/pointInWords.js';
import { ageWords, heardValue, secondsSince } from '../../shared/live/heardInWords.js';
import { useLiveMachine } from '../../shared/live/useLiveMachine.js';

interface HeardNowProps {
  readonly machineId: string;
  readonly seen: Seen;
  readonly onSee: (seen: Seen) => void;
}

/** What bears on a fault, in the order of where one looks. */
const told: readonly LinkKey[] = [
  ...(['interlocksClosed', 'workClamped', 'emissionReady', 'gasFlow'] as const),
  ...(['coolant', 'windowHolder', 'realPower'] as const),
];

/** What the machine itself says while somebody looks for what is wrong; nothing where it is not listened to. */
export function HeardNow({ machineId, seen, onSee }: HeardNowProps) {
  const live = useLiveMachine(machineId);
  if (live === undefined || live.heardAt === null) return null;
  const now = shopNow();
  const values = told.flatMap((key) => {
    const heard = heardValue(live, key, now);
    return heard === null ? [] : [{ key, ...heard }];
  });
  return (
    <section className="sheet flex flex-col gap-2 px-5 py-3" aria-label="What the machine says">
      {live.alarm !== null && <Alarm alarm={live.alarm} seen={seen} onSee={onSee} />}
      <dl className="flex flex-wrap gap-x-5">
        {values.map(({ key, value, age }) => (
          <div key={key} className="flex gap-1.5">
            <dt className="text-soft">{linkPoints[key].said}</dt>
            <dd>
              {pointInWords(key, value)} <span className="text-sm text-soft">{ageWords(age)}</span>
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

function Alarm({
  alarm: { code, said, means, since },
  seen,
  onSee,
}: {
  alarm: NonNullable<LiveMachine['alarm']>;
  seen: Seen;
  onSee: (seen: Seen) => void;
}) {
  const open = means.filter((answer) => !(answer in seen));
  return (
    <div className="flex flex-wrap items-center gap-3">
      <p className="flex grow items-center gap-2 text-lg font-semibold">
        <TriangleAlert className="size-5 shrink-0" aria-hidden="true" /> Alarm {code}: {said}
        <span className="text-base font-normal text-soft">
          came {ageWords(secondsSince(since, shopNow()))}
        </span>
      </p>
      {open.length > 0 && (
        <button
          type="button"
          className="btn touch-always btn-primary"
          onClick={() => onSee({ ...seen, ...Object.fromEntries(open.map((answer) => [answer, 'yes'])) })}
        >
          Take it as seen
        </button>
      )}
    </div>
  );
}
