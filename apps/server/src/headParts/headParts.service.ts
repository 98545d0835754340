import type { HeadPart, MachineRuns, PartChange, Person } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, IsNull, type EntityManager } from 'typeorm';
import { refused } from '../http/problem.js';
import { codeInWords } from '../kit/codeInWords.js';
import { FittedParts } from '../kit/FittedParts.js';
import { RecordKit } from '../kit/recordKit.js';
import { MachinesService, unknownMachine } from '../machines/machines.service.js';
import { readMachineRuns } from '../upkeep/face/readMachineRuns.js';
import { HeadPartEntity } from './headPart.entity.js';

/** Parts of a machine that are given at once, newest first. */
const mostListed = 300;

/** Seals, lenses, nozzles, liners and filters: what is fitted where, and what came out why. */
@Injectable()
export class HeadPartsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly machines: MachinesService,
  ) {}

  /** A machine's parts, newest first, changes that were taken back left out. */
  async list(machineId: string): Promise<HeadPart[]> {
    const { manager } = this.dataSource;
    const rows = await manager.find(HeadPartEntity, {
      where: { machineId, undoneAt: IsNull() },
      order: { fittedAt: 'DESC' },
      take: mostListed,
    });
    const runs = await readMachineRuns(manager, machineId);
    return rows.map((row) => partFromRow(row, runs));
  }

  /** Fits a part; the one of its kind and place comes out for the reason. Repeating it is the same save. */
  change(id: string, change: PartChange, by: Person): Promise<HeadPart> {
    return this.kit.enter(by, async (entry) => {
      const { manager } = entry;
      if ((await this.machines.find(change.machineId, manager)) === null)
        throw refused([unknownMachine(change.machineId)]);
      const { row } = await parts.fit(entry, id, change, () => Promise.resolve({}));
      return withRuns(manager, row);
    });
  }

  /** Takes a change back while its part is the one that is in: the one before it is fitted again. */
  undo(id: string, by: Person): Promise<void> {
    return this.kit.enter(by, (entry) => parts.undo(entry, id, () => Promise.resolve()));
  }
}

const parts = new FittedParts<HeadPartEntity, PartChange>({
  entity: HeadPartEntity,
  noun: 'part',
  called: ({ kind, place }) => `${codeInWords(kind)}${place === '' ? '' : ` ${place}`}`,
  placeOf: ({ machineId, kind, place }) => ({ machineId, kind, place }),
  ownOf: ({ supplier, lot }) => ({ supplier, lot }),
  removalOf: ({ reason, note }) => ({ removedReason: reason, removedNote: note }),
  noRemoval: { removedReason: null, removedNote: null },
  spareOf: ({ kind, supplier, lot }) => ({ kind, supplier, lot }),
  whyOf: ({ reason }) => codeInWords(reason),
});

async function withRuns(manager: EntityManager, row: HeadPartEntity): Promise<HeadPart> {
  return partFromRow(row, await readMachineRuns(manager, row.machineId));
}

function partFromRow(row: HeadPartEntity, { light }: MachineRuns): HeadPart {
  const { id, machineId, kind, place, supplier, lot, fittedAt, fittedBy } = row;
  const { removedAt, removedReason, removedNote } = row;
  const lightHours = light.reduce(
    (sum, { at, hours }) => (at >= fittedAt && (removedAt === null || at < removedAt) ? sum + hours : sum),
    0,
  );
  return {
    ...{ id, machineId, kind, place, supplier, lot, fittedAt, fittedBy },
    ...{ removedAt, removedReason, removedNote, lightHours },
  };
}
