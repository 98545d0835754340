import type { FirstLead, Person, PersonDraft, Role } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, IsNull, Not, type EntityManager } from 'typeorm';
import { ChangesService } from '../changes/changes.service.js';
import { conflict, refused } from '../http/problem.js';
import { ClientRecords } from '../kit/ClientRecords.js';
import type { Entry } from '../kit/Entry.js';
import { RecordKit } from '../kit/recordKit.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
import { workshopInWords } from '../workshops/face/workshopInWords.js';
import { PersonEntity } from './person.entity.js';
import { personOf } from './personOf.js';
import { hashPin } from './pinHash.js';
import { PinLock } from './pinLock.js';
import { SessionsService } from './sessions.service.js';

@Injectable()
export class PeopleService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly kit: RecordKit,
    private readonly clock: Clock,
    private readonly changes: ChangesService,
    private readonly sessions: SessionsService,
    private readonly lock: PinLock,
  ) {}

  /** Everybody of the shop, by name; disabled people too, for what they did. */
  async list(): Promise<Person[]> {
    return (await this.dataSource.manager.find(PersonEntity, { order: { name: 'ASC' } })).map(personOf);
  }

  /** Whether somebody can lead: has the role, a PIN, and is not disabled. */
  async hasLead(): Promise<boolean> {
    return (await countLeads(this.dataSource.manager)) > 0;
  }

  /** Whether somebody who can sign in still has the sample PIN. */
  hasSamplePin(): Promise<boolean> {
    return this.dataSource.manager.existsBy(PersonEntity, { hasSamplePin: true, disabledAt: IsNull() });
  }

  /** Makes the first lead; refused as soon as there is one. */
  async makeFirstLead(id: string, { name, pin }: FirstLead): Promise<Person> {
    // Before the hash, which is dear and would be had by nobody who asks.
    if (await this.hasLead()) throw hasLeadAlready();
    const pinHash = await hashPin(pin);
    return this.writes.run(async (manager) => {
      if ((await countLeads(manager)) > 0) throw hasLeadAlready();
      // Somebody from before there were PINs keeps what they did.
      const before = await manager.findOneBy(PersonEntity, { name, pinHash: IsNull() });
      const leadId = before?.id ?? id;
      if (before === null) await requireFreeName(manager, name);
      await manager.save(PersonEntity, { id: leadId, name, role: 'lead', pinHash, disabledAt: null });
      const what = `${name} became the first lead`;
      await this.changes.record(manager, { personId: null, noun: 'person', subjectId: leadId, what });
      return personOf(await people.require(manager, leadId));
    });
  }

  /** Adds somebody. Repeating it under the same id is the same save. */
  async add(id: string, draft: PersonDraft, by: Person): Promise<Person> {
    const pinHash = await hashPin(draft.pin);
    return this.kit.enter(by, async (entry) => {
      const { manager } = entry;
      const { name, role, workshopId = entry.workshopId } = draft;
      const { row } = await people.write(entry, id, { name, role, workshopId }, async () => {
        await requireFreeName(manager, name);
        const where = workshopId === null ? '' : `, of ${await workshopInWords(manager, workshopId)}`;
        await manager.insert(PersonEntity, { id, name, role, pinHash, workshopId });
        await entry.tell('person', id, `added ${name} as ${role}${where}`);
      });
      return personOf(row);
    });
  }

  /** Calls somebody otherwise, wherever they are named; what they did stays theirs. */
  rename(id: string, name: string, by: Person): Promise<Person> {
    return this.change(id, by, async ({ manager }, person) => {
      if (person.name === name) return null;
      await requireFreeName(manager, name);
      await manager.update(PersonEntity, { id }, { name });
      return `renamed ${person.name} to ${name}`;
    });
  }

  /** Gives somebody another role; the last lead stays one. */
  setRole(id: string, role: Role, by: Person): Promise<Person> {
    return this.change(id, by, async ({ manager }, person) => {
      if (person.role === role) return null;
      if (role !== 'lead') await requireAnotherLead(manager, person);
      await manager.update(PersonEntity, { id }, { role });
      return `made ${person.name} ${role} (was ${person.role})`;
    });
  }

  /** Makes somebody a workshop’s, or the whole firm’s; the last lead of the whole firm stays one. Repeating it changes nothing. */
  setWorkshop(id: string, workshopId: string | null, by: Person): Promise<Person> {
    return this.change(id, by, async (entry, person) => {
      const { manager } = entry;
      await entry.requireOwn({ workshopId: null });
      if (person.workshopId === workshopId) return null;
      if (workshopId !== null) await requireAnotherLead(manager, person);
      const name = await workshopInWords(manager, workshopId);
      await manager.update(PersonEntity, { id }, { workshopId });
      return `moved ${person.name} to ${name}`;
    });
  }

  /** Keeps somebody from signing in, or lets them again; what they did stays theirs. */
  setDisabled(id: string, isDisabled: boolean, by: Person): Promise<Person> {
    return this.change(id, by, async ({ manager }, person) => {
      if ((person.disabledAt !== null) === isDisabled) return null;
      if (isDisabled) await requireAnotherLead(manager, person);
      const disabledAt = isDisabled ? this.clock.now().toISOString() : null;
      await manager.update(PersonEntity, { id }, { disabledAt });
      await this.sessions.endAllOf(id, manager);
      return `${isDisabled ? 'disabled' : 'let in again'} ${person.name}`;
    });
  }

  /** Gives somebody a new PIN, ends their sessions and lifts their lock. */
  async resetPin(id: string, newPin: string, by: Person): Promise<Person> {
    const pinHash = await hashPin(newPin);
    const person = await this.change(id, by, async ({ manager }, { name }) => {
      await manager.update(PersonEntity, { id }, { pinHash, hasSamplePin: false });
      await this.sessions.endAllOf(id, manager);
      return `gave ${name} a new PIN`;
    });
    await this.lock.forgetEverywhere(id);
    return person;
  }

  private change(
    id: string,
    by: Person,
    make: (entry: Entry, person: PersonEntity) => Promise<string | null>,
  ): Promise<Person> {
    return this.kit.enter(by, async (entry) => {
      const person = await people.require(entry.manager, id);
      await people.requireOwn(entry, person);
      const what = await make(entry, person);
      if (what !== null) await entry.tell('person', id, what);
      return personOf(await people.require(entry.manager, id));
    });
  }
}

