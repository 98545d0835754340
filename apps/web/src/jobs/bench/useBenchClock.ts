import { useEffect, useState } from 'react';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { useKept } from '../../shared/typing/useKept.js';

/** What the clock of a seam holds: it outlives the page, so that a phone that goes dark loses no seconds. */
interface KeptClock {
  /** ms since 1970; 0 while it stands still. */
  readonly runsSince: number;
  /** Seconds before that. */
  readonly seconds: number;
}

const still: KeptClock = { runsSince: 0, seconds: 0 };

/** Time the light was on at one seam: started and stopped by one key, as often as it takes. */
export function useBenchClock(sheet: string) {
  const [clock, setClock] = useKept(sheet, 'clock', () => still);
  const isRunning = clock.runsSince > 0;
  const shown = useShownSeconds(clock);
  const secondsNow = () => clock.seconds + (isRunning ? Math.max(0, Date.now() - clock.runsSince) / 1000 : 0);
  return {
    isRunning,
    /** For the eye: renewed ten times a second. */
    shown,
    /** Whether it ever ran for this seam. */
    hasRun: isRunning || clock.seconds > 0,
    secondsNow: () => Math.round(secondsNow() * 10) / 10,
    toggle: () =>
      setClock(isRunning ? { runsSince: 0, seconds: secondsNow() } : { ...clock, runsSince: Date.now() }),
    stop: () => setClock({ runsSince: 0, seconds: secondsNow() }),
    reset: () => void forgetTyping(sheet),
  };
}

function useShownSeconds({ runsSince, seconds }: KeptClock): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (runsSince === 0) return undefined;
    const tick = setInterval(() => setNow(Date.now()), 100);
    return () => clearInterval(tick);
  }, [runsSince]);
  return seconds + (runsSince === 0 ? 0 : Math.max(0, now - runsSince) / 1000);
}
