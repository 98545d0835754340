import { Worker } from 'node:worker_threads';
import { refuseFile } from '../http/refuseFile.js';
import type { ShopPlace } from '../storage/ShopPlace.js';
import type { WriteQueue } from '../storage/writeQueue.js';
import type { FileOrder } from './FileOrder.js';
import type { TellProgress } from './FileWork.js';
import { OrderUnderWay } from './OrderUnderWay.js';
import type { FromThread, ThreadData, ToThread } from './threadWords.js';

/** Memory of one thread, MB: the server as a whole stays under what a small machine has. */
const memoryMb = 320;
/**
 * Beside it for what was made just now. With so little storing 20,000 coupons takes as long as with what is usual, and the server's memory peaks at
 * 369 to 379 MB where it peaked at 426 to 443.
 */
const youngMb = 4;

/** A thread that reads and writes files over a connection of its own, one after the other. @see insideThread.ts */
export class FileThread {
  /** It is gone, whatever it was at. */
  readonly ended: Promise<void>;
  private readonly worker: Worker;
  private isGone = false;
  private underWay: OrderUnderWay | null = null;
  private turnDone: (() => void) | null = null;

  constructor(
    place: ShopPlace,
    private readonly writes: WriteQueue,
  ) {
    this.worker = new Worker(new URL('./insideThread.js', import.meta.url), {
      workerData: { place } satisfies ThreadData,
      resourceLimits: { maxOldGenerationSizeMb: memoryMb, maxYoungGenerationSizeMb: youngMb },
    });
    // An idle thread keeps no server from ending.
    this.worker.unref();
    this.ended = new Promise((resolve) => this.worker.once('exit', () => this.leave(resolve)));
    this.worker.on('message', (word: FromThread) => this.hear(word));
    this.worker.once('error', (error: NodeJS.ErrnoException) => this.end(outOfMemory(error) ?? error));
  }

  /** Whether it can take an order: it lives and is at none. */
  get isFree(): boolean {
    return !this.isGone && this.underWay === null;
  }

  do(order: FileOrder, tell: TellProgress): OrderUnderWay {
    const underWay = new OrderUnderWay({
      tell,
      more: () => this.say({ says: 'more' }),
      left: () => this.end(new Error('whoever asked for the file left')),
    });
    this.underWay = underWay;
    this.say({ says: 'order', order, writes: this.writes.writes });
    return underWay;
  }

  /** Ends it, and what it is at: nothing of that stays. */
  end(fault: Error): void {
    this.isGone = true;
    const { underWay } = this;
    this.underWay = null;
    underWay?.fail(fault);
    void this.worker.terminate();
  }

  private leave(resolve: () => void): void {
    this.end(new Error('the thread ended before its work was done'));
    this.turnDone?.();
    resolve();
  }

  private hear(word: FromThread): void {
    if (word.says === 'turnWanted') this.giveTurn();
    else if (word.says === 'turnDone') this.turnDone?.();
    else if (word.says === 'progress') this.underWay?.hearProgress(word.progress);
    else if (this.underWay?.hear(word) === true) this.underWay = null;
  }

  /** Nobody else writes until it is done, or gone. */
  private giveTurn(): void {
    void this.writes.elsewhere(
      (writes) =>
        new Promise<void>((resolve) => {
          if (this.isGone) {
            resolve();
            return;
          }
          this.turnDone = resolve;
          this.say({ says: 'go', writes });
        }),
    );
  }

  private say(word: ToThread): void {
    this.worker.postMessage(word);
  }
}

function outOfMemory({ code }: NodeJS.ErrnoException): Error | null {
  return code === 'ERR_WORKER_OUT_OF_MEMORY'
    ? refuseFile('more than this server can hold at once', 'the same in two files')
    : null;
}
