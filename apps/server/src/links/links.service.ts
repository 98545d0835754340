import {
  writeLimits,
  type LinkRead,
  type LinkSending,
  type LinkSendingDraft,
  type LinkStored,
  type Machine,
  type MachineLink,
  type MachineLinkDraft,
  type Person,
} from '@lone-heron/contract';
import { linkPoints } from '@lone-heron/core';
import { Injectable } from '@nestjs/common';
import { Mutex } from 'async-mutex';
import { DataSource } from 'typeorm';
import { conflict, notFound } from '../http/problem.js';
import { ClientRecords } from '../kit/ClientRecords.js';
import { RecordKit } from '../kit/recordKit.js';
import { RevisionLog } from '../kit/RevisionLog.js';
import { MachinesService } from '../machines/machines.service.js';
import { Clock } from '../time/clock.js';
import { LinkSendingEntity } from './linkSending.entity.js';
import { MachineLinkEntity } from './machineLink.entity.js';
import { WireFault } from './MachineWire.js';
import { readMachine, readStored } from './readMachine.js';
import { sendToMachine, type SendingResult } from './sendToMachine.js';

/** Machines over their wire: how each is reached, what it says, what is sent to it. Reading is the default; writing is switched on. */
@Injectable()
export class LinksService {
  /** One conversation with a machine at a time. */
  private readonly talking = new Map<string, Mutex>();

  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly machines: MachinesService,
    private readonly clock: Clock,
  ) {}

  /** A machine's link; null where nobody has said one. */
  async find(machineId: string): Promise<MachineLink | null> {
    await this.requireMachine(machineId);
    const row = await links.newest(this.dataSource.manager, machineId);
    return row === null ? null : linkFromRow(row);
  }

  /** Stores the next revision of a link. */
  revise(machineId: string, revision: number, draft: MachineLinkDraft, by: Person): Promise<MachineLink> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      const machine = await this.requireMachine(machineId);
      await links.write(entry, { subject: machineId, revision, draft }, async (before) => {
        await manager.insert(MachineLinkEntity, {
          ...{ machineId, revision, draft },
          ...{ savedAt: at, savedBy: by.id },
        });
        await entry.tell('machine', machineId, changedWords(machine, before?.draft ?? null, draft));
      });
      const row = (await links.newest(manager, machineId)) as MachineLinkEntity;
      return linkFromRow(row);
    });
  }

  /** What a machine says now. */
  async read(machineId: string): Promise<LinkRead> {
    return this.tryOut(machineId, await this.requireLink(machineId));
  }

  /** What a machine says by a link that nobody has saved yet. */
  async tryOut(machineId: string, draft: MachineLinkDraft): Promise<LinkRead> {
    await this.requireMachine(machineId);
    const readings = await this.alone(machineId, () => orConflict(() => readMachine(draft)));
    return { at: this.clock.now().toISOString(), readings };
  }

  /** The programs that are stored in a machine, and its feeder’s menu. */
  async readStored(machineId: string): Promise<LinkStored> {
    const link = await this.requireLink(machineId);
    const stored = await this.alone(machineId, () => orConflict(() => readStored(link)));
    return { at: this.clock.now().toISOString(), ...stored };
  }

  /** What was sent to a machine, newest first. */
  async sendings(machineId: string): Promise<LinkSending[]> {
    await this.requireMachine(machineId);
    const rows = await this.dataSource.manager.find(LinkSendingEntity, {
      where: { machineId },
      order: { sentAt: 'DESC', id: 'DESC' },
      take: mostSendings,
    });
    return rows.map(sendingFromRow);
  }

  /** Sends parameters. Repeated with the same id it is the same sending: it says how that went, and writes nothing again. */
  async send(machineId: string, id: string, draft: LinkSendingDraft, by: Person): Promise<LinkSending> {
    const machine = await this.requireMachine(machineId);
    await this.requireLink(machineId);
    const isNew = await this.kit.enter(by, async (entry) => {
      const { isNew: first } = await sendings.write(entry, id, { machineId, ...draft }, async () => {
        await entry.manager.insert(LinkSendingEntity, {
          ...{ id, machineId, draft, outcome: 'underWay', values: [], why: '' },
          ...{ sentAt: entry.at, sentBy: by.id },
        });
      });
      return first;
    });
    if (isNew) {
      const limits = writeLimits(machine.profile);
      // As the link stands once it is its turn: a lead may have switched writing off meanwhile.
      const result = await this.alone(machineId, async () =>
        sendToMachine(await this.requireLink(machineId), draft, limits),
      );
      await this.keep(machine, id, draft, result, by);
    }
    return sendingFromRow(await sendings.require(this.dataSource.manager, id));
  }

  private async keep(
    machine: Machine,
    id: string,
    { what }: LinkSendingDraft,
    { outcome, values, why }: SendingResult,
    by: Person,
  ): Promise<void> {
    await this.kit.enter(by, async (entry) => {
      await entry.manager.update(LinkSendingEntity, { id }, { outcome, values, why });
      const said = values.map(
        ({ key, wanted }) => `${linkPoints[key].said} ${wanted} ${linkPoints[key].unit}`,
      );
      const how = outcome === 'sent' ? `sent ${what} to` : `stopped sending ${what} to`;
      await entry.tell('machine', machine.id, `${how} ${machine.name}: ${said.join(', ')}`);
    });
  }

  private async requireMachine(machineId: string): Promise<Machine> {
    const machine = await this.machines.find(machineId);
    if (machine === null) throw notFound('machine', machineId);
    return machine;
  }

  private async requireLink(machineId: string): Promise<MachineLink> {
    const link = await this.find(machineId);
    if (link === null)
      throw conflict('Nobody has said yet how this machine is reached. A lead does, in Shop.');
    return link;
  }

  private alone<Answer>(machineId: string, talk: () => Promise<Answer>): Promise<Answer> {
    const mutex = this.talking.get(machineId) ?? new Mutex();
    this.talking.set(machineId, mutex);
    return mutex.runExclusive(talk);
  }
}

