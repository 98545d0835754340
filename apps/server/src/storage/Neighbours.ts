import { Injectable } from '@nestjs/common';
import { Subject, type Observable } from 'rxjs';

/**
 * What the servers of one shop tell each other that is stored nowhere. Where one serves it alone nobody hears what it says, and it
 * hears nothing. @see OtherServers
 */
@Injectable()
export class Neighbours {
  private readonly saidHere = new Subject<string>();
  private readonly saidThere = new Subject<string>();

  /** What this one says. */
  get said(): Observable<string> {
    return this.saidHere;
  }

  /** What the others say. */
  get heard(): Observable<string> {
    return this.saidThere;
  }

  /** @param words at most {@link longestWords} bytes, or nobody hears them */
  say(words: string): void {
    this.saidHere.next(words);
  }

  hear(words: string): void {
    this.saidThere.next(words);
  }
}

/** PostgreSQL passes on less than 8,000 bytes at once; who says it, and of which shop, takes some of them. */
export const longestWords = 7_600;
