import type { Person } from '@lone-heron/contract';
import { useSessionQuery } from '../api/heronApi.js';

/** Who is signed in on this device; null where nobody is, or it is not known yet. */
export function usePersonAtDesk(): Person | null {
  const { data } = useSessionQuery(undefined);
  return data?.person ?? null;
}
