import type { LiveMachine } from '@lone-heron/contract';
import { useSessionQuery } from '../api/heronApi.js';
import { useLiveQuery } from './liveApi.js';

/** ms between two looks while somebody is listened to, and while nobody is. */
const steps = { heard: 2000, nobody: 60_000 };

/** Every machine that is listened to, looked at again and again while the page is in sight. */
export function useLiveMachines(): readonly LiveMachine[] {
  const { data: session } = useSessionQuery(undefined);
  // Where nobody may read, asking again and again would ask for a PIN again and again.
  const isClosed = session?.isReadingClosed === true && session.person === null;
  const { data = [] } = useLiveQuery(undefined, {
    pollingInterval: steps.nobody,
    skipPollingIfUnfocused: true,
    skip: isClosed,
  });
  useLiveQuery(undefined, {
    pollingInterval: steps.heard,
    skipPollingIfUnfocused: true,
    skip: isClosed || data.length === 0,
  });
  return data;
}

/** A machine as it was last heard; undefined where it is not listened to. */
export function useLiveMachine(machineId: string): LiveMachine | undefined {
  return useLiveMachines().find((each) => each.machineId === machineId);
}
