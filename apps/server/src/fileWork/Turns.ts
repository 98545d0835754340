import type { MessagePort } from 'node:worker_threads';
import type { DataSource, EntityManager } from 'typeorm';
import { WriteQueue } from '../storage/writeQueue.js';
import type { FromThread, ToThread } from './threadWords.js';

/** The write queue of a thread: each write waits for its turn among those of the thread that serves. */
export class Turns extends WriteQueue {
  private served = 0;

  constructor(
    dataSource: DataSource,
    private readonly port: MessagePort,
  ) {
    super(dataSource);
  }

  /** @param writes as the thread that serves counted them before what comes now */
  begin(writes: number): void {
    this.served = writes;
  }

  override get writes(): number {
    return this.served;
  }

  protected override othersWrote(): void {
    this.served += 2;
  }

  override async run<Result>(write: (manager: EntityManager) => Promise<Result>): Promise<Result> {
    this.served = await this.turn();
    try {
      return await super.run(write);
    } finally {
      this.say({ says: 'turnDone' });
    }
  }

  private turn(): Promise<number> {
    return new Promise((resolve) => {
      const hear = (told: ToThread) => {
        if (told.says !== 'go') return;
        this.port.off('message', hear);
        resolve(told.writes);
      };
      this.port.on('message', hear);
      this.say({ says: 'turnWanted' });
    });
  }

  private say(word: FromThread): void {
    this.port.postMessage(word);
  }
}
