import { relevantTo, type Joint } from '@lone-heron/contract';
import type { ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import { couponsApi } from '../../shared/api/couponsApi.js';

type State = Parameters<ReturnType<typeof couponsApi.endpoints.relevantCoupons.select>>[0];

/** The coupons that speak to a joint on a machine as they are held, asked for or not. */
export function selectRelevant(state: State, joint: Joint, machineId: string) {
  return couponsApi.endpoints.relevantCoupons.select(relevantTo(joint, machineId))(state).data;
}

/** Asks for the coupons that speak to a joint and keeps them fresh until the function that it gives is called. */
export function askRelevant(
  dispatch: ThunkDispatch<unknown, unknown, UnknownAction>,
  joint: Joint,
  machineId: string,
): () => void {
  const asked = dispatch(couponsApi.endpoints.relevantCoupons.initiate(relevantTo(joint, machineId)));
  return () => asked.unsubscribe();
}
