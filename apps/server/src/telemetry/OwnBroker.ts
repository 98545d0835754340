import { Logger } from '@nestjs/common';
import { Aedes, type Client } from 'aedes';
import { createServer, type AddressInfo, type Server, type Socket } from 'node:net';
import { isSame } from './machinePassword.js';

/** A machine that may come: what it signs in with, and the topics that are its own. */
export interface BrokerGuest {
  readonly user: string;
  readonly machineId: string;
  readonly password: string;
  readonly topics: ReadonlySet<string>;
}

const mostConnections = 200;
/** Bytes of one message. */
const longestMessage = 64_000;
/** s: how rarely a guest may be heard of. */
const keepAlive = 120;
/** Bytes that one connection may send within ten seconds: a hundred times what a machine says at 10 Hz. */
const mostInTen = 2_000_000;

/**
 * An MQTT broker inside the server, for a shop that has none. Each machine signs in as itself, says what its map has topics for and hears
 * nothing but itself.
 */
export class OwnBroker {
  private readonly log = new Logger('broker');
  private readonly users = new WeakMap<Client, BrokerGuest>();

  private constructor(
    private readonly aedes: Aedes,
    private readonly server: Server,
  ) {}

  /**
   * @param guestOf who may come by that name
   * @param hear is given what a guest says
   * @throws where the port is taken
   */
  static async open(
    { host, port }: { readonly host: string; readonly port: number },
    guestOf: (user: string) => BrokerGuest | undefined,
    hear: (guest: BrokerGuest, topic: string, payload: Buffer) => void,
  ): Promise<OwnBroker> {
    const aedes = await Aedes.createBroker({
      connectTimeout: 10_000,
      keepaliveLimit: keepAlive,
      queueLimit: 50,
    });
    const server = createServer((socket) => {
      endFlood(socket);
      aedes.handle(socket);
    });
    server.maxConnections = mostConnections;
    const broker = new OwnBroker(aedes, server);
    broker.letIn(guestOf, hear);
    try {
      await new Promise<void>((resolve, reject) => {
        server.once('error', reject);
        server.listen(port, host, () => resolve());
      });
    } catch (fault) {
      aedes.close();
      throw fault;
    }
    return broker;
  }

  get port(): number {
    return (this.server.address() as AddressInfo).port;
  }

  async close(): Promise<void> {
    await new Promise<void>((resolve) => this.aedes.close(() => resolve()));
    await new Promise<void>((resolve) => {
      this.server.close(() => resolve());
    });
  }

  private letIn(
    guestOf: (user: string) => BrokerGuest | undefined,
    hear: (guest: BrokerGuest, topic: string, payload: Buffer) => void,
  ): void {
    this.aedes.authenticate = (client, user, password, done) => {
      const guest = guestOf(user ?? '');
      const isIn = guest !== undefined && isSame(guest.password, password ?? Buffer.alloc(0));
      if (isIn) this.users.set(client, guest);
      else this.log.warn(`nobody by the name ${JSON.stringify((user ?? '').slice(0, 60))} is let in`);
      done(null, isIn);
    };
    this.aedes.authorizePublish = (client, packet, done) => {
      const guest = client === null ? undefined : this.guestNow(client, guestOf);
      if (guest === undefined || !guest.topics.has(packet.topic)) {
        done(new Error('not a topic of this machine'));
        return;
      }
      if (Buffer.byteLength(packet.payload) > longestMessage) {
        done(new Error('longer than a message may be'));
        return;
      }
      hear(guest, packet.topic, Buffer.from(packet.payload));
      // What was said once is not said again to whoever comes later.
      packet.retain = false;
      done(null);
    };
    this.aedes.authorizeSubscribe = (client, subscription, done) => {
      const isOwn = this.guestNow(client, guestOf)?.topics.has(subscription.topic) === true;
      done(null, isOwn ? subscription : null);
    };
    this.aedes.on('clientError', (client) => client.close());
    this.aedes.on('connectionError', (client) => client.close());
  }

  /** As the machine’s telemetry stands now: a password that was changed, or one that was switched off, ends it. */
  private guestNow(
    client: Client,
    guestOf: (user: string) => BrokerGuest | undefined,
  ): BrokerGuest | undefined {
    const then = this.users.get(client);
    const now = then === undefined ? undefined : guestOf(then.user);
    return now?.password === then?.password ? now : undefined;
  }
}

/** A packet may call itself as long as it likes, and is waited for: whoever sends too much is cut off before that. */
function endFlood(socket: Socket): void {
  let bytes = 0;
  let since = Date.now();
  socket.on('data', (chunk: Buffer) => {
    if (Date.now() - since > 10_000) {
      bytes = 0;
      since = Date.now();
    }
    bytes += chunk.length;
    if (bytes > mostInTen) socket.destroy();
  });
}
