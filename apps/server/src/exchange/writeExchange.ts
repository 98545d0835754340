import {
  exchangeFormat,
  exchangeVersion,
  newestVersion,
  type Card,
  type Exchange,
  type ExchangedCard,
  type ExchangedJob,
  type ExchangedModeCard,
  type ExchangedTrial,
  type Machine,
} from '@lone-heron/contract';
import { filedCoupon, type CouponPages } from '../couponFiles/face/writeCouponFile.js';
import { writeTable } from '../csv/writeTable.js';
import { cardColumns } from './cardColumns.js';

interface ToWrite {
  readonly machines: readonly Machine[];
  readonly cards: readonly Card[];
  readonly coupons: CouponPages;
  readonly jobs: readonly ExchangedJob[];
  readonly modeCards: readonly ExchangedModeCard[];
  readonly trials: readonly ExchangedTrial[];
  readonly nameOf: (personId: string) => string;
  readonly writtenAt: string;
}

/** Machines as they stand, cards with all their versions, coupons as they were logged: the JSON of an {@link Exchange}. */
export async function* exchangeAsJson({
  machines,
  cards,
  coupons,
  jobs,
  modeCards,
  trials,
  nameOf,
  writtenAt,
}: ToWrite): AsyncGenerator<string> {
  const head: Omit<Exchange, 'coupons'> = {
    ...{ format: exchangeFormat, version: exchangeVersion, writtenAt },
    machines: machines.map(({ id, name, profile }) => ({ id, name, profile })),
    cards: cards.map((card) => exchangedCard(card, nameOf)),
    ...(jobs.length === 0 ? {} : { jobs: [...jobs] }),
    ...(modeCards.length === 0 ? {} : { modeCards: [...modeCards] }),
    ...(trials.length === 0 ? {} : { trials: [...trials] }),
  };
  yield `${JSON.stringify(head).slice(0, -1)},"coupons":[`;
  let isFirst = true;
  for await (const page of coupons) {
    for (const coupon of page) {
      yield `${isFirst ? '' : ','}\n${JSON.stringify(filedCoupon(coupon))}`;
      isFirst = false;
    }
  }
  yield '\n]}\n';
}

/** A version from elsewhere keeps who wrote and signed it there, unless it was signed here since. */
export function exchangedCard({ id, versions }: Card, nameOf: ToWrite['nameOf']): ExchangedCard {
  return {
    id,
    versions: versions.toReversed().map((version) => {
      const { content, why, carriedFrom, elsewhere, madeAt, madeBy, signedAt, signedBy, proofs } = version;
      const here = {
        ...{ writtenBy: nameOf(madeBy), writtenAt: madeAt },
        ...{ signedBy: signedBy === null ? null : nameOf(signedBy), signedAt },
      };
      return {
        ...{ version: version.version, content, why, carriedFrom },
        ...(elsewhere === null || signedAt !== null ? here : elsewhere),
        coupons: proofs.map(({ couponId }) => couponId),
      };
    }),
  };
}

/** Cards as CSV: each card's newest version in a row. */
export function cardsAsCsv(cards: readonly Card[]): string {
  return writeTable(
    cardColumns,
    cards.map((card) => ({ id: card.id, content: newestVersion(card).content })),
  );
}
