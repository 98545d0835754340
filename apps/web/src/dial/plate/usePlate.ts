import { useCallback, useEffect, useMemo } from 'react';
import { useDispatch, useSelector } from 'react-redux';
import { plateStood, selectPlate } from '../../shared/memory/deskSlice.js';
import { allKnobs } from '../allKnobs.js';
import type { HandTurns } from '../dialAddress.js';
import type { DialOutcome } from '../dialOutcome.js';

/**
 * The numbers that stand on the plate for what is said: those that were first computed for it, until somebody takes newer ones.
 * A machine's panel does not turn itself when a coupon is logged, so the plate does not either.
 */
export interface Plate {
  /** Null while none stand. */
  readonly standing: HandTurns | null;
  /** Coupons that spoke to the joint when they came. */
  readonly heard: number;
  readonly stand: (numbers: HandTurns, heard: number) => void;
}

/** @param said what is said, without what is turned by hand */
export function usePlate(said: string): Plate {
  const dispatch = useDispatch();
  const plate = useSelector(selectPlate);
  const stand = useCallback<Plate['stand']>(
    (numbers, heard) => dispatch(plateStood({ said, numbers: { ...numbers }, heard })),
    [dispatch, said],
  );
  return useMemo(
    () =>
      plate?.said === said
        ? { standing: plate.numbers, heard: plate.heard, stand }
        : { standing: null, heard: 0, stand },
    [plate, said, stand],
  );
}

/** Makes the first numbers stand that everything known was heard for. */
export function useFirstStand(
  { standing, stand }: Plate,
  outcome: DialOutcome | null,
  isSettled: boolean,
): void {
  useEffect(() => {
    if (standing === null && isSettled && outcome !== null)
      stand(allKnobs(outcome.computed), heardIn(outcome));
  }, [standing, stand, isSettled, outcome]);
}

/** Coupons that spoke to an outcome. */
export function heardIn({ learned }: Pick<DialOutcome, 'learned'>): number {
  return learned?.shop.used.length ?? 0;
}
