import type { HandMode, Machine } from '@lone-heron/contract';
import { Link } from 'react-router';
import { whyNoAnswer } from './whyNoAnswer.js';
import type { WorkReading } from './readWork.js';

interface NoModeAnswerProps<Mode extends HandMode> {
  mode: Mode;
  reading: WorkReading<Mode>;
  machines: readonly Machine[];
}

/** What stands where the answer would: why there is none, and the way to what is missing. */
export function NoModeAnswer<Mode extends HandMode>({ mode, reading, machines }: NoModeAnswerProps<Mode>) {
  const { words, way } = whyNoAnswer(mode, reading, machines);
  return (
    <p className="sheet flex flex-wrap items-center gap-4 p-6 text-lg text-soft">
      <span className="grow basis-80">{words}</span>
      {way !== null && (
        <Link className="btn touch-always btn-primary" to={way.to}>
          {way.name}
        </Link>
      )}
    </p>
  );
}
