import {
  largestExchange,
  type Exchange,
  type ExchangeFileFormat,
  type ExchangePreview,
  type ExchangeStored,
  type FiledCoupon,
  type Machine,
  type Person,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { readCards } from '../cards/face/readCards.js';
import { standingCoupons } from '../coupons/face/readCoupons.js';
import { CouponsService } from '../coupons/coupons.service.js';
import { conflict } from '../http/problem.js';
import { refuseFile } from '../http/refuseFile.js';
import { MachinesService } from '../machines/machines.service.js';
import { readPeople } from '../people/face/readPeople.js';
import { hashOf } from '../photos/face/photoFiles.js';
import { RecordKit } from '../kit/recordKit.js';
import { Clock } from '../time/clock.js';
import { judgeCardRows, judgeCards, type KnownToCards } from './judgeCards.js';
import { judgeExchangedCoupons } from './judgeExchangedCoupons.js';
import { judgeMachines, type MachineToStore } from './judgeMachines.js';
import { shownParts, toStore, type JudgedPart } from './JudgedPart.js';
import { readExchange } from './readExchange.js';
import { storeCards, type CardToStore } from '../cards/face/storeCards.js';
import { cardsAsCsv, exchangeOf } from './writeExchange.js';

/** What goes into a file that is written. */
export interface ExchangeWish {
  /** Ids of the cards, with what they need; null for everything. */
  readonly cards: readonly string[] | null;
}

/** A file that is read: its bytes, and what of it is taken where it clashes. */
export interface SentExchange {
  readonly format: ExchangeFileFormat;
  readonly bytes: Buffer;
  readonly taken: ReadonlySet<string>;
}

@Injectable()
export class ExchangeService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly machines: MachinesService,
    private readonly coupons: CouponsService,
    private readonly clock: Clock,
  ) {}

  /** The shop's machines, cards and coupons; where cards were named, those with their machines and coupons alone. */
  async write({ cards: ids }: ExchangeWish): Promise<Exchange> {
    const { manager } = this.dataSource;
    const all = await readCards(manager);
    const cards = (ids === null ? all : all.filter(({ id }) => ids.includes(id))).toReversed();
    const machines = await this.machines.list();
    const coupons = await standingCoupons(manager);
    const people = await readPeople(manager);
    const needed = {
      machines: new Set(cards.flatMap(({ versions }) => versions.map(({ content }) => content.machineId))),
      coupons: new Set(
        cards.flatMap(({ versions }) =>
          versions.flatMap(({ proofs }) => proofs.map(({ couponId }) => couponId)),
        ),
      ),
    };
    return exchangeOf({
      machines: machines.filter(({ id }) => ids === null || needed.machines.has(id)),
      cards,
      coupons: coupons.filter(({ id }) => ids === null || needed.coupons.has(id)),
      nameOf: (personId) => people.find(({ id }) => id === personId)?.name ?? personId,
      writtenAt: this.clock.now().toISOString(),
    });
  }

  /** Cards as a table, oldest first. */
  async writeCsv({ cards: ids }: ExchangeWish): Promise<string> {
    const all = await readCards(this.dataSource.manager);
    return cardsAsCsv((ids === null ? all : all.filter(({ id }) => ids.includes(id))).toReversed());
  }

  /** What would become of a file, part by part. Nothing is stored. */
  async preview(sent: SentExchange, by: Person): Promise<ExchangePreview> {
    const { machines, cards, coupons } = await this.judge(this.dataSource.manager, sent, by);
    return {
      hash: hashOf(sent.bytes),
      rows: [...shownParts(machines), ...shownParts(cards), ...shownParts(coupons)],
    };
  }

  /** Stores what is new and what was taken, all of it or nothing. A file other than the one that was shown is refused. */
  store(sent: SentExchange, hash: string, by: Person): Promise<ExchangeStored> {
    if (hashOf(sent.bytes) !== hash)
      throw conflict('This is not the file that was shown. Look at it again, then store it.');
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      const { machines, cards, coupons } = await this.judge(manager, sent, by);
      for (const { id, revision, name, profile } of toStore(machines)) {
        const draft = { name, profile, note: 'read in from a file' };
        await this.machines.reviseWithin(entry, id, revision, draft);
      }
      const stored = await this.coupons.insertAll(manager, toStore(coupons), by);
      await storeCards(manager, toStore(cards), by, at);
      const counts = {
        machines: toStore(machines).length,
        cards: toStore(cards).length,
        coupons: stored,
      };
      if (counts.machines + counts.cards + counts.coupons > 0) {
        const what = `read ${counts.machines} machines, ${counts.cards} cards and ${counts.coupons} coupons in from a file`;
        await entry.tell('exchange', hash.slice(0, 12), what);
      }
      return counts;
    });
  }

  private async judge(
    manager: EntityManager,
    { format, bytes, taken }: SentExchange,
    by: Person,
  ): Promise<Judged> {
    if (bytes.length > largestExchange)
      throw refuseFile(
        `${Math.ceil(bytes.length / 1024 / 1024)} MB`,
        `up to ${largestExchange / 1024 / 1024} MB`,
      );
    const read = readExchange(format, bytes);
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
      coupons: await judgeExchangedCoupons(manager, read.coupons, machineOf, by),
    };
  }
}

/** A file held against what is here. */
interface Judged {
  readonly machines: readonly JudgedPart<MachineToStore>[];
  readonly cards: readonly JudgedPart<CardToStore>[];
  readonly coupons: readonly JudgedPart<FiledCoupon>[];
}
