import type { OwnPin, Person, SignIn } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { Mutex } from 'async-mutex';
import { DataSource } from 'typeorm';
import { ChangesService } from '../changes/changes.service.js';
import { ProblemException } from '../http/problem.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
import { PersonEntity } from './person.entity.js';
import { personOf } from './personOf.js';
import { hashPin, isPinOf } from './pinHash.js';
import { answerDelayMs, freeTries, PinLock, signedIn, type Knock } from './pinLock.js';
import { SessionsService } from './sessions.service.js';

/** Somebody who is in, with the secret their device keeps. */
export interface SignedIn {
  readonly person: Person;
  readonly token: string;
}

/** What somebody proves themselves by. */
export interface Secret {
  readonly called: 'PIN' | 'passphrase';
  /** Null for somebody who has none. */
  readonly hashOf: (person: PersonEntity) => string | null;
}

const ofPin: Secret = { called: 'PIN', hashOf: ({ pinHash }) => pinHash };

/** The door: a name and a PIN. Whatever is wrong, the answer is the same. */
@Injectable()
export class SignInService {
  /** Tries of one name go one after the other: many at once would all be looked at before the first is counted. */
  private readonly turns = new Map<string, Mutex>();

  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly sessions: SessionsService,
    private readonly lock: PinLock,
    private readonly changes: ChangesService,
    private readonly clock: Clock,
  ) {}

  /** @param address that it is tried from */
  async signIn({ personId, pin }: SignIn, address: string): Promise<SignedIn> {
    const person = await this.requireSecret({ personId, address }, pin, ofPin);
    return { person: personOf(person), token: await this.sessions.begin(person.id) };
  }

  /** Says once more that who is signed in is who they say; refused as a wrong PIN at the door is. */
  async confirm({ id }: Person, pin: string): Promise<void> {
    await this.requireSecret({ personId: id, address: signedIn }, pin, ofPin);
  }

  /** Changes one's own PIN; every device of theirs has to sign in again. */
  async changeOwnPin({ id, name }: Person, { pin, newPin }: OwnPin): Promise<void> {
    await this.requireSecret({ personId: id, address: signedIn }, pin, ofPin);
    const pinHash = await hashPin(newPin);
    await this.writes.run(async (manager) => {
      await manager.update(PersonEntity, { id }, { pinHash, hasSamplePin: false });
      await this.sessions.endAllOf(id, manager);
      const what = `${name} changed their own PIN`;
      await this.changes.record(manager, { personId: id, noun: 'person', subjectId: id, what });
    });
  }

  /** The person of a name and a secret that belong together. Unknown, disabled and wrong are told alike, and as slowly. */
  async requireSecret(knock: Knock, given: string, secret: Secret): Promise<PersonEntity> {
    const { personId } = knock;
    const turn = this.turns.get(personId) ?? new Mutex();
    this.turns.set(personId, turn);
    try {
      return await turn.runExclusive(() => this.trySecret(knock, given, secret));
    } finally {
      if (!turn.isLocked()) this.turns.delete(personId);
    }
  }

  private async trySecret(knock: Knock, given: string, { called, hashOf }: Secret): Promise<PersonEntity> {
    const seconds = await this.lock.secondsLocked(knock);
    if (seconds > 0) throw locked(seconds, called);
    const person = await this.dataSource.manager.findOneBy(PersonEntity, { id: knock.personId });
    const hash = person === null || person.disabledAt !== null ? null : hashOf(person);
    const isRight = await isPinOf(given, hash);
    if (person !== null && hash !== null && isRight) {
      await this.lock.forget(knock);
      return person;
    }
    const count = await this.lock.countWrong(knock);
    if (count === 1 || count >= freeTries) await this.tell(knock, person, count, called);
    await this.clock.wait(answerDelayMs(count));
    const lockedFor = await this.lock.secondsLocked(knock);
    throw lockedFor > 0 ? locked(lockedFor, called) : wrong(called);
  }

  private tell(
    knock: Knock,
    person: PersonEntity | null,
    count: number,
    called: Secret['called'],
  ): Promise<void> {
    const what = wrongInWords(knock, person?.name ?? 'somebody who is not of this shop', count, called);
    const change = { personId: null, noun: 'door', subjectId: person?.id ?? 'nobody', what };
    return this.writes.run((manager) => this.changes.record(manager, change));
  }
}

/** "3 wrong PINs in a row for Maren, from 192.168.1.20": the first of a row and those that lock are in the history. */
function wrongInWords({ address }: Knock, name: string, count: number, called: Secret['called']): string {
  const from = address === signedIn ? 'at a signature' : `from ${address}`;
  return `${count === 1 ? `a wrong ${called}` : `${count} wrong ${called}s in a row`} for ${name}, ${from}`;
}

function wrong(called: Secret['called']): ProblemException {
  return new ProblemException({
    type: 'about:blank',
    title: 'Not signed in',
    status: 401,
    detail: called === 'PIN' ? 'That PIN is not right.' : 'That account or passphrase is not right.',
  });
}

function locked(seconds: number, called: Secret['called']): ProblemException {
  const minutes = Math.ceil(seconds / 60);
  const wait = minutes === 1 ? 'a minute' : `${minutes} minutes`;
  return new ProblemException({
    type: 'about:blank',
    title: 'Locked',
    status: 429,
    detail: `Too many wrong ${called}s: this name is locked for ${wait}. A lead can give a new ${called}.`,
  });
}
