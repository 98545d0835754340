import {
  upkeepStandings,
  usualUpkeep,
  type Machine,
  type MachineUpkeep,
  type Person,
  type UpkeepDraft,
  type UpkeepPlan,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
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

/** Days go by without anything being written: what was worked out is believed for so long. */
const keptMs = 10 * 60_000;

/** Where everything stands, as the records were after so many writes. */
interface KeptUpkeep {
  readonly writes: number;
  readonly at: number;
  readonly upkeep: MachineUpkeep[];
}

/** What is done to the machines again and again, and where each of it stands. */
@Injectable()
export class UpkeepService {
  private kept: KeptUpkeep | null = null;

  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly machines: MachinesService,
    private readonly records: RecordsService,
    private readonly kit: RecordKit,
    private readonly clock: Clock,
  ) {}

  /** Every machine's upkeep, in the order of the machines; kept until something is written, for every page asks. */
  async list(): Promise<MachineUpkeep[]> {
    const { writes } = this.writes;
    const at = this.clock.now().getTime();
    if (this.kept?.writes === writes && Math.abs(at - this.kept.at) < keptMs) return this.kept.upkeep;
    const { manager } = this.dataSource;
    // What is out of use has nothing due.
    const machines = (await this.machines.list(manager)).filter(({ retiredAt }) => retiredAt === undefined);
    const upkeep = await Promise.all(machines.map((machine) => this.ofMachine(machine, manager)));
    this.kept = { writes, at, upkeep };
    return upkeep;
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
    const runs = await readMachineRuns(manager, machine.id);
    return { plan, standings: [...upkeepStandings(plan, records, runs, this.clock.now())] };
  }
}

const plans = new RevisionLog<UpkeepPlanEntity, UpkeepDraft>({
  entity: UpkeepPlanEntity,
  ...{ subject: 'machineId', counter: 'revision', author: 'madeBy' },
  whose: ({ machineId }) => ({ machineId }),
  draftOf: ({ tasks, note }) => ({ tasks, note }),
  meanwhile: () => 'This plan was changed meanwhile. Look at it, then change it again.',
});
