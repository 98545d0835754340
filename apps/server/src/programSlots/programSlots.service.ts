import type { Machine, Person, ProgramSlot, SlotEntry } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { findVersion } from '../cards/face/cardVersions.js';
import { conflict, notFound, refused } from '../http/problem.js';
import { ClientRecords } from '../kit/ClientRecords.js';
import { RecordKit } from '../kit/recordKit.js';
import { MachinesService } from '../machines/machines.service.js';
import { SlotEntryEntity } from './slotEntry.entity.js';

/** Where something is done: a slot of a machine. */
interface SlotPlace {
  readonly machineId: string;
  readonly slot: number;
}

@Injectable()
export class ProgramSlotsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly machines: MachinesService,
  ) {}

  /** The slots of a machine that hold something, in their order. */
  async list(machineId: string): Promise<ProgramSlot[]> {
    const { manager } = this.dataSource;
    if ((await this.machines.find(machineId)) === null) throw notFound('machine', machineId);
    return readSlots(manager, machineId);
  }

  /** Writes down what was done with a slot. Repeating it with the same id is the same entry. */
  enter(place: SlotPlace, id: string, entry: SlotEntry, by: Person): Promise<ProgramSlot[]> {
    const { machineId, slot } = place;
    return this.kit.enter(by, async (write) => {
      const { manager, at } = write;
      await entries.write(write, id, { machineId, slot, entry }, async () => {
        const machine = await this.machines.find(machineId, manager);
        if (machine === null) throw notFound('machine', machineId);
        requireSlot(machine, slot);
        const held = (await readSlots(manager, machineId)).find((each) => each.slot === slot);
        const what = await requireSense(manager, machine, held, entry);
        const position = (await manager.countBy(SlotEntryEntity, { machineId, slot })) + 1;
        await manager.insert(SlotEntryEntity, { id, machineId, slot, entry, position, at, doneBy: by.id });
        await write.tell('slot', machineId, `${what} slot ${slot} of ${machine.name}`);
      });
      return readSlots(manager, machineId);
    });
  }
}

const entries = new ClientRecords<SlotEntryEntity, SlotPlace & { readonly entry: SlotEntry }>({
  entity: SlotEntryEntity,
  ...{ called: 'slot entry', author: 'doneBy', takenBack: null },
  whose: ({ machineId }) => ({ machineId }),
  draftOf: ({ machineId, slot, entry }) => ({ machineId, slot, entry }),
});

async function readSlots(manager: EntityManager, machineId: string): Promise<ProgramSlot[]> {
  const rows = await manager.find(SlotEntryEntity, {
    where: { machineId },
    order: { slot: 'ASC', position: 'ASC' },
  });
  const slots = new Map<number, ProgramSlot>();
  for (const { slot, entry, at, doneBy } of rows) {
    const held = slots.get(slot);
    if (entry.did === 'emptied') slots.delete(slot);
    else if (entry.did === 'stored') {
      const { cardId, version } = entry;
      slots.set(slot, { slot, cardId, version, storedAt: at, storedBy: doneBy, compared: null });
    } else if (held !== undefined) {
      slots.set(slot, { ...held, compared: { at, by: doneBy, shown: entry.shown } });
    }
  }
  return [...slots.values()].sort((one, other) => one.slot - other.slot);
}

function requireSlot({ name, profile: { programSlots } }: Machine, slot: number): void {
  if (slot <= programSlots) return;
  const allowed =
    programSlots === 0
      ? `none: ${name} is written down without program slots. Say in Shop how many it has`
      : `1 to ${programSlots}, as ${name} is written down in Shop`;
  throw refused([{ field: 'slot', given: String(slot), allowed }]);
}

/** @returns what is done, in words */
async function requireSense(
  manager: EntityManager,
  machine: Machine,
  held: ProgramSlot | undefined,
  entry: SlotEntry,
): Promise<string> {
  if (entry.did !== 'stored') {
    if (held === undefined) throw conflict('The slot is empty by now. Look at it, then try again.');
    return entry.did === 'emptied' ? 'emptied' : 'held against the machine:';
  }
  const { cardId, version } = entry;
  const stored = await findVersion(manager, { cardId, version });
  if (stored === null) {
    const given = `${cardId} ${version}`;
    throw refused([{ field: 'cardId', given, allowed: 'a version of a card of this shop' }]);
  }
  if (stored.machineId !== machine.id) {
    const given = `a card of ${stored.machineId}`;
    throw refused([{ field: 'cardId', given, allowed: `a card of ${machine.name}` }]);
  }
  return `stored “${stored.name}” in`;
}
