import {
  largestExchange,
  type Card,
  type Coupon,
  type ExchangeFileFormat,
  type ExchangePreview,
  type ExchangedJob,
  type ExchangedTrial,
  type ExchangeStored,
  type FiledCoupon,
  type Machine,
  type Person,
  type Trial,
  type TrialDraft,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { Readable } from 'node:stream';
import { DataSource, type EntityManager } from 'typeorm';
import { readCards } from '../cards/face/readCards.js';
import { couponsById, couponsMatching } from '../coupons/face/readCoupons.js';
import { CouponsService } from '../coupons/coupons.service.js';
import type { TellProgress } from '../fileWork/FileWork.js';
import { tellTaken } from '../fileWork/tellTaken.js';
import { conflict } from '../http/problem.js';
import { refuseFile } from '../http/refuseFile.js';
import { readPlans } from '../jobs/face/readPlans.js';
import { JobsService } from '../jobs/jobs.service.js';
import { ModeCardsService } from '../modeCards/modeCards.service.js';
import { TrialsService } from '../trials/trials.service.js';
import { MachinesService } from '../machines/machines.service.js';
import { readPeople } from '../people/face/readPeople.js';
import { hashOf } from '../photos/face/photoFiles.js';
import { RecordKit } from '../kit/recordKit.js';
import { Clock } from '../time/clock.js';
import { judgeCardRows, judgeCards, type KnownToCards } from './judgeCards.js';
import { judgeExchangedCoupons } from './judgeExchangedCoupons.js';
import { judgeJobs, withoutPictures, type JobToStore } from './judgeJobs.js';
import { asItTravels, judgeModeCards, judgeTrials, type ModeCardToStore } from './judgeModes.js';
import { judgeMachines, type MachineToStore } from './judgeMachines.js';
import { shownParts, toStore, type JudgedPart } from './JudgedPart.js';
import { readExchange, type ReadExchange } from './readExchange.js';
import { storeCards, type CardToStore } from '../cards/face/storeCards.js';
import { cardsAsCsv, exchangeAsJson } from './writeExchange.js';

/** What goes into a file that is written. */
export interface ExchangeToWrite {
  readonly format: ExchangeFileFormat;
  /** Ids of the cards, with what they need; null for everything. */
  readonly cards: readonly string[] | null;
  /** Who takes it, for the history; null where nobody is signed in. */
  readonly by: Person | null;
}

/** A file that is read: its bytes, and what of it is taken where it clashes. */
export interface SentExchange {
  readonly format: ExchangeFileFormat;
  readonly bytes: Buffer;
  readonly taken: ReadonlySet<string>;
  readonly by: Person;
}

@Injectable()
export class ExchangeService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly machines: MachinesService,
    private readonly coupons: CouponsService,
    private readonly jobs: JobsService,
    private readonly modeCards: ModeCardsService,
    private readonly trials: TrialsService,
    private readonly clock: Clock,
  ) {}

  /**
   * The shop's machines, cards, coupons and jobs, oldest first; where cards were named, those with their machines and coupons
   * alone. As a table: the cards, each by its newest version.
   */
  async write({ format, cards: ids, by }: ExchangeToWrite): Promise<Readable> {
    const { manager } = this.dataSource;
    const all = await readCards(manager);
    const cards = (ids === null ? all : all.filter(({ id }) => ids.includes(id))).toReversed();
    if (by !== null) await tellTaken(this.kit, by, takenInWords(format, ids === null ? null : cards.length));
    if (format === 'csv') return Readable.from([cardsAsCsv(cards)]);
    const machines = await this.machines.list();
    const people = await readPeople(manager);
    const isNeeded = ids === null ? () => true : machinesOf(cards);
    return Readable.from(
      exchangeAsJson({
        machines: machines.filter(({ id }) => isNeeded(id)),
        cards,
        coupons: ids === null ? couponsMatching(manager, {}) : provenBy(manager, cards),
        jobs: ids === null ? await this.plannedJobs(manager) : [],
        ...(ids === null ? await this.modes() : { modeCards: [], trials: [] }),
        nameOf: (personId) => people.find(({ id }) => id === personId)?.name ?? personId,
        writtenAt: this.clock.now().toISOString(),
      }),
    );
  }

  /** What would become of a file, part by part. Nothing is stored. */
  async preview(sent: SentExchange, tell: TellProgress): Promise<ExchangePreview> {
    const judged = await this.judge(this.dataSource.manager, readSent(sent), sent, tell);
    const { machines, cards, coupons, jobs, modeCards, trials } = judged;
    const parts = [machines, cards, coupons, jobs, modeCards, trials];
    return { hash: hashOf(sent.bytes), rows: parts.flatMap(shownParts) };
  }

  /** Stores what is new and what was taken, all of it or nothing. A file other than the one that was shown is refused. */
  async store(sent: SentExchange, hash: string, tell: TellProgress): Promise<ExchangeStored> {
    const { bytes, by } = sent;
    if (hashOf(bytes) !== hash)
      throw conflict('This is not the file that was shown. Look at it again, then store it.');
    const read = readSent(sent);
    const { count } = this.kit;
    const before = await this.judge(this.dataSource.manager, read, sent, tell);
    return this.kit.enter(by, async (entry) => {
      const { manager } = entry;
      // Others wait by now, so that what was found out before holds where nobody wrote meanwhile.
      const isAsBefore = this.kit.count === count + 1;
      const judged = isAsBefore ? before : await this.judge(manager, read, sent, tell);
      const { machines, cards, coupons, jobs, modeCards, trials } = judged;
      for (const { id, revision, name, profile } of toStore(machines)) {
        const draft = { name, profile, note: 'read in from a file' };
        await this.machines.reviseWithin(entry, id, revision, draft);
      }
      const stored = await this.coupons.insertAll(entry, toStore(coupons), (done, of) =>
        tell({ phase: 'storing', done, of }),
      );
      await storeCards(entry, toStore(cards));
      for (const { id, revision, draft } of toStore(jobs))
        await this.jobs.writeWithin(entry, id, revision, draft);
      for (const { id, version, draft } of toStore(modeCards))
        await this.modeCards.writeWithin(entry, id, version, draft);
      for (const { id, draft } of toStore(trials)) await this.trials.writeWithin(entry, id, draft);
      const counts = {
        machines: toStore(machines).length,
        cards: toStore(cards).length,
        coupons: stored,
        jobs: toStore(jobs).length,
        modeCards: toStore(modeCards).length,
        trials: toStore(trials).length,
      };
      if (Object.values(counts).some((count) => count > 0)) {
        const { length } = toStore(cards);
        const what = `read ${counts.machines} machines, ${length + counts.modeCards} cards, ${counts.coupons} coupons, ${counts.trials} trials and ${counts.jobs} jobs in from a file`;
        await entry.tell('exchange', hash.slice(0, 12), what);
      }
      return counts;
    });
  }

  private async judge(
    manager: EntityManager,
    read: ReadExchange,
    { taken, by }: SentExchange,
    tell: TellProgress,
  ): Promise<Judged> {
    const ours = await this.machines.list(manager);
    const machines = judgeMachines(read.machines, ours, taken);
    const coming = new Map(toStore(machines).map((each) => [each.id, each]));
    const machineOf = (id: string): Machine | null =>
      coming.get(id) ?? ours.find((machine) => machine.id === id) ?? null;
    const known: KnownToCards = { cards: await readCards(manager), machineOf, taken };
    return {
      machines,
      cards: [
        ...judgeCards(read.cards, known),
        ...judgeCardRows(read.cardRows, known, by.name, this.clock.now().toISOString()),
      ],
      coupons: await judgeExchangedCoupons(manager, read.coupons, machineOf, by, tell),
      jobs: judgeJobs(read.jobs, { jobs: await readPlans(manager), machineOf, taken }),
      modeCards: judgeModeCards(read.modeCards, await this.modeCards.list(manager), { machineOf, taken }),
      trials: judgeTrials(read.trials, await this.trials.list(manager), {
        machineOf,
        now: this.clock.now(),
      }),
    };
  }

  /** Cards and trials of the other modes as they travel, oldest first, those that were retired or taken back left out. */
  private async modes() {
    const cards = await this.modeCards.list();
    const trials = await this.trials.list();
    return {
      modeCards: cards.flatMap(({ id, retiredAt, versions: [newest] }) => {
        if (retiredAt !== null || newest === undefined) return [];
        const { version: _version, madeAt: _at, madeBy: _by, ...draft } = newest;
        return [{ id, draft }];
      }),
      trials: trials
        .filter(({ withdrawnAt }) => withdrawnAt === null)
        .map(({ id, ...trial }) => ({ id, draft: asItTravels(draftOf(trial)) }))
        .toReversed(),
    };
  }

  /** Jobs as they are planned, oldest first, those that were taken back left out. */
  private async plannedJobs(manager: EntityManager): Promise<ExchangedJob[]> {
    const plans = await readPlans(manager);
    return plans
      .filter(({ withdrawnAt }) => withdrawnAt === null)
      .map(({ id, draft }) => ({ id, draft: withoutPictures(draft) }))
      .toReversed();
  }
}

