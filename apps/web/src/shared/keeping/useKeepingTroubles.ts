import { useKeepingQuery } from '../api/keepingApi.js';
import { shopNow } from '../clock/shopClock.js';
import { keepingTroubles } from './keepingTroubles.js';

/** A backup that fails is told the same day, ms. */
const askEvery = 15 * 60_000;

/** What is wrong with how the shop is kept; nothing while that is not known. */
export function useKeepingTroubles(): readonly string[] {
  const { data } = useKeepingQuery(undefined, { pollingInterval: askEvery });
  return data === undefined ? [] : keepingTroubles(data, shopNow());
}
