import type { OnModuleDestroy } from '@nestjs/common';
import { Semaphore } from 'async-mutex';
import type { Readable } from 'node:stream';
import type { ShopPlace } from '../storage/ShopPlace.js';
import type { WriteQueue } from '../storage/writeQueue.js';
import type { FileOrder, ReadOrder, WriteOrder } from './FileOrder.js';
import { FileThread } from './FileThread.js';
import { FileWork, untold, type TellProgress, type Watched } from './FileWork.js';
import type { OrderUnderWay } from './OrderUnderWay.js';

/** Files that are worked on at once; a further one waits. */
const atOnce = 2;
/** A thread takes a moment to start: it is kept for the next file for so long, ms. */
const keptFor = 5 * 60_000;

/** Files that are read and written in threads of their own, so that nobody waits for them. */
export class FileWorkInThread extends FileWork implements OnModuleDestroy {
  private readonly room = new Semaphore(atOnce);
  private readonly threads = new Set<FileThread>();
  private readonly partings = new Map<FileThread, NodeJS.Timeout>();

  constructor(
    private readonly place: ShopPlace,
    private readonly writes: WriteQueue,
  ) {
    super();
  }

  read(order: ReadOrder, { signal, tell }: Watched): Promise<string> {
    return this.room.runExclusive(async () => {
      // Who left while it waited for its turn left for good.
      signal.throwIfAborted();
      const { thread, underWay } = this.begin(order, tell);
      const end = () => thread.end(signal.reason as Error);
      signal.addEventListener('abort', end, { once: true });
      return underWay.answer.finally(() => signal.removeEventListener('abort', end));
    });
  }

  async write(order: WriteOrder): Promise<Readable> {
    const [, leave] = await this.room.acquire();
    try {
      const { underWay } = this.begin(order, untold);
      void underWay.over.then(leave);
      return await underWay.file;
    } catch (fault) {
      leave();
      throw fault;
    }
  }

  private begin(order: FileOrder, tell: TellProgress): { thread: FileThread; underWay: OrderUnderWay } {
    const thread = [...this.threads].find(({ isFree }) => isFree) ?? this.start();
    clearTimeout(this.partings.get(thread));
    const underWay = thread.do(order, tell);
    void underWay.over.then(() => this.part(thread));
    return { thread, underWay };
  }

  private start(): FileThread {
    const thread = new FileThread(this.place, this.writes);
    this.threads.add(thread);
    void thread.ended.then(() => {
      this.threads.delete(thread);
      clearTimeout(this.partings.get(thread));
      this.partings.delete(thread);
    });
    return thread;
  }

  /** Lets a thread go that has had nothing to do for a while. */
  private part(thread: FileThread): void {
    if (!this.threads.has(thread)) return;
    const parting = setTimeout(() => {
      if (thread.isFree) thread.end(new Error('it was not needed any more'));
    }, keptFor);
    this.partings.set(thread, parting.unref());
  }

  async onModuleDestroy(): Promise<void> {
    const threads = [...this.threads];
    threads.forEach((thread) => thread.end(new Error('the shop is being closed')));
    await Promise.all(threads.map(({ ended }) => ended));
  }
}
