import {
  fillersFor,
  fillerTable,
  type Filler,
  type FillerAdvice,
  type FinishLimit,
  type Practice,
} from '@lone-heron/core';
import type { WireSpool } from '../../house/house.js';
import type { Joint } from '../joint.js';
import { jointMetals } from './toCore.js';

/** A filler with why, and whether a spool of it stands on the shelf. */
export interface FillerOffer {
  readonly filler: Filler;
  readonly why: string;
  /** kg on the shelf in the wanted diameter; 0 where there is none. */
  readonly onShelfKg: number;
}

/** What wire a joint is offered, best first, and what to know of its metals. */
export interface FillerChoice {
  readonly offers: readonly FillerOffer[];
  readonly warnings: FillerAdvice['warnings'];
  readonly withoutWire: FillerAdvice['withoutWire'];
}

/**
 * Fillers for a joint. What is on the shelf comes first among those that suit; where food is the limit, what stays
 * rust-free comes before it.
 */
export function fillersForJoint(
  joint: Joint,
  diameterMm: number | null,
  limit: FinishLimit,
  { practice, wire }: { readonly practice: Practice; readonly wire: readonly WireSpool[] },
): FillerChoice {
  const [first, second = first] = jointMetals(joint);
  const { options, warnings, withoutWire } = fillersFor(first, second, practice);
  const onShelf = (filler: Filler) =>
    wire
      .filter((spool) => spool.filler === filler && (diameterMm === null || spool.diameterMm === diameterMm))
      .reduce((sum, { kilograms }) => sum + kilograms, 0);
  const offers = options
    .filter(({ filler }, i) => options.findIndex((each) => each.filler === filler) === i)
    .map(({ filler }) => {
      const reasons = options.filter((each) => each.filler === filler);
      const food = reasons.find(({ purpose }) => purpose === 'food');
      const why = (limit === 'food' ? food : undefined)?.why ?? reasons[0]?.why ?? '';
      return { filler, why, onShelfKg: onShelf(filler), isFood: food !== undefined };
    });
  const rank = (offer: (typeof offers)[number]) =>
    (limit === 'food' && !offer.isFood ? 2 : 0) + (offer.onShelfKg > 0 ? 0 : 1);
  const inOrder = offers.toSorted((a, b) => rank(a) - rank(b));
  const plain = inOrder.map(({ filler, why, onShelfKg }) => ({ filler, why, onShelfKg }));
  return { offers: plain, warnings, withoutWire };
}

/** The filler that is taken: the one that was said, else the first that is offered. */
export function takenFiller(choice: FillerChoice, said: Filler | null): FillerOffer | null {
  if (said === null) return choice.offers[0] ?? null;
  const offered = choice.offers.find(({ filler }) => filler === said);
  return (
    offered ?? { filler: said, why: `${fillerTable[said].name} is not usual for these metals`, onShelfKg: 0 }
  );
}
