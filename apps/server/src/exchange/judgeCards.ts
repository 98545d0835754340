import {
  beyondMachine,
  newestVersion,
  type Card,
  type CardContent,
  type CardRow,
  type ExchangedCard,
  type ExchangedVersion,
  type Machine,
} from '@lone-heron/contract';
import { isDeepStrictEqual } from 'node:util';
import { v7 as uuid } from 'uuid';
import type { CardToStore } from '../cards/face/storeCards.js';
import { judged, type JudgedPart } from './JudgedPart.js';
import type { ReadPart } from './readExchange.js';

/** What cards of a file are held against. */
export interface KnownToCards {
  readonly cards: readonly Card[];
  /** The shop's machines and those that come with the file. */
  readonly machineOf: (id: string) => Machine | null;
  /** Ids that somebody chose to take where they clash: theirs becomes a card of its own beside ours. */
  readonly taken: ReadonlySet<string>;
}

/** Holds whole cards against the shop's: theirs may go on from ours, never over it. */
export function judgeCards(
  parts: readonly ReadPart<ExchangedCard>[],
  known: KnownToCards,
): readonly JudgedPart<CardToStore>[] {
  const seen = new Set<string>();
  return parts.map(({ row, record, reasons }) => {
    const part = { of: 'card', row, id: record?.id ?? '', words: wordsOf(record) } as const;
    if (record === null) return judged(part, 'wrong', reasons);
    if (seen.has(record.id)) return judged(part, 'wrong', ['stands twice in this file']);
    seen.add(record.id);
    const beyond = record.versions.flatMap(({ content }) => beyondWords(content, known));
    if (beyond.length > 0) return judged(part, 'wrong', [...new Set(beyond)]);
    const mine = known.cards.find(({ id }) => id === record.id);
    if (mine === undefined) return judged(part, 'new', [], { ...record, isNew: true });
    const ours = mine.versions.toReversed();
    const shared = Math.min(ours.length, record.versions.length);
    const isSame = (i: number) => saysTheSame(ours[i], record.versions[i]);
    if (!Array.from({ length: shared }, (_, i) => isSame(i)).every(Boolean)) {
      const copy = { id: uuid(), isNew: true, versions: record.versions.map(named) };
      return judged(
        part,
        'conflict',
        [
          `says something else than card ${mine.number}, “${newestVersion(mine).content.name}”; taken, it becomes a card of its own`,
        ],
        known.taken.has(record.id) ? copy : null,
      );
    }
    const further = record.versions.slice(ours.length);
    if (further.length === 0)
      return judged(part, 'here', [
        `is card ${mine.number}${ours.length > record.versions.length ? ', which has gone on since' : ''}`,
      ]);
    const names = further.map(({ version }) => version).join(', ');
    return judged(part, 'newer', [`card ${mine.number} goes on: version ${names}`], {
      ...{ id: record.id, isNew: false, versions: further },
    });
  });
}

/** A clash that is taken must be told apart from ours by its name. */
function named(version: ExchangedVersion): ExchangedVersion {
  const { content } = version;
  return { ...version, content: { ...content, name: `${content.name.slice(0, 70)} (theirs)` } };
}

function saysTheSame(
  mine: Card['versions'][number] | undefined,
  theirs: ExchangedVersion | undefined,
): boolean {
  return (
    mine !== undefined &&
    theirs !== undefined &&
    isDeepStrictEqual([mine.content, mine.why], [theirs.content, theirs.why])
  );
}

/**
 * Holds rows of a CSV against the shop's cards: a card that is not here is made, one that is goes on by a version.
 *
 * @param by the name of who reads the file in
 * @param now ISO 8601
 */
export function judgeCardRows(
  parts: readonly ReadPart<CardRow>[],
  known: KnownToCards,
  by: string,
  now: string,
): readonly JudgedPart<CardToStore>[] {
  const seen = new Set<string>();
  return parts.map(({ row, record, reasons }) => {
    const part = { of: 'card', row, id: record?.id ?? '', words: record?.content.name ?? '' } as const;
    if (record === null) return judged(part, 'wrong', reasons);
    const { id = uuid(), content } = record;
    if (seen.has(id)) return judged(part, 'wrong', ['stands twice in this file']);
    seen.add(id);
    const beyond = beyondWords(content, known);
    if (beyond.length > 0) return judged(part, 'wrong', beyond);
    const mine = known.cards.find((card) => card.id === id);
    const version = (mine === undefined ? 0 : newestVersion(mine).version) + 1;
    const written: ExchangedVersion = {
      ...{ version, content, why: mine === undefined ? '' : 'read in from a table', carriedFrom: null },
      ...{ writtenBy: by, writtenAt: now, signedBy: null, signedAt: null, coupons: [] },
    };
    if (mine === undefined) return judged(part, 'new', [], { id, isNew: true, versions: [written] });
    if (isDeepStrictEqual(newestVersion(mine).content, content))
      return judged(part, 'here', [`is card ${mine.number}`]);
    return judged(part, 'newer', [`card ${mine.number} goes on: version ${version}`], {
      ...{ id, isNew: false, versions: [written] },
    });
  });
}

function wordsOf(card: ExchangedCard | null): string {
  const newest = card?.versions.at(-1);
  return newest === undefined ? '' : `${newest.content.name}, version ${newest.version}`;
}

/** Why a card cannot be on its machine, in words. */
function beyondWords({ machineId, setting }: CardContent, { machineOf }: KnownToCards): string[] {
  const machine = machineOf(machineId);
  if (machine === null)
    return [`machine is “${machineId}”; allowed is a machine of this shop or of this file`];
  return beyondMachine(setting, machine).map(
    ({ field, given, allowed }) => `${field} is ${given}; allowed on ${machine.name} is ${allowed}`,
  );
}
