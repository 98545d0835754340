import type { LiveMachine } from '@lone-heron/contract';
import { useSessionQuery } from '../api/heronApi.js';
import { useLiveQuery } from './liveApi.js';

/** ms between two looks while somebody is listened to, and while nobody is. */
const steps = { heard: 2000, nobody: 60_000 };

/** Every machine that is listened to, looked at again and again while the page is in sight; none while the server does not answer. */
export function useLiveMachines(): readonly LiveMachine[] {
  const { data: session } = useSessionQuery(undefined);
  // Where nobody may read, asking again and again would ask for a PIN again and again.
  const isClosed = session?.isReadingClosed === true && session.person === null;
  const { data = [], isError } = useLiveQuery(undefined, {
    pollingInterval: steps.nobody,
    skipPollingIfUnfocused: true,
    skip: isClosed,
  });
  useLiveQuery(undefined, {
    pollingInterval: steps.heard,
    skipPollingIfUnfocused: true,
    skip: isClosed || data.length === 0,
  });
  // What was said before the server went away is no word of now.
  return isError ? none : data;
}

const none: readonly LiveMachine[] = [];

/** A machine as it was last heard; undefined where it is not listened to. */
export function useLiveMachine(machineId: string): LiveMachine | undefined {
  return useLiveMachines().find((each) => each.machineId === machineId);
}
