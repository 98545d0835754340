import {
  upkeepStandings,
  usualUpkeep,
  type Machine,
  type MachineUpkeep,
  type Person,
  type UpkeepDraft,
  type UpkeepPlan,
} from '@lone-heron/contract';
import { Injectable, type OnModuleDestroy, type OnModuleInit } from '@nestjs/common';
import { subDays } from 'date-fns';
import { filter, type Subscription } from 'rxjs';
import { DataSource, type EntityManager } from 'typeorm';
import { notFound } from '../http/problem.js';
import { RecordKit } from '../kit/recordKit.js';
import { RevisionLog } from '../kit/RevisionLog.js';
import { MachinesService } from '../machines/machines.service.js';
import { readMachineRuns } from './face/readMachineRuns.js';
import { RecordsService } from '../records/records.service.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
import { UpkeepPlanEntity } from './upkeepPlan.entity.js';

/** Machines that are looked at side by side. */
const atOnce = 4;

/** Days go by without anything being written: what was worked out is believed for so long. */
const keptMs = 10 * 60_000;

/** Of more machines than this, what was worked out is believed for a while whatever is welded: their light is counted again once in it. */
const mostAnew = 40;
const manyKeptMs = 60_000;

/** What says that something was done, or is to be: that shows at once, however many machines there are. */
const saysSo = ['shop_record', 'upkeep_plan', 'machine', 'machine_revision', 'day'];

/** Where everything stands, as the records were after so many writes. */
interface KeptUpkeep {
  readonly writes: number;
  /** How often something was said of upkeep by then. @see saysSo */
  readonly said: number;
  readonly at: number;
  readonly upkeep: MachineUpkeep[];
}

/** What is done to the machines again and again, and where each of it stands. */
@Injectable()
export class UpkeepService implements OnModuleInit, OnModuleDestroy {
  /** By whose machines they are: a workshop's, or all. */
  private readonly kept = new Map<string | null, KeptUpkeep>();
  private said = 0;
  private hearing: Subscription | null = null;

  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly machines: MachinesService,
    private readonly records: RecordsService,
    private readonly kit: RecordKit,
    private readonly clock: Clock,
  ) {}

  onModuleInit(): void {
    this.hearing = this.writes.stored
      .pipe(filter(({ tables }) => tables === 'unknown' || tables.some((table) => saysSo.includes(table))))
      .subscribe(() => {
        this.said += 1;
      });
  }

  onModuleDestroy(): void {
    this.hearing?.unsubscribe();
  }

  /**
   * The upkeep of the machines of somebody's own workshop, or of all where they are of none, in the order of the machines; kept until
   * something is written, for every page asks.
   */
  async list(asker: Person | null): Promise<MachineUpkeep[]> {
    const own = asker?.workshopId ?? null;
    const { writes } = this.writes;
    const now = { writes, said: this.said, at: this.clock.now().getTime() };
    const kept = this.kept.get(own);
    if (kept !== undefined && isBelieved(kept, now)) return kept.upkeep;
    const { manager } = this.dataSource;
    // What is out of use has nothing due.
    const machines = (await this.machines.list(manager)).filter(
      ({ retiredAt, workshopId }) => retiredAt === undefined && (own === null || workshopId === own),
    );
    const upkeep: MachineUpkeep[] = [];
    // A few at a time: hundreds at once would wait for a connection each.
    for (let from = 0; from < machines.length; from += atOnce) {
      const some = machines.slice(from, from + atOnce);
      upkeep.push(...(await Promise.all(some.map((machine) => this.ofMachine(machine, manager)))));
    }
    this.kept.set(own, { ...now, upkeep });
    return upkeep;
  }

  /** One machine's upkeep, whosever it is. @throws ProblemException 404 where there is none of that id */
  async one(machineId: string): Promise<MachineUpkeep> {
    const { manager } = this.dataSource;
    const machine = await this.machines.find(machineId, manager);
    if (machine === null) throw notFound('machine', machineId);
    return this.ofMachine(machine, manager);
  }

  /** Stores the next revision of a plan. Saving the same again changes nothing; where somebody was quicker it is a conflict. */
  revise(machineId: string, revision: number, draft: UpkeepDraft, by: Person): Promise<MachineUpkeep> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      const machine = await this.machines.find(machineId, manager);
      if (machine === null) throw notFound('machine', machineId);
      await plans.write(entry, { subject: machineId, revision, draft }, async () => {
        await manager.insert(UpkeepPlanEntity, { ...draft, machineId, revision, madeAt: at, madeBy: by.id });
        const why = draft.note === '' ? '' : `: ${draft.note}`;
        await entry.tell(
          'upkeep',
          machineId,
          `changed the upkeep of ${machine.name}, revision ${revision}${why}`,
        );
      });
      return this.ofMachine(machine, manager);
    });
  }

  private async ofMachine(machine: Machine, manager: EntityManager): Promise<MachineUpkeep> {
    const row = await plans.newest(manager, machine.id);
    const plan: UpkeepPlan = {
      machineId: machine.id,
      revision: row?.revision ?? 0,
      tasks: row?.tasks ?? [...usualUpkeep(machine.profile)],
    };
    const records = await this.records.list(machine.id, manager);
    // Light of before anything was done for the first time is asked for by nothing.
    const first = records.at(-1)?.at;
    const runs = await readMachineRuns(manager, machine.id, rateFrom(first, this.clock.now()));
    return { plan, standings: [...upkeepStandings(plan, records, runs, this.clock.now())] };
  }
}

/** How fast a machine runs is taken from the last two months, however short ago the first thing was done. */
function rateFrom(first: string | undefined, now: Date): string {
  const twoMonths = subDays(now, 62).toISOString();
  return first === undefined || first > twoMonths ? twoMonths : first;
}

function isBelieved(kept: KeptUpkeep, now: Omit<KeptUpkeep, 'upkeep'>): boolean {
  const age = Math.abs(now.at - kept.at);
  if (kept.writes === now.writes) return age < keptMs;
  return kept.said === now.said && kept.upkeep.length > mostAnew && age < manyKeptMs;
}

const plans = new RevisionLog<UpkeepPlanEntity, UpkeepDraft>({
  entity: UpkeepPlanEntity,
  ...{ subject: 'machineId', counter: 'revision', author: 'madeBy' },
  whose: ({ machineId }) => ({ machineId }),
  draftOf: ({ tasks, note }) => ({ tasks, note }),
  meanwhile: () => 'This plan was changed meanwhile. Look at it, then change it again.',
});
