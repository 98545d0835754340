import { useEffect, useReducer } from 'react';

/** Shows a component anew every so often, where what it says has an age. @param ms null for not at all */
export function useTick(ms: number | null): void {
  const [, again] = useReducer((turns: number) => turns + 1, 0);
  useEffect(() => {
    if (ms === null) return undefined;
    const ticking = setInterval(again, ms);
    return () => clearInterval(ticking);
  }, [ms]);
}
