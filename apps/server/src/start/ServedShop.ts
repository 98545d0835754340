import type { NestExpressApplication } from '@nestjs/platform-express';
import type { RequestListener, Server } from 'node:http';
import { createServer } from 'node:https';
import type { AppPlan } from '../app.module.js';
import type { ReopenShop } from '../backups/restores.service.js';
import { NewsService } from '../news/news.service.js';
import { createApp } from '../createApp.js';
import type { OwnCertificate } from './ownCertificate.js';
import { portFault } from './portFree.js';

/** Where a shop listens. */
export interface Listening {
  readonly host: string;
  readonly port: number;
  /** Over HTTPS beside it; null where it is not. */
  readonly second: { readonly port: number; readonly certificate: OwnCertificate } | null;
}

/** Whoever has not begun a request by then is no browser of ours, ms. */
const longestHeaders = 15_000;
/** A backup that is taken in over a slow network, ms. */
const longestRequest = 30 * 60_000;
/** More at once than every device of a shop opens. */
const mostConnections = 500;
/** Requests that are under way when the shop is closed are given so long, ms. */
const longestGoodbye = 10_000;

/** A shop that is open: its application, and what listens. It can be closed and opened again in one process. */
export class ServedShop {
  private app: NestExpressApplication | null = null;
  private servers: Server[] = [];

  /** @param prepare looks at each new application before the door is opened */
  constructor(
    private readonly plan: Omit<AppPlan, 'reopen'>,
    private readonly listening: Listening,
    private readonly prepare: (app: NestExpressApplication) => Promise<void>,
  ) {}

  async open(): Promise<void> {
    const app = await createApp({ ...this.plan, reopen: this.reopen });
    this.app = app;
    try {
      await this.prepare(app);
      await this.listen(app);
    } catch (error) {
      await this.close();
      throw error;
    }
  }

  private async listen(app: NestExpressApplication): Promise<void> {
    const { host, port, second } = this.listening;
    await this.serve(app.getHttpServer(), port, host);
    if (second === null) return;
    const beside = createServer(second.certificate, app.getHttpAdapter().getInstance() as RequestListener);
    await this.serve(beside, second.port, host);
  }

  /** Listens without Nest's own log of a failure, which is told in one line instead. */
  private serve(server: Server, port: number, host: string): Promise<void> {
    server.headersTimeout = longestHeaders;
    server.requestTimeout = longestRequest;
    server.maxConnections = mostConnections;
    this.servers.push(server);
    return new Promise((resolve, reject) => {
      const fail = (error: Error) => reject(portFault(error, port));
      server.once('error', fail);
      server.listen(port, host, () => {
        server.off('error', fail);
        resolve();
      });
    });
  }

  /** Answers what is under way, within bounds, and lets go of everything. */
  async close(): Promise<void> {
    const servers = this.servers;
    this.servers = [];
    // Whoever listens is let go at once: the others are given time.
    this.app?.get(NewsService).close();
    const cutOff = setTimeout(
      () => servers.forEach((server) => server.closeAllConnections()),
      longestGoodbye,
    );
    await Promise.all(servers.map(closed));
    clearTimeout(cutOff);
    await this.app?.close();
    this.app = null;
  }

  private readonly reopen: ReopenShop = (between) => {
    // The answer that says so is on its way.
    setTimeout(() => void this.turn(between), 200);
  };

  private async turn(between: () => Promise<void>): Promise<void> {
    try {
      await this.close();
      await between();
      await this.open();
      console.log('The shop was restored and is open again.');
    } catch (error) {
      console.error(`heron: the shop could not be opened again: ${(error as Error).message}`);
      // What was decided on is finished by the next start.
      process.exit(1);
    }
  }
}

function closed(server: Server): Promise<void> {
  return new Promise((resolve) => {
    server.close(() => resolve());
    server.closeIdleConnections();
  });
}