/** A trial as it was logged, without what this shop made of it. */
function draftOf(trial: Omit<Trial, 'id'>): TrialDraft {
  const {
    personId: _person,
    number: _number,
    machineRevision: _revision,
    windowId: _window,
    recordedAt: _recorded,
    withdrawnAt: _withdrawn,
    ...draft
  } = trial;
  return draft;
}

/** @throws a refusal where it is too large to be read, or cannot be read as a whole */
function readSent({ format, bytes }: SentExchange): ReadExchange {
  if (bytes.length <= largestExchange) return readExchange(format, bytes);
  throw refuseFile(
    `${Math.ceil(bytes.length / 1024 / 1024)} MB`,
    `up to ${largestExchange / 1024 / 1024} MB`,
  );
}

function takenInWords(format: ExchangeFileFormat, cards: number | null) {
  const whole = format === 'csv' ? 'the cards' : 'machines, cards, coupons, trials and jobs';
  const what = cards === null ? whole : `${cards} ${cards === 1 ? 'card' : 'cards'} with what they need`;
  return {
    noun: 'exchange',
    subjectId: format,
    what: `took ${what} out as ${format.toUpperCase()}`,
  } as const;
}

/** Whether any of the cards was ever on a machine. */
function machinesOf(cards: readonly Card[]): (machineId: string) => boolean {
  const ids = new Set(cards.flatMap(({ versions }) => versions.map(({ content }) => content.machineId)));
  return (id) => ids.has(id);
}

/** The coupons that stand behind cards, oldest first. */
async function* provenBy(manager: EntityManager, cards: readonly Card[]): AsyncGenerator<readonly Coupon[]> {
  const ids = cards.flatMap(({ versions }) =>
    versions.flatMap(({ proofs }) => proofs.map(({ couponId }) => couponId)),
  );
  const coupons = await couponsById(manager, [...new Set(ids)]);
  yield coupons
    .filter(({ withdrawnAt }) => withdrawnAt === null)
    .toSorted((one, other) => one.number - other.number);
}

/** A file held against what is here. */
interface Judged {
  readonly machines: readonly JudgedPart<MachineToStore>[];
  readonly cards: readonly JudgedPart<CardToStore>[];
  readonly coupons: readonly JudgedPart<FiledCoupon>[];
  readonly jobs: readonly JudgedPart<JobToStore>[];
  readonly modeCards: readonly JudgedPart<ModeCardToStore>[];
  readonly trials: readonly JudgedPart<ExchangedTrial>[];
}
