import type { LiveMachine } from '@lone-heron/contract';

/** The fault finder with what an alarm answers already. */
export function wrongAddress(machineId: string, { means }: NonNullable<LiveMachine['alarm']>): string {
  const search = new URLSearchParams({ machine: machineId });
  if (means.length > 0) search.set('yes', means.join('.'));
  return `/optics/wrong?${search}`;
}
