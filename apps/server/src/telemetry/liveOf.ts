import type { LiveMachine, MachineSpell, MapAlarm } from '@lone-heron/contract';
import type { MachineEar } from './MachineEar.js';

/** A machine as it was last heard, for the page. */
export function liveOf({
  machineId,
  ear,
  last,
  brokerPort,
  alarms,
  away,
}: {
  readonly machineId: string;
  readonly ear: MachineEar;
  readonly last: MachineSpell | null;
  readonly brokerPort: number | null;
  readonly alarms: readonly MapAlarm[];
  readonly away: string;
}): LiveMachine {
  const { heardAt, lit, alarm } = ear;
  const known = alarms.find(({ code }) => code === alarm?.code);
  return {
    ...{ machineId, last, brokerPort, away, faults: ear.faults },
    heardAt: heardAt === null ? null : iso(heardAt),
    values: ear.values.map(([key, { value, at }]) => ({ key, value, at: iso(at) })),
    lit: lit === null ? null : { since: iso(lit.startedAt), litS: lit.lit },
    alarm:
      alarm === null
        ? null
        : {
            code: alarm.code,
            said: known?.said ?? `alarm ${alarm.code}`,
            means: known?.means ?? [],
            since: iso(alarm.since),
          },
  };
}

const iso = (ms: number): string => new Date(ms).toISOString();
