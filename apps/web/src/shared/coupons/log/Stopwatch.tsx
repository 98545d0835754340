import { Timer } from 'lucide-react';
import { useEffect, useState } from 'react';
import { figure } from '../../figures/figures.js';

interface StopwatchProps {
  /** ms since 1970; null while it stands still. */
  startedAt: number | null;
  onStart: (at: number) => void;
  /** Seconds it ran, to a tenth. */
  onStop: (seconds: number) => void;
}

/** One large button that is pressed when the light comes on and again when it goes off. */
export function Stopwatch({ startedAt, onStart, onStop }: StopwatchProps) {
  const running = useRunningSeconds(startedAt);
  const press = () => {
    if (startedAt === null) onStart(Date.now());
    else onStop(Math.round((Date.now() - startedAt) / 100) / 10);
  };
  return (
    <button
      type="button"
      className={`btn touch-always w-full justify-start text-base ${startedAt === null ? '' : 'btn-primary'}`}
      onClick={press}
    >
      <Timer className="size-5" aria-hidden="true" />
      {startedAt === null ? 'Time it' : <span className="figure">Stop at {figure(running, 1)} s</span>}
    </button>
  );
}

function useRunningSeconds(startedAt: number | null): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (startedAt === null) return undefined;
    const tick = setInterval(() => setNow(Date.now()), 100);
    return () => clearInterval(tick);
  }, [startedAt]);
  return startedAt === null ? 0 : Math.max(0, (now - startedAt) / 1000);
}
