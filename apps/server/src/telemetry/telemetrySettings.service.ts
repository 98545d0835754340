import type { Machine, MachineTelemetry, MachineTelemetryDraft, Person } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { filter, type Observable } from 'rxjs';
import { DataSource, type EntityManager } from 'typeorm';
import { notFound, refused } from '../http/problem.js';
import type { Stored } from '../storage/stored.js';
import { RecordKit } from '../kit/recordKit.js';
import { RevisionLog } from '../kit/RevisionLog.js';
import { MachinesService } from '../machines/machines.service.js';
import { MachineTelemetryEntity } from './machineTelemetry.entity.js';

/** What is listened to follows from these. */
const decisive: ReadonlySet<string> = new Set(['machine', 'machine_telemetry']);

/** How each machine is listened to, as a lead says it. */
@Injectable()
export class TelemetrySettingsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly machines: MachinesService,
  ) {}

  /** Says when one may have changed, at whichever server; a machine that goes out of use is not listened to any more. */
  get changes(): Observable<Stored> {
    return this.kit.stored.pipe(
      filter(({ tables }) => tables === 'unknown' || tables.some((table) => decisive.has(table))),
    );
  }

  /** A machine's telemetry; null where nobody has said any. */
  async find(machineId: string): Promise<MachineTelemetry | null> {
    await this.requireMachine(machineId);
    const row = await settings.newest(this.dataSource.manager, machineId);
    return row === null ? null : settingFromRow(row);
  }

  /** Every machine that is listened to, with its password: for the server alone. */
  async listened(): Promise<
    readonly { readonly machineId: string; readonly draft: MachineTelemetryDraft }[]
  > {
    const rows = await settings.newestOfEach(this.dataSource.manager);
    const machines = await this.machines.list();
    const inUse = new Set(machines.filter(({ retiredAt }) => retiredAt === undefined).map(({ id }) => id));
    return rows.filter(({ machineId, draft }) => draft.isOn && inUse.has(machineId));
  }

  /** Stores the next revision. An empty password is the one that stands. */
  async revise(
    machineId: string,
    revision: number,
    sent: MachineTelemetryDraft,
    by: Person,
  ): Promise<MachineTelemetry> {
    const stored = await this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      const machine = await this.requireMachine(machineId);
      const standing = await settings.newest(manager, machineId);
      const password = sent.password === '' ? (standing?.draft.password ?? '') : sent.password;
      const draft = { ...sent, password };
      if (draft.isOn && draft.broker.is === 'own' && password === '')
        throw refused([
          {
            field: 'password',
            given: 'nothing',
            allowed: 'a password of 12 characters or more, which the machine signs in with',
          },
        ]);
      await this.requireOwnUser(manager, machineId, draft);
      await settings.write(entry, { subject: machineId, revision, draft }, async () => {
        await manager.insert(MachineTelemetryEntity, {
          ...{ machineId, revision, draft },
          ...{ savedAt: at, savedBy: by.id },
        });
        await entry.tell(
          'machine',
          machineId,
          draft.isOn ? `said how ${machine.name} is listened to` : `stopped listening to ${machine.name}`,
        );
      });
      return (await settings.newest(manager, machineId)) as MachineTelemetryEntity;
    });
    return settingFromRow(stored);
  }

  /** Two machines that sign in as one would be heard as one. */
  private async requireOwnUser(
    manager: EntityManager,
    machineId: string,
    { broker }: MachineTelemetryDraft,
  ): Promise<void> {
    if (broker.is !== 'own') return;
    for (const other of await settings.newestOfEach(manager)) {
      const isOurs = other.draft.broker.is === 'own' && other.draft.broker.user === broker.user;
      if (!isOurs || other.machineId === machineId) continue;
      const name = (await this.machines.find(other.machineId, manager))?.name ?? other.machineId;
      throw refused([
        { field: 'broker.user', given: broker.user, allowed: `a user of its own: ${name} has that one` },
      ]);
    }
  }

  private async requireMachine(machineId: string): Promise<Machine> {
    const machine = await this.machines.find(machineId);
    if (machine === null) throw notFound('machine', machineId);
    return machine;
  }
}

const settings = new RevisionLog<MachineTelemetryEntity, MachineTelemetryDraft>({
  entity: MachineTelemetryEntity,
  ...{ subject: 'machineId', counter: 'revision', author: 'savedBy' },
  whose: ({ machineId }) => ({ machineId }),
  draftOf: ({ draft }) => draft,
  meanwhile: () =>
    'Somebody else changed how this machine is listened to meanwhile. Look at it, then save again.',
});

function settingFromRow({
  machineId,
  revision,
  draft,
  savedAt,
  savedBy,
}: MachineTelemetryEntity): MachineTelemetry {
  const hasPassword = draft.password !== '';
  return { ...draft, password: '', hasPassword, machineId, revision, savedAt, savedBy };
}
