import { payback } from '@lone-heron/core';
import type { HouseContent } from '../../house/house.js';
import type { JobTakes } from './jobTakes.js';

/** A part as the arc process makes it, beside the light. */
export interface ArcBeside {
  readonly name: string;
  /** Minutes a part, and parts in eight hours. */
  readonly minutes: number;
  readonly partsPerDay: number;
  readonly lightPartsPerDay: number;
  readonly cost: number;
  readonly lightCost: number;
  /** Months until the machine has paid at so many parts a month, with what the band of time makes of it; null where nobody said its price. */
  readonly payback: {
    readonly middle: number | null;
    readonly soonest: number | null;
    readonly latest: number | null;
  } | null;
}

const dayMinutes = 480;

/**
 * The same part by the arc process the shop has, at its own rates. Planning figures.
 *
 * @param partsPerMonth like this one that the machine would make
 */
export function arcBeside(
  { piece }: JobTakes,
  { jobRates, prices }: Pick<HouseContent, 'jobRates' | 'prices'>,
  partsPerMonth: number,
): ArcBeside {
  const { arc, machine, overheadPerHour } = jobRates;
  const metres = piece.cost.perMetre === 0 ? 0 : piece.cost.total / piece.cost.perMetre;
  const atSeam = (metres * 1000) / arc.travelMmS / 60 / (arc.lightSharePercent / 100);
  const minutes = atSeam + arc.dressMinPerM * metres + arc.straightenMinPerPart + turning(piece);
  const hourly = prices.labourPerHour + overheadPerHour;
  const consumables = arc.consumablesPerM * metres;
  const lightConsumables = piece.cost.total - piece.cost.labour - piece.cost.overhead;
  const paid = (newMinutes: number) =>
    payback({
      price: machine?.price ?? 0,
      perYear: machine?.keepPerYear ?? 0,
      ...{ oldMinutesPerPart: minutes, newMinutesPerPart: newMinutes, partsPerMonth, ratePerHour: hourly },
      ...{ oldConsumablesPerPart: consumables, newConsumablesPerPart: lightConsumables },
      discountPerYear: (machine?.moneyPercentPerYear ?? 0) / 100,
    }).months;
  return {
    ...{ name: arc.name, minutes, partsPerDay: dayMinutes / minutes },
    lightPartsPerDay: dayMinutes / piece.time.middle,
    cost: (minutes / 60) * hourly + consumables,
    lightCost: piece.cost.total,
    payback:
      machine === null
        ? null
        : { middle: paid(piece.time.middle), soonest: paid(piece.time.least), latest: paid(piece.time.most) },
  };
}

/** The part is turned and tacked whatever melts it. */
function turning({ parts }: JobTakes['piece']): number {
  return parts.turns + parts.tacks;
}