/** Of a machine, newest first. */
const mostSendings = 50;

const links = new RevisionLog<MachineLinkEntity, MachineLinkDraft>({
  entity: MachineLinkEntity,
  ...{ subject: 'machineId', counter: 'revision', author: 'savedBy' },
  whose: ({ machineId }) => ({ machineId }),
  draftOf: ({ draft }) => draft,
  meanwhile: () =>
    'Somebody else changed how this machine is reached meanwhile. Look at it, then save again.',
});

const sendings = new ClientRecords<LinkSendingEntity, LinkSendingDraft & { readonly machineId: string }>({
  entity: LinkSendingEntity,
  ...{ called: 'sending', author: 'sentBy', takenBack: null },
  whose: ({ machineId }) => ({ machineId }),
  draftOf: ({ machineId, draft }) => ({ machineId, ...draft }),
});

function linkFromRow({ machineId, revision, draft, savedAt, savedBy }: MachineLinkEntity): MachineLink {
  return { ...draft, machineId, revision, savedAt, savedBy };
}

function sendingFromRow({
  id,
  machineId,
  draft,
  outcome,
  values,
  why,
  sentAt,
  sentBy,
}: LinkSendingEntity): LinkSending {
  return { id, machineId, ...draft, outcome, values, why, sentAt, sentBy };
}

function changedWords({ name }: Machine, before: MachineLinkDraft | null, after: MachineLinkDraft): string {
  if (before === null) return `said how ${name} is reached: ${after.host}:${after.port}`;
  if (before.mayWrite !== after.mayWrite)
    return `switched writing to ${name} ${after.mayWrite ? 'on' : 'off'}`;
  return `changed how ${name} is reached: ${after.host}:${after.port}`;
}

async function orConflict<Answer>(ask: () => Promise<Answer>): Promise<Answer> {
  try {
    return await ask();
  } catch (fault) {
    if (fault instanceof WireFault) throw conflict(fault.message);
    throw fault;
  }
}
