import { connectAsync, type IClientOptions, type MqttClient } from 'mqtt';
import { nearAddress } from '../links/face/nearAddress.js';

/** Where the shop’s own broker is, and what is listened to there. */
export interface BrokerPlan {
  readonly host: string;
  readonly port: number;
  readonly user: string;
  readonly password: string;
  readonly topics: readonly string[];
}

/** ms: waits between two tries, longer each time. */
const firstWait = 1000;
const longestWait = 60_000;

/** Listens at a broker that the shop has. Where it is away it is tried again, less and less often; nothing is ever said there. */
export class OtherBroker {
  private client: MqttClient | null = null;
  private timer: NodeJS.Timeout | null = null;
  private isClosed = false;
  private wait = firstWait;
  private why = 'not connected yet';

  constructor(
    private readonly plan: BrokerPlan,
    private readonly hear: (topic: string, payload: Buffer) => void,
  ) {
    void this.tryOnce();
  }

  /** Why nothing is heard now; empty while it listens. */
  get away(): string {
    return this.why;
  }

  async close(): Promise<void> {
    this.isClosed = true;
    if (this.timer !== null) clearTimeout(this.timer);
    await this.client?.endAsync(true);
  }

  private async tryOnce(): Promise<void> {
    const { host, port, user, password, topics } = this.plan;
    try {
      const address = await nearAddress(host);
      if (address === null) throw new Error('no address of this shop’s own networks, or nobody knows it');
      const options: IClientOptions = {
        ...{ connectTimeout: 5000, reconnectPeriod: 0 },
        ...(user === '' ? {} : { username: user, password }),
      };
      // Who hangs up without a word is away as well.
      const bare = address.includes(':') ? `[${address}]` : address;
      const client = await connectAsync(`mqtt://${bare}:${port}`, options, false);
      this.client = client;
      client.on('message', (topic, payload) => this.hear(topic, payload));
      client.on('error', () => {});
      client.once('close', () => this.tryLater('the connection ended'));
      const refused = await this.refusedOf(client, topics);
      this.wait = firstWait;
      this.why = refused.length === 0 ? '' : `The broker lets nobody hear ${refused.join(', ')} from here.`;
      if (this.isClosed) await client.endAsync(true);
    } catch (fault) {
      this.client?.end(true);
      this.client = null;
      this.tryLater((fault as Error).message);
    }
  }

  /** Topics that the broker does not give to us; the others are listened to all the same. */
  private async refusedOf(client: MqttClient, topics: readonly string[]): Promise<string[]> {
    const refused: string[] = [];
    for (const topic of topics) {
      try {
        await client.subscribeAsync(topic);
      } catch (fault) {
        if (!client.connected) throw fault;
        refused.push(topic);
      }
    }
    return refused;
  }

  private tryLater(why: string): void {
    if (this.isClosed || this.timer !== null) return;
    this.why = `The broker at ${this.plan.host}:${this.plan.port} is away: ${why}.`;
    this.timer = setTimeout(() => {
      this.timer = null;
      void this.tryOnce();
    }, this.wait);
    this.timer.unref();
    this.wait = Math.min(2 * this.wait, longestWait);
  }
}
