import { useCallback, useLayoutEffect, useRef } from 'react';

/** A function that stays the same and does what the newest one does. */
export function useLatest<Args extends unknown[], Result = void>(
  action: (...args: Args) => Result,
): (...args: Args) => Result {
  const latest = useRef(action);
  useLayoutEffect(() => {
    latest.current = action;
  });
  return useCallback((...args: Args) => latest.current(...args), []);
}
