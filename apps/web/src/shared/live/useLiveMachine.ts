import type { LiveMachine } from '@lone-heron/contract';
import { useSessionQuery } from '../api/heronApi.js';
import { useTick } from '../clock/useTick.js';
import { useAskEvery } from '../news/newsOpen.js';
import { useLiveQuery } from './liveApi.js';

/** ms between two looks where the server does not tell by itself: while somebody is listened to, and while nobody is. */
const steps = { heard: 2000, nobody: 60_000 };

/** A machine that falls silent changes nothing but its age, which is looked at so often, ms. */
const agedEvery = 5000;

/** Every machine that is listened to, as the server tells that they change; none while the server does not answer. */
export function useLiveMachines(): readonly LiveMachine[] {
  const { data: session } = useSessionQuery(undefined);
  // Where nobody may read, asking again and again would ask for a PIN again and again.
  const isClosed = session?.isReadingClosed === true && session.person === null;
  const { data = [], isError } = useLiveQuery(undefined, {
    pollingInterval: useAskEvery(steps.nobody),
    skipPollingIfUnfocused: true,
    skip: isClosed,
  });
  useLiveQuery(undefined, {
    pollingInterval: useAskEvery(steps.heard),
    skipPollingIfUnfocused: true,
    skip: isClosed || data.length === 0,
  });
  useTick(data.length > 0 ? agedEvery : null);
  // What was said before the server went away is no word of now.
  return isError ? none : data;
}

const none: readonly LiveMachine[] = [];

/** A machine as it was last heard; undefined where it is not listened to. */
export function useLiveMachine(machineId: string): LiveMachine | undefined {
  return useLiveMachines().find((each) => each.machineId === machineId);
}
