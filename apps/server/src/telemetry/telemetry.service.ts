import {
  readMessage,
  type HeardSamples,
  type LiveMachine,
  type MachineSpell,
  type MachineTelemetryDraft,
  type SamplesTaken,
  type SpellSource,
} from '@lone-heron/contract';
import type { LightSpell, LinkValues } from '@lone-heron/core';
import {
  Inject,
  Injectable,
  Logger,
  type OnApplicationBootstrap,
  type OnModuleDestroy,
} from '@nestjs/common';
import { Cron, Interval } from '@nestjs/schedule';
import type { IncomingMessage } from 'node:http';
import { Mutex } from 'async-mutex';
import { EMPTY, catchError, concatMap, from, type Subscription } from 'rxjs';
import { NewsService } from '../news/news.service.js';
import { Clock } from '../time/clock.js';
import { HeardLightService } from './heardLight.service.js';
import { LiveElsewhere } from './LiveElsewhere.js';
import { liveOf } from './liveOf.js';
import { MachineEar } from './MachineEar.js';
import { bearerOf, isSame } from './machinePassword.js';
import { OtherBroker } from './OtherBroker.js';
import { OwnBroker, type BrokerGuest } from './OwnBroker.js';
import { spellRow } from './spellRow.js';
import { spellFromRow } from './spellFromRow.js';
import { TelemetryPlan } from './TelemetryPlan.js';
import { TelemetrySettingsService } from './telemetrySettings.service.js';
import { TelemetryStore } from './TelemetryStore.js';

/** A machine that is listened to. */
interface Listened {
  readonly machineId: string;
  readonly draft: MachineTelemetryDraft;
  readonly ear: MachineEar;
  /** Null where it comes to us. */
  readonly other: OtherBroker | null;
  last: MachineSpell | null;
  /** How it was heard of last. */
  by: SpellSource;
}

const second = 1000;

/** Listens to the machines: over MQTT at our broker or the shop’s, and to meters over HTTP. What goes wrong here stays here. */
@Injectable()
export class TelemetryService implements OnApplicationBootstrap, OnModuleDestroy {
  private readonly log = new Logger('telemetry');
  private listened = new Map<string, Listened>();
  private readonly setting = new Mutex();
  private broker: OwnBroker | null = null;
  private brokerFault = '';
  private following: Subscription | null = null;
  /** As pages were last told of them. */
  private lastTold = '[]';

  constructor(
    private readonly settings: TelemetrySettingsService,
    private readonly store: TelemetryStore,
    private readonly hours: HeardLightService,
    private readonly clock: Clock,
    private readonly news: NewsService,
    private readonly elsewhere: LiveElsewhere,
    @Inject(TelemetryPlan) private readonly plan: TelemetryPlan,
  ) {}

  async onApplicationBootstrap(): Promise<void> {
    await this.store.open();
    this.following = this.settings.changes
      .pipe(concatMap(() => from(this.follow()).pipe(catchError((fault) => this.told(fault)))))
      .subscribe();
    await this.follow();
  }

  async onModuleDestroy(): Promise<void> {
    this.following?.unsubscribe();
    await this.setting.runExclusive(async () => {
      for (const each of this.listened.values()) await each.other?.close();
      this.listened.clear();
      await this.broker?.close();
      this.broker = null;
    });
    await this.hours.write(this.clock.now()).catch((fault: unknown) => this.told(fault));
    await this.store.close();
  }

  /** Every machine that is listened to, as it was last heard, by whichever server of the shop heard it. */
  live(): LiveMachine[] {
    const now = this.clock.now().getTime();
    return [...this.listened.values()].map((listened) =>
      this.elsewhere.newest(this.heardHere(listened), second * listened.draft.silenceS, now),
    );
  }

  private heardHere({ machineId, draft, ear, other, last }: Listened): LiveMachine {
    const away = draft.broker.is === 'own' ? this.brokerFault : (other?.away ?? '');
    const troubles = [away, this.store.trouble].filter((each) => each !== '');
    const brokerPort = draft.broker.is === 'own' ? (this.broker?.port ?? null) : null;
    return liveOf({ machineId, ear, last, brokerPort, alarms: draft.map.alarms, away: troubles.join(' ') });
  }

  /** Takes what a meter sends over HTTP; null where nobody listens to that machine. */
  async hearMeter(user: string, samples: HeardSamples): Promise<SamplesTaken | null> {
    const listened = this.ofUser(user);
    if (listened === undefined) return null;
    const now = this.clock.now().getTime();
    const newest = samples.at(-1)?.at;
    let taken = 0;
    for (const { at, values } of samples) {
      const own = at === undefined ? null : Date.parse(at);
      // Of several that come at once, each came so much earlier as it was said.
      const arrived =
        own === null || newest === undefined ? now : now - Math.max(0, Date.parse(newest) - own);
      if (await this.hear(listened, values as LinkValues, own, arrived, 'http')) taken += 1;
    }
    return { taken, leftOut: samples.length - taken };
  }

  /** Once what was last said of it is followed: the broker open, the ears changed. */
  settled(): Promise<void> {
    return this.setting.waitForUnlock();
  }

