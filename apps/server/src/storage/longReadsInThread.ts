import type { OnModuleDestroy } from '@nestjs/common';
import { Worker } from 'node:worker_threads';
import { LongReads } from './longReads.js';
import type { AskedOfReader, SaidByReader } from './readThread.js';

/** Who waits for an answer. */
interface Waiting {
  readonly resolve: (rows: unknown[]) => void;
  readonly reject: (fault: Error) => void;
}

/** Long reads in a thread that is begun with the first of them. */
export class LongReadsInThread extends LongReads implements OnModuleDestroy {
  private thread: Worker | null = null;
  private readonly waiting = new Map<number, Waiting>();
  private asked = 0;

  constructor(private readonly databaseFile: string) {
    super();
  }

  rows<Row>(sql: string, parameters: readonly unknown[] = []): Promise<Row[]> {
    const id = this.asked++;
    const thread = this.begun();
    return new Promise<Row[]>((resolve, reject) => {
      this.waiting.set(id, { resolve: resolve as Waiting['resolve'], reject });
      thread.postMessage({ id, sql, parameters } satisfies AskedOfReader);
    });
  }

  async onModuleDestroy(): Promise<void> {
    await this.thread?.terminate();
  }

  private begun(): Worker {
    if (this.thread !== null) return this.thread;
    const { databaseFile } = this;
    const thread = new Worker(new URL('./readThread.js', import.meta.url), { workerData: { databaseFile } });
    // It keeps no process from ending.
    thread.unref();
    thread.on('message', (said: SaidByReader) => this.hear(said));
    thread.once('error', (fault) => this.lose(thread, fault));
    thread.once('exit', () => this.lose(thread, new Error('the thread that reads has ended')));
    this.thread = thread;
    return thread;
  }

  private hear(said: SaidByReader): void {
    const asker = this.waiting.get(said.id);
    this.waiting.delete(said.id);
    if ('rows' in said) asker?.resolve(said.rows);
    else asker?.reject(Object.assign(new Error(said.fault.message), { code: said.fault.code }));
  }

  /** The next read begins another, which the end of this one is nothing to. */
  private lose(thread: Worker, fault: Error): void {
    if (this.thread !== thread) return;
    this.thread = null;
    for (const { reject } of this.waiting.values()) reject(fault);
    this.waiting.clear();
  }
}
