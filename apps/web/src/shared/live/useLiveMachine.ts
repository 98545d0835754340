import type { LiveMachine } from '@lone-heron/contract';
import { useLiveQuery } from './liveApi.js';

/** ms between two looks while somebody is listened to, and while nobody is. */
const steps = { heard: 2000, nobody: 60_000 };

/** Every machine that is listened to, looked at again and again while the page is in sight. */
export function useLiveMachines(): readonly LiveMachine[] {
  const { data = [] } = useLiveQuery(undefined, {
    pollingInterval: steps.nobody,
    skipPollingIfUnfocused: true,
  });
  useLiveQuery(undefined, {
    pollingInterval: steps.heard,
    skipPollingIfUnfocused: true,
    skip: data.length === 0,
  });
  return data;
}

/** A machine as it was last heard; undefined where it is not listened to. */
export function useLiveMachine(machineId: string): LiveMachine | undefined {
  return useLiveMachines().find((each) => each.machineId === machineId);
}
