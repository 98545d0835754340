import {
  everyFaultCheck,
  faultChecks,
  type CheckWorth,
  type FaultCheckName,
  type Seen,
} from '@lone-heron/core';
import { Undo2 } from 'lucide-react';
import { checkWords } from './checkWords.js';

interface NextCheckProps {
  checks: readonly CheckWorth[];
  seen: Seen;
  onSee: (seen: Seen) => void;
}

/** Further checks that are offered beside the one that is asked. */
const mostOffered = 3;

/** The check that tells most a minute, the next best ones, and those that were answered. */
export function NextCheck({ checks, seen, onSee }: NextCheckProps) {
  const [first, ...others] = checks;
  const answered = everyFaultCheck.filter((check) => check in seen);
  const answer = (check: FaultCheckName, said: 'yes' | 'no') => onSee({ ...seen, [check]: said });
  return (
    <section className="sheet flex flex-col gap-2 px-5 py-3" aria-label="Check next">
      {first === undefined ? (
        <p className="text-lg">Every check is made. File what it was, or call whoever looks after it.</p>
      ) : (
        <Asked key={first.check} worth={first} onAnswer={answer} />
      )}
      {others.length > 0 && (
        <details className="border-t border-base-300">
          <summary className="min-h-12 cursor-pointer content-center">Rather another check</summary>
          {others.slice(0, mostOffered).map((worth) => (
            <Asked key={worth.check} worth={worth} onAnswer={answer} />
          ))}
        </details>
      )}
      {answered.length > 0 && (
        <ul className="flex flex-wrap gap-2 border-t border-base-300 pt-2">
          {answered.map((check) => (
            <li key={check}>
              <button
                type="button"
                className="btn touch btn-ghost"
                aria-label={`Take back: ${checkWords[check].name}`}
                onClick={() => {
                  const { [check]: _taken, ...rest } = seen;
                  onSee(rest);
                }}
              >
                <Undo2 className="size-4" aria-hidden="true" /> {checkWords[check].name}:{' '}
                {seen[check] === 'yes' ? checkWords[check].found : 'nothing'}
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

interface AskedProps {
  worth: CheckWorth;
  onAnswer: (check: FaultCheckName, said: 'yes' | 'no') => void;
}

function Asked({ worth: { check, minutes }, onAnswer }: AskedProps) {
  const { name, how, found } = checkWords[check];
  return (
    <div className="flex flex-col gap-2 py-1">
      <h2 className="text-xl font-semibold">
        {name} <span className="text-base font-normal text-soft">about {minutes} min</span>
      </h2>
      {faultChecks[check].needsIsolation && (
        <p className="caution px-3 py-2" role="note">
          Isolate first: laser off, key out, gas closed, cap on. Nobody looks into the nozzle or through a
          glass. The manual decides, and who is trained for it.
        </p>
      )}
      <p>{how}</p>
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn touch-always btn-primary" onClick={() => onAnswer(check, 'yes')}>
          Yes: {found}
        </button>
        <button type="button" className="btn touch-always" onClick={() => onAnswer(check, 'no')}>
          Nothing found
        </button>
      </div>
    </div>
  );
}
