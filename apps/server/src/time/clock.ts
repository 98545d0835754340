import { Injectable } from '@nestjs/common';
import { setTimeout as pause } from 'node:timers/promises';

/** The time of day, so that a test may set it. */
@Injectable()
export class Clock {
  now(): Date {
    return new Date();
  }

  /** Lets so many milliseconds pass. */
  async wait(ms: number): Promise<void> {
    await pause(ms);
  }
}
