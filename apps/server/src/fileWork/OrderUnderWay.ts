import { Readable } from 'node:stream';
import type { FileProgress } from '@lone-heron/contract';
import type { TellProgress } from './FileWork.js';
import { faultOf, type FromThread } from './threadWords.js';

/** How an order takes part in what else goes on. */
interface Surroundings {
  readonly tell: TellProgress;
  /** Asks the thread for the next piece of the file. */
  readonly more: () => void;
  /** Whoever reads the file left before its end. */
  readonly left: () => void;
}

/** What a thread says of how its order ends. */
export type AboutOrder = Exclude<FromThread, { says: 'progress' | 'turnWanted' | 'turnDone' }>;

/** One order that a thread is at work on: it ends in an answer or in a file, which may break off, or fails. */
export class OrderUnderWay {
  readonly answer: Promise<string>;
  readonly file: Promise<Readable>;
  /** The thread is done with it, however it ended. */
  readonly over: Promise<void>;
  private readonly readable: Readable;
  private isWhole = false;
  private answered: (json: string) => void = () => undefined;
  private begun: (file: Readable) => void = () => undefined;
  private failed: (fault: Error) => void = () => undefined;
  private finished: () => void = () => undefined;

  constructor(private readonly around: Surroundings) {
    const failing = new Promise<never>((_, reject) => (this.failed = reject));
    this.answer = Promise.race([new Promise<string>((resolve) => (this.answered = resolve)), failing]);
    this.file = Promise.race([new Promise<Readable>((resolve) => (this.begun = resolve)), failing]);
    this.over = new Promise((resolve) => (this.finished = resolve));
    // One of the two is waited for; the other is nobody's.
    this.answer.catch(() => undefined);
    this.file.catch(() => undefined);
    this.readable = new Readable({
      read: () => this.around.more(),
      destroy: (error, done) => {
        if (!this.isWhole) this.around.left();
        done(error);
      },
    });
    // It is destroyed with a fault whether or not somebody reads it yet.
    this.readable.on('error', () => undefined);
  }

  hearProgress(progress: FileProgress): void {
    this.around.tell(progress);
  }

  /** @returns whether the thread is done with it */
  hear(word: AboutOrder): boolean {
    switch (word.says) {
      case 'answer':
        this.answered(word.json);
        this.finished();
        return true;
      case 'begun':
        this.begun(this.readable);
        return false;
      case 'chunk':
        this.readable.push(word.bytes);
        return false;
      case 'end':
        this.isWhole = true;
        this.readable.push(null);
        this.finished();
        return true;
      case 'fault':
        this.fail(faultOf(word.fault));
        return true;
    }
  }

  fail(fault: Error): void {
    this.failed(fault);
    // What was sent whole may still be read; what was cut off is no file.
    if (!this.isWhole) this.readable.destroy(fault);
    this.finished();
  }
}
