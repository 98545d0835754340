import { useCallback, useEffect, useMemo } from 'react';
import { useDispatch, useSelector } from 'react-redux';
import { knobs } from '@lone-heron/core';
import { plateStood, selectPlate } from '../../shared/memory/deskSlice.js';
import { allKnobs } from '../allKnobs.js';
import type { HandTurns } from '../dialAddress.js';
import type { DialOutcome } from '../dialOutcome.js';

/**
 * The numbers that stand on the plate for what is said: those that were first computed for it, until somebody takes newer ones.
 * A machine's panel does not turn itself when a coupon is logged, so the plate does not either.
 *
 * @param said what is said, without what is turned by hand
 * @returns null while none stand, and how to make some stand
 */
export function useStanding(said: string): {
  readonly standing: HandTurns | null;
  readonly stand: (numbers: HandTurns) => void;
} {
  const dispatch = useDispatch();
  const plate = useSelector(selectPlate);
  const standing = useMemo(() => (plate?.said === said ? plate.numbers : null), [plate, said]);
  const stand = useCallback(
    (numbers: HandTurns) => dispatch(plateStood({ said, numbers: written(numbers) })),
    [dispatch, said],
  );
  return { standing, stand };
}

/** Makes the first numbers stand that everything known was heard for. */
export function useFirstStand(
  { standing, stand }: ReturnType<typeof useStanding>,
  outcome: DialOutcome | null,
  isSettled: boolean,
): void {
  useEffect(() => {
    if (standing === null && isSettled && outcome !== null) stand(allKnobs(outcome.computed));
  }, [standing, stand, isSettled, outcome]);
}

function written(numbers: HandTurns): Record<string, number> {
  return Object.fromEntries(
    knobs.flatMap((knob) => (numbers[knob] === undefined ? [] : [[knob, numbers[knob]]])),
  );
}
