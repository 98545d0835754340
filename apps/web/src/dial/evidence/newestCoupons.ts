import type { ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import { couponsApi } from '../../shared/api/couponsApi.js';
import { evidenceQuery } from '../../shared/evidence/evidenceQuery.js';

/** The newest coupons as they are held, asked for or not. */
export const selectNewestCoupons = couponsApi.endpoints.coupons.select(evidenceQuery);

/** Asks for the newest coupons and keeps them fresh until the function that it gives is called. */
export function askNewestCoupons(dispatch: ThunkDispatch<unknown, unknown, UnknownAction>): () => void {
  const asked = dispatch(couponsApi.endpoints.coupons.initiate(evidenceQuery));
  return () => asked.unsubscribe();
}
