import {
  dayProgress,
  entryRefusal,
  readingVerdict,
  type Day,
  type DayEntryDraft,
  type Person,
  type Step,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, IsNull, type EntityManager } from 'typeorm';
import { unitsNow } from '../house/face/readUnits.js';
import { conflict, notFound } from '../http/problem.js';
import { ClientRecords } from '../kit/ClientRecords.js';
import type { Entry } from '../kit/Entry.js';
import { RecordKit } from '../kit/recordKit.js';
import { MachinesService } from '../machines/machines.service.js';
import { BottlesService } from '../supply/bottles.service.js';
import { DayEntity } from './day.entity.js';
import { DayEntryEntity } from './dayEntry.entity.js';
import { dayFromRow, entryDraftFromRow } from './dayRow.js';
import { SequencesService } from './sequences.service.js';

/** Days on a page of the record. */
const pageLength = 60;

@Injectable()
export class DaysService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly machines: MachinesService,
    private readonly sequences: SequencesService,
    private readonly bottles: BottlesService,
  ) {}

  /** The newest day of each machine that has one, open or closed. */
  async latest(): Promise<Day[]> {
    const { manager } = this.dataSource;
    const newest = manager
      .createQueryBuilder(DayEntity, 'later')
      .select('MAX(later.openedAt)')
      .where('later.machineId = day.machineId');
    const rows = await manager
      .createQueryBuilder(DayEntity, 'day')
      .innerJoin('day.machine', 'machine')
      .leftJoinAndSelect('day.entries', 'entry')
      .where(`day.openedAt = (${newest.getQuery()})`)
      .orderBy('machine.position', 'ASC')
      .getMany();
    return rows.map(dayFromRow);
  }

  /** A machine's days, newest first. */
  async record(machineId: string, take = pageLength): Promise<Day[]> {
    const rows = await this.dataSource.manager.find(DayEntity, {
      where: { machineId },
      order: { openedAt: 'DESC' },
      relations: { entries: true },
      take,
    });
    return rows.map(dayFromRow);
  }

  async find(id: string): Promise<Day> {
    return dayFromRow(await requireDay(this.dataSource.manager, id));
  }

  /**
   * Opens a machine's day. Where one is open already, by somebody else or before midnight, that one is given: a machine
   * has one record, not two.
   */
  open(machineId: string, id: string, by: Person): Promise<Day> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      await entry.requireOwn({ machineId });
      const open = await manager.findOneBy(DayEntity, { machineId, closedAt: IsNull() });
      if (open !== null) return dayFromRow(await requireDay(manager, open.id));
      const earlier = await manager.findOneBy(DayEntity, { id });
      if (earlier !== null && earlier.machineId !== machineId)
        throw conflict(`Day ${id} is another machine’s.`);
      if (earlier !== null) return dayFromRow(await requireDay(manager, id));
      const { revision, startUp, shutDown } = await this.sequences.current(machineId, manager);
      const steps = { sequenceRevision: revision, startUp, shutDown };
      await manager.insert(DayEntity, {
        id,
        machineId,
        ...steps,
        openedAt: at,
        openedBy: by.id,
        closedAt: null,
      });
      return dayFromRow(await requireDay(manager, id));
    });
  }

  /** Writes down what was done at a step. Repeating an entry is the same save; the last step of the evening closes. */
  enter(dayId: string, id: string, draft: DayEntryDraft, by: Person): Promise<Day> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      await entries.write(entry, id, { dayId, draft }, async () => {
        const day = dayFromRow(await requireDay(manager, dayId));
        await requireEnterable(manager, day, draft);
        const verdict = await this.verdictOf(day, draft, entry);
        const place = day.entries.length + 1;
        await manager.insert(DayEntryEntity, { ...draft, ...verdict, id, dayId, place, at, personId: by.id });
        if (draft.reading.reads === 'bottle' && draft.outcome === 'done')
          await this.bottles.noteReading(day.machineId, draft.reading.bottleBar, at, manager);
        await closeIfDone(manager, dayId, at);
      });
      return dayFromRow(await requireDay(manager, dayId));
    });
  }

  private async verdictOf(day: Day, draft: DayEntryDraft, { manager, workshopId }: Entry) {
    if (draft.outcome !== 'done') return { isMet: false, words: '' };
    const machine = await this.machines.find(day.machineId, manager);
    if (machine === null) throw notFound('machine', day.machineId);
    const bottle = await this.bottles.fittedOn(day.machineId, manager);
    const saidIn = await unitsNow(manager, workshopId);
    const context = { profile: machine.profile, entries: day.entries, bottle, saidIn };
    const step = [...day.startUp, ...day.shutDown].find((each) => each.id === draft.stepId) as Step;
    return readingVerdict(draft.reading, step, context);
  }
}

const entries = new ClientRecords<DayEntryEntity, { readonly dayId: string; readonly draft: DayEntryDraft }>({
  entity: DayEntryEntity,
  ...{ called: 'entry', author: 'personId', takenBack: null },
  whose: async ({ dayId }, manager) => ({ machineId: (await requireDay(manager, dayId)).machineId }),
  draftOf: (row) => ({ dayId: row.dayId, draft: entryDraftFromRow(row) }),
});

/** A closed day takes one thing still: its last step taken back, as long as the next day is not open. */
async function requireEnterable(manager: EntityManager, day: Day, draft: DayEntryDraft): Promise<void> {
  const isReopening = draft.outcome === 'undone';
  const next = await manager.findOneBy(DayEntity, { machineId: day.machineId, closedAt: IsNull() });
  if (day.closedAt !== null && (!isReopening || next !== null)) {
    throw conflict('That day is closed. Open the next one.');
  }
  const refusal = entryRefusal(day, draft);
  if (refusal !== null) throw conflict(refusal);
}

/** The last step of the evening closes the day; taken back, it opens it again. */
async function closeIfDone(manager: EntityManager, dayId: string, at: string): Promise<void> {
  const day = dayFromRow(await requireDay(manager, dayId));
  const closedAt = dayProgress(day).phase === 'closed' ? at : null;
  await manager.update(DayEntity, { id: dayId }, { closedAt });
}

async function requireDay(manager: EntityManager, id: string): Promise<DayEntity> {
  const row = await manager.findOne(DayEntity, { where: { id }, relations: { entries: true } });
  if (row === null) throw notFound('day', id);
  return row;
}
