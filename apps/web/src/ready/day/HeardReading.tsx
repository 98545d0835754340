import type { Step } from '@lone-heron/contract';
import { Radio } from 'lucide-react';
import { shopNow } from '../../shared/clock/shopClock.js';
import { pointInWords } from '../../shared/link/pointInWords.js';
import { useReadLinkMutation, useLinkQuery } from '../../shared/link/linksApi.js';
import { ageWords, heardValue } from '../../shared/live/heardInWords.js';
import { useLiveMachine } from '../../shared/live/useLiveMachine.js';
import { heardPoint, typedAs } from './heardPoint.js';

interface HeardReadingProps {
  readonly machineId: string;
  readonly step: Step;
  readonly typed: Readonly<Record<string, string>>;
  readonly onTake: (typed: Record<string, string>) => void;
}

/** s. What was heard longer ago is not taken for what is. */
const longest = 60;

/** What the machine says of what a step reads, with where it comes from and how old it is; a person still takes it, and writes it down. */
export function HeardReading({ machineId, step, typed, onTake }: HeardReadingProps) {
  const point = heardPoint(step);
  const live = useLiveMachine(machineId);
  const { data: links } = useLinkQuery(machineId, { skip: point === null });
  const [read, { data: answered, isLoading, error }] = useReadLinkMutation();
  if (point === null) return null;
  const now = shopNow();
  const heard = live === undefined ? null : heardValue(live, point.key, now);
  const asked = answered?.readings.find(({ key }) => key === point.key) ?? null;
  const isOnMap = links?.[0]?.map.points.some(({ key }) => key === point.key) === true;
  const taken = (value: number) => onTake({ ...typed, [point.field]: typedAs(point, value) });
  const isOpen = (typed[point.field] ?? '') === '';
  if (point.key === 'gasFlow' && heard !== null && heard.age <= longest && heard.value === 0)
    return <p className="text-soft">The machine says the gas is off: pull the first stage of the trigger.</p>;
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1" aria-live="polite">
      {heard !== null && heard.age <= longest && (
        <Taken
          words={`The machine says ${pointInWords(point.key, heard.value)}, ${ageWords(heard.age)}`}
          isOpen={isOpen}
          onTake={() => taken(heard.value)}
        />
      )}
      {heard !== null && heard.age > longest && (
        <p className="text-soft">
          The machine said {pointInWords(point.key, heard.value)} {ageWords(heard.age)}: too old to be taken.
        </p>
      )}
      {heard === null && isOnMap && asked?.value == null && (
        <button
          type="button"
          className="btn touch-always"
          disabled={isLoading}
          onClick={() => void read(machineId)}
        >
          <Radio className="size-5" aria-hidden="true" /> {isLoading ? 'Reading' : 'Read the machine'}
        </button>
      )}
      {heard === null && asked !== null && asked.value !== null && (
        <Taken
          words={`The machine read ${pointInWords(point.key, asked.value)}`}
          isOpen={isOpen}
          onTake={() => taken(asked.value ?? 0)}
        />
      )}
      {(error !== undefined || asked?.fault != null) && (
        <p className="text-soft">{asked?.fault ?? 'The machine did not answer: read its panel.'}</p>
      )}
    </div>
  );
}

function Taken({ words, isOpen, onTake }: { words: string; isOpen: boolean; onTake: () => void }) {
  return (
    <>
      <p className="flex items-center gap-2">
        <Radio className="size-5 shrink-0" aria-hidden="true" /> {words}.
      </p>
      {isOpen && (
        <button type="button" className="btn touch-always" onClick={onTake}>
          Take it
        </button>
      )}
    </>
  );
}
