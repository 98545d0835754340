import {
  relevantTo,
  type CardContent,
  type Coupon,
  type LearnOfJob,
  type Machine,
} from '@lone-heron/contract';
import { useMemo } from 'react';
import { useCouponsQuery, useRelevantCouponsQuery } from '../shared/api/couponsApi.js';
import { houseContent, useHouseQuery } from '../shared/api/houseApi.js';
import { evidenceQuery } from '../shared/evidence/evidenceQuery.js';
import { learnFrom } from '../shared/evidence/learnFrom.js';

const nothing: LearnOfJob = () => null;

/** What the coupons that speak to a card's joint say of any job; nothing until they have come. */
export function useLearnOf(
  { joint, machineId }: Pick<CardContent, 'joint' | 'machineId'>,
  machines: readonly Machine[],
): LearnOfJob {
  const { data } = useRelevantCouponsQuery(relevantTo(joint, machineId));
  return useLearned(data?.coupons, machines);
}

/** What the shop's newest coupons say, for a list of cards of every joint; nothing until they have come. */
export function useLearn(machines: readonly Machine[]): LearnOfJob {
  const { data } = useCouponsQuery(evidenceQuery);
  return useLearned(data?.coupons, machines);
}

function useLearned(coupons: readonly Coupon[] | undefined, machines: readonly Machine[]): LearnOfJob {
  const { otherWorkshops } = houseContent(useHouseQuery(undefined).data).practice;
  return useMemo(
    () => (coupons === undefined ? nothing : learnFrom(coupons, machines, { otherWorkshops })),
    [coupons, machines, otherWorkshops],
  );
}
