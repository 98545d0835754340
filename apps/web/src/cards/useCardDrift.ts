import { cardDrift, relevantTo, type CardContent, type CardDrift, type Machine } from '@lone-heron/contract';
import { useMemo } from 'react';
import { useRelevantCouponsQuery } from '../shared/api/couponsApi.js';
import { useBottlesQuery } from '../shared/api/supplyApi.js';

/** Whether a card's newest coupons disagree with its older ones; null where they do not, or nobody can tell. */
export function useCardDrift(content: CardContent, machine: Machine | undefined): CardDrift | null {
  const { data } = useRelevantCouponsQuery(relevantTo(content.joint, content.machineId, 'only'));
  const { data: bottles } = useBottlesQuery(undefined);
  return useMemo(
    () =>
      data === undefined || machine === undefined
        ? null
        : cardDrift(content, data.coupons, machine.profile, bottles ?? []),
    [data, bottles, content, machine],
  );
}
