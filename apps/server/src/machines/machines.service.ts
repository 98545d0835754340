import type { FieldProblem, Machine } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { MachineEntity } from './machine.entity.js';
import { MachineRevisionEntity } from './machineRevision.entity.js';

@Injectable()
export class MachinesService {
  constructor(private readonly dataSource: DataSource) {}

  /** Every machine of the shop at its newest revision, in the shop's own order. */
  async list(): Promise<Machine[]> {
    const machines = await this.dataSource.manager.find(MachineEntity, { order: { position: 'ASC' } });
    return Promise.all(machines.map((machine) => this.atRevision(this.dataSource.manager, machine)));
  }

  /** A machine at its newest revision; null where the shop has none of that id. */
  async find(id: string, manager: EntityManager = this.dataSource.manager): Promise<Machine | null> {
    const machine = await manager.findOneBy(MachineEntity, { id });
    return machine === null ? null : this.atRevision(manager, machine);
  }

  private async atRevision(manager: EntityManager, { id, name, revision }: MachineEntity): Promise<Machine> {
    const { profile } = await manager.findOneByOrFail(MachineRevisionEntity, { machineId: id, revision });
    return { id, name, revision, profile };
  }
}

/** What to tell of a machine id that this shop does not have. */
export function unknownMachine(id: string): FieldProblem {
  return { field: 'machineId', given: `"${id}"`, allowed: 'a machine of this shop' };
}
