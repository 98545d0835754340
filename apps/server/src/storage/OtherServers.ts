import { Injectable, Logger, type OnApplicationBootstrap, type OnModuleDestroy } from '@nestjs/common';
import type pg from 'pg';
import { StartFault } from '../start/StartFault.js';
import type { Subscription } from 'rxjs';
import { longestWords, type Neighbours } from './Neighbours.js';
import { connectedTo, schemaOf, shownAddress } from './postgres.js';
import { takePartInServing } from './servedLock.js';
import { heardFrom, storedChannel } from './stored.js';
import { wordsFrom, wordsOf, wordsChannel } from './neighbourWords.js';
import { WriteQueue } from './writeQueue.js';

/** ms between two tries to reach a database that is away. */
const tryAgain = { first: 500, most: 10_000 };

/** Listens to the other servers of the same database, and says to them that this one serves, over a connection of its own. */
@Injectable()
export class OtherServers implements OnApplicationBootstrap, OnModuleDestroy {
  private readonly log = new Logger('Other servers');
  private client: pg.Client | null = null;
  private timer: NodeJS.Timeout | null = null;
  private isClosed = false;
  private passing: Subscription | null = null;

  constructor(
    private readonly url: string,
    private readonly writes: WriteQueue,
    private readonly neighbours: Neighbours,
  ) {}

  async onApplicationBootstrap(): Promise<void> {
    await this.connect();
    this.passing = this.neighbours.said.subscribe((words) => this.passOn(words));
  }

  async onModuleDestroy(): Promise<void> {
    this.isClosed = true;
    this.passing?.unsubscribe();
    if (this.timer !== null) clearTimeout(this.timer);
    const { client } = this;
    this.client = null;
    await client?.end();
  }

  private async connect(): Promise<void> {
    const client = await connectedTo(this.url);
    this.client = client;
    client.on('notification', ({ channel, payload = '' }) => this.hear(channel, payload));
    client.once('end', () => this.lose(client, tryAgain.first));
    if (!(await takePartInServing(client, this.url))) await this.refuse(client);
    await client.query(`LISTEN ${storedChannel}; LISTEN ${wordsChannel}`);
  }

  /** @throws StartFault always */
  private async refuse(client: pg.Client): Promise<never> {
    this.client = null;
    await client.end();
    throw new StartFault(
      `The shop in ${shownAddress(this.url)} is being moved or restored. Start it again once that is over.`,
    );
  }

  /** What is said while nobody can be reached is lost: it is said again as soon as it changes. */
  private passOn(words: string): void {
    const me = { from: this.writes.name, schema: schemaOf(this.url) };
    if (Buffer.byteLength(words) > longestWords) {
      this.log.warn(`too long to be told to the other servers: ${words.slice(0, 80)}…`);
      return;
    }
    void this.client
      ?.query('SELECT pg_notify($1, $2)', [wordsChannel, wordsOf(me, words)])
      .catch((fault: unknown) => this.log.warn((fault as Error).message));
  }

  private hear(channel: string, payload: string): void {
    const me = { from: this.writes.name, schema: schemaOf(this.url) };
    try {
      if (channel === wordsChannel) {
        const words = wordsFrom(payload, me);
        if (words !== null) this.neighbours.hear(words);
        return;
      }
      const stored = heardFrom(payload, me.from, me.schema);
      if (stored !== null) this.writes.hearOthers(stored);
    } catch (fault) {
      this.log.warn(`another server said what is not understood: ${(fault as Error).message}`);
    }
  }

  /** Whatever was said meanwhile was missed. */
  private lose(client: pg.Client, after: number): void {
    if (this.isClosed || this.client !== client) return;
    this.client = null;
    this.reach(after);
  }

  private reach(after: number): void {
    this.timer = setTimeout(() => {
      this.connect().then(
        () => this.writes.hearOthers({ tables: 'unknown', page: '' }),
        (fault: unknown) => {
          if (this.isClosed) return;
          this.log.warn((fault as Error).message);
          this.reach(Math.min(2 * after, tryAgain.most));
        },
      );
    }, after).unref();
  }
}