const people = new ClientRecords<PersonEntity, Pick<Person, 'name' | 'role' | 'workshopId'>>({
  entity: PersonEntity,
  ...{ called: 'person', author: null, takenBack: null },
  draftOf: ({ name, role, workshopId }) => ({ name, role, workshopId }),
  whose: ({ workshopId }) => ({ workshopId }),
});

function hasLeadAlready() {
  return conflict('This shop has a lead already: sign in.');
}

async function requireFreeName(manager: EntityManager, name: string): Promise<void> {
  if (!(await manager.existsBy(PersonEntity, { name }))) return;
  throw refused([{ field: 'name', given: JSON.stringify(name), allowed: 'a name that nobody else has' }]);
}

/** Leads of the whole firm: without one, nobody could say whose anything is. */
async function countLeads(manager: EntityManager): Promise<number> {
  const leads = await manager.findBy(PersonEntity, {
    role: 'lead',
    disabledAt: IsNull(),
    workshopId: IsNull(),
  });
  return leads.filter(({ pinHash }) => pinHash !== null).length;
}

async function requireAnotherLead(manager: EntityManager, person: PersonEntity): Promise<void> {
  const isOne = person.role === 'lead' && person.disabledAt === null && person.workshopId === null;
  if (!isOne || (await countLeads(manager)) > 1) return;
  const ofWorkshops = await manager.countBy(PersonEntity, { role: 'lead', workshopId: Not(IsNull()) });
  const ofFirm = ofWorkshops > 0 ? ' of the whole firm' : '';
  throw conflict(`${person.name} is the only lead${ofFirm}: make somebody else lead${ofFirm} first.`);
}