  /** Whether a meter signs in with the machine’s password. */
  knows(user: string, request: IncomingMessage): boolean {
    return isSame(this.ofUser(user)?.draft.password ?? '', bearerOf(request));
  }

  @Interval(second)
  async endSilent(): Promise<void> {
    const now = this.clock.now().getTime();
    for (const each of this.listened.values())
      for (const spell of each.ear.endSilent(now)) await this.keep(each, spell);
    this.tellChanged();
    await this.store.writeWaiting();
    await this.hours.writeDue(this.clock.now()).catch((fault: unknown) => this.told(fault));
  }

  /** Once a second at most, however fast they talk. */
  private tellChanged(): void {
    this.elsewhere.tell([...this.listened.values()].map((each) => this.heardHere(each)));
    const live = JSON.stringify(this.live());
    if (live === this.lastTold) return;
    this.lastTold = live;
    this.news.tellLive();
  }

  /** What could not be done when it was said: a port that somebody else had, a database that was away. */
  @Interval(60 * second)
  async followAgain(): Promise<void> {
    await this.follow().catch((fault: unknown) => this.told(fault));
  }

  @Cron('40 3 * * *')
  async prune(): Promise<void> {
    try {
      await this.store.prune(this.clock.now().getTime());
    } catch (fault) {
      this.told(fault);
    }
  }

  /** Listens to what is to be listened to now; an ear goes on where nothing of its machine was changed. */
  private follow(): Promise<void> {
    return this.setting.runExclusive(async () => {
      const wanted = await this.settings.listened();
      const next = new Map<string, Listened>();
      for (const { machineId, draft } of wanted) {
        const before = this.listened.get(machineId);
        const isSame = before !== undefined && JSON.stringify(before.draft) === JSON.stringify(draft);
        next.set(machineId, isSame ? before : this.listenTo(machineId, draft));
      }
      for (const [machineId, before] of this.listened)
        if (next.get(machineId) !== before) await before.other?.close();
      this.listened = next;
      await this.followBroker();
    });
  }

  private listenTo(machineId: string, draft: MachineTelemetryDraft): Listened {
    const { broker, password, map, silenceS } = draft;
    const listened: Listened = {
      ...{ machineId, draft, last: null, by: 'mqtt', ear: new MachineEar(1000 * silenceS) },
      other:
        broker.is === 'own'
          ? null
          : new OtherBroker(
              { ...broker, password, topics: map.topics.map(({ topic }) => topic) },
              (topic, said) => this.hearMessage(listened, topic, said),
            ),
    };
    return listened;
  }

  /** Opens our broker where a machine comes to it, and closes it where none does any more. */
  private async followBroker(): Promise<void> {
    const isWanted = [...this.listened.values()].some(({ draft }) => draft.broker.is === 'own');
    if (!isWanted) {
      await this.broker?.close();
      this.broker = null;
      this.brokerFault = '';
      return;
    }
    if (this.broker !== null) return;
    try {
      this.broker = await OwnBroker.open(
        this.plan,
        (user) => this.guest(user),
        ({ machineId }, topic, said) => {
          const listened = this.listened.get(machineId);
          if (listened !== undefined) this.hearMessage(listened, topic, said);
        },
      );
      this.brokerFault = '';
    } catch (fault) {
      this.brokerFault = `This server’s broker could not be opened at port ${this.plan.port}: ${(fault as Error).message}.`;
    }
  }

  private guest(user: string): BrokerGuest | undefined {
    const listened = this.ofUser(user);
    if (listened === undefined) return undefined;
    const { password, map } = listened.draft;
    return {
      user,
      machineId: listened.machineId,
      password,
      topics: new Set(map.topics.map(({ topic }) => topic)),
    };
  }

  /** The machine that signs in here by that name. */
  private ofUser(user: string): Listened | undefined {
    return [...this.listened.values()].find(
      ({ draft: { broker } }) => broker.is === 'own' && broker.user === user,
    );
  }

  private hearMessage(listened: Listened, topic: string, said: Buffer): void {
    const { values, own, faults } = readMessage(listened.draft.map, topic, said.toString('utf8'));
    for (const fault of faults) listened.ear.couldNotRead(fault);
    if (Object.keys(values).length === 0) return;
    void this.hear(listened, values, own, this.clock.now().getTime(), 'mqtt');
  }

  private async hear(
    listened: Listened,
    values: LinkValues,
    own: number | null,
    arrived: number,
    source: SpellSource,
  ): Promise<boolean> {
    const spells = listened.ear.hear(values, own, arrived);
    listened.by = source;
    for (const spell of spells ?? []) await this.keep(listened, spell);
    return spells !== null;
  }

  private async keep(listened: Listened, spell: LightSpell): Promise<void> {
    const { machineId, by } = listened;
    const row = await this.store.keep(spellRow(machineId, spell, by));
    if (row === null) return;
    listened.last = spellFromRow(row, false);
    try {
      await this.hours.add(machineId, spell.figures.lit, new Date(spell.endedAt), this.clock.now());
    } catch (fault) {
      // The shop’s own file is full or locked: the hours wait.
      this.told(fault);
    }
  }

  private told(fault: unknown) {
    this.log.warn(`what a machine says could not be taken: ${(fault as Error).message}`);
    return EMPTY;
  }
}
