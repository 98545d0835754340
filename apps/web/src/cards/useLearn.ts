import type { LearnOfJob, Machine } from '@lone-heron/contract';
import { useMemo } from 'react';
import { useCouponsQuery } from '../shared/api/couponsApi.js';
import { evidenceQuery } from '../shared/evidence/evidenceQuery.js';
import { learnFrom } from '../shared/evidence/learnFrom.js';

const nothing: LearnOfJob = () => null;

/** What the shop's coupons say of any job; nothing until they have come. */
export function useLearn(machines: readonly Machine[]): LearnOfJob {
  const { data } = useCouponsQuery(evidenceQuery);
  return useMemo(() => (data === undefined ? nothing : learnFrom(data.coupons, machines)), [data, machines]);
}
