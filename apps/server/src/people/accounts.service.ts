import type { Account, AccountDraft, AccountSignIn, OwnPassphrase, Person } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, IsNull, Not } from 'typeorm';
import { notFound, refused } from '../http/problem.js';
import type { Entry } from '../kit/Entry.js';
import { RecordKit } from '../kit/recordKit.js';
import { PersonEntity } from './person.entity.js';
import { personOf } from './personOf.js';
import { hashPin } from './pinHash.js';
import { SessionsService } from './sessions.service.js';
import { signedIn } from './pinLock.js';
import { SignInService, type Secret, type SignedIn } from './signIn.service.js';
import { AccountEntity } from './account.entity.js';
import type { ProvidedPerson } from './OpenIdProvider.js';
import { notKnown } from './notKnown.js';

/** Accounts of those who come over the network. */
@Injectable()
export class AccountsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly door: SignInService,
    private readonly sessions: SessionsService,
  ) {}

  /** Everybody's who has one. */
  async list(): Promise<Account[]> {
    const rows = await this.dataSource.manager.find(AccountEntity, { order: { login: 'ASC' } });
    return rows.map(accountFromRow);
  }

  /** Whether anybody could sign in with a passphrase. */
  hasPassphrases(): Promise<boolean> {
    return this.dataSource.manager.existsBy(AccountEntity, { passphraseHash: Not(IsNull()) });
  }

  /** Gives somebody an account, or changes it. Another login or passphrase ends their sessions. Repeating it changes nothing more. */
  async save(personId: string, { login, passphrase }: AccountDraft, by: Person): Promise<Account> {
    const hash = typeof passphrase === 'string' ? await hashPin(passphrase) : passphrase;
    return this.kit.enter(by, async (entry) => {
      const { manager } = entry;
      const person = await requireOwnPerson(entry, personId);
      const before = await manager.findOneBy(AccountEntity, { personId });
      const namesake = await manager.findOneBy(AccountEntity, { login });
      if (namesake !== null && namesake.personId !== personId)
        throw refused([{ field: 'login', given: `"${login}"`, allowed: 'one that nobody else has' }]);
      const isSame = before?.login === login;
      const row = {
        ...{ personId, login },
        passphraseHash: hash === undefined ? (before?.passphraseHash ?? null) : hash,
        // Who another address belongs to, the provider has to say anew.
        subject: isSame ? before.subject : null,
      };
      await manager.save(AccountEntity, row);
      if (!isSame || hash !== undefined) {
        await this.sessions.endAllOf(personId, manager);
        await entry.tell('person', personId, `gave ${person.name} the account ${login}${wayInWords(row)}`);
      }
      return accountFromRow(await manager.findOneByOrFail(AccountEntity, { personId }));
    });
  }

  /** Takes somebody's account away, and ends their sessions; their PIN stays. Repeating it changes nothing. */
  remove(personId: string, by: Person): Promise<void> {
    return this.kit.enter(by, async (entry) => {
      const { manager } = entry;
      const person = await requireOwnPerson(entry, personId);
      if (!(await manager.existsBy(AccountEntity, { personId }))) return;
      await manager.delete(AccountEntity, { personId });
      await this.sessions.endAllOf(personId, manager);
      await entry.tell('person', personId, `took the account of ${person.name} away`);
    });
  }

  /** @param address that it is tried from */
  async signIn({ login, passphrase }: AccountSignIn, address: string): Promise<SignedIn> {
    const account = await this.dataSource.manager.findOneBy(AccountEntity, {
      login: login.trim().toLowerCase(),
    });
    // Unknown, disabled and wrong are told alike, and as slowly: what nobody has is tried as well.
    const knock = { personId: account?.personId ?? `account ${login}`.slice(0, 60), address };
    const person = await this.door.requireSecret(knock, passphrase, secretOf(account));
    return { person: personOf(person), token: await this.sessions.begin(person.id) };
  }

  /** Changes one's own passphrase; every device of theirs has to sign in again. */
  async changeOwn(by: Person, { passphrase, newPassphrase }: OwnPassphrase): Promise<void> {
    const account = await this.dataSource.manager.findOneBy(AccountEntity, { personId: by.id });
    await this.door.requireSecret({ personId: by.id, address: signedIn }, passphrase, secretOf(account));
    const passphraseHash = await hashPin(newPassphrase);
    await this.kit.enter(by, async (entry) => {
      await entry.manager.update(AccountEntity, { personId: by.id }, { passphraseHash });
      await this.sessions.endAllOf(by.id, entry.manager);
      await entry.tell('person', by.id, `${by.name} changed their own passphrase`);
    });
  }

  /**
   * Lets somebody in whom the provider knows: by what it called them when they came first, and then by their address, where it says
   * that it is theirs and a lead gave somebody an account under it.
   */
  async signInProvided({ subject, email }: ProvidedPerson): Promise<SignedIn> {
    const { manager } = this.dataSource;
    const known = await manager.findOneBy(AccountEntity, { subject });
    const account = known ?? (email === null ? null : await this.link(email, subject));
    const person = account === null ? null : await manager.findOneBy(PersonEntity, { id: account.personId });
    if (person === null || person.disabledAt !== null) throw notKnown(email);
    return { person: personOf(person), token: await this.sessions.begin(person.id) };
  }

  /** Ties an account to who the provider says it is; one that is tied to somebody else stays theirs. */
  private async link(login: string, subject: string): Promise<AccountEntity | null> {
    const { manager } = this.dataSource;
    const account = await manager.findOne(AccountEntity, { where: { login }, relations: { person: true } });
    if (account === null || account.subject !== null || account.person.disabledAt !== null) return null;
    await this.kit.enter(personOf(account.person), async (entry) => {
      await entry.manager.update(AccountEntity, { login, subject: IsNull() }, { subject });
      await entry.tell('person', account.personId, `${account.person.name} came by the provider as ${login}`);
    });
    return manager.findOneBy(AccountEntity, { subject });
  }
}

async function requireOwnPerson(entry: Entry, id: string): Promise<PersonEntity> {
  const person = await entry.manager.findOneBy(PersonEntity, { id });
  if (person === null) throw notFound('person', id);
  await entry.requireOwn({ workshopId: person.workshopId });
  return person;
}

function secretOf(account: AccountEntity | null): Secret {
  return { called: 'passphrase', hashOf: () => account?.passphraseHash ?? null };
}

function wayInWords({ passphraseHash }: Pick<AccountEntity, 'passphraseHash'>): string {
  return passphraseHash === null ? ', by the provider' : ', with a passphrase';
}

function accountFromRow({ personId, login, passphraseHash, subject }: AccountEntity): Account {
  return { personId, login, hasPassphrase: passphraseHash !== null, isLinked: subject !== null };
}
