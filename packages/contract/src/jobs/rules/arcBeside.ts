import { broughtInAfter, payback, type PaybackInput } from '@lone-heron/core';
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
    /** What it has brought in less its price, month by month, with the same band. */
    readonly curve: readonly BroughtIn[];
  } | null;
}

/** After so many months, in the shop's money. */
export interface BroughtIn {
  readonly months: number;
  readonly middle: number;
  readonly least: number;
  readonly most: number;
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
  // Blanks are cut and faces cleaned for the arc as well.
  const beside = turning(piece) + piece.parts.works;
  const minutes = atSeam + arc.dressMinPerM * metres + arc.straightenMinPerPart + beside;
  const hourly = prices.labourPerHour + overheadPerHour;
  const consumables = arc.consumablesPerM * metres;
  const lightConsumables = piece.cost.total - piece.cost.labour - piece.cost.overhead;
  const inputAt = (newMinutesPerPart: number): PaybackInput => ({
    price: machine?.price ?? 0,
    perYear: machine?.keepPerYear ?? 0,
    ...{ oldMinutesPerPart: minutes, newMinutesPerPart, partsPerMonth, ratePerHour: hourly },
    ...{ oldConsumablesPerPart: consumables, newConsumablesPerPart: lightConsumables },
    discountPerYear: (machine?.moneyPercentPerYear ?? 0) / 100,
  });
  return {
    ...{ name: arc.name, minutes, partsPerDay: dayMinutes / minutes },
    lightPartsPerDay: dayMinutes / piece.time.middle,
    cost: (minutes / 60) * hourly + consumables,
    lightCost: piece.cost.total,
    payback:
      machine === null
        ? null
        : paybackOf({
            middle: inputAt(piece.time.middle),
            soonest: inputAt(piece.time.least),
            latest: inputAt(piece.time.most),
          }),
  };
}

/** Months that a curve shows where nothing is paid back, at least, and at most; and how many points it has. */
const shown = { unpaid: 36, least: 3, most: 120, points: 25 };

function paybackOf(
  inputs: Readonly<Record<'middle' | 'soonest' | 'latest', PaybackInput>>,
): NonNullable<ArcBeside['payback']> {
  const months = {
    middle: payback(inputs.middle).months,
    soonest: payback(inputs.soonest).months,
    latest: payback(inputs.latest).months,
  };
  const known = months.latest ?? months.middle ?? months.soonest ?? shown.unpaid;
  const last = Math.ceil(Math.min(shown.most, Math.max(shown.least, known * 1.3)));
  const curve = Array.from({ length: shown.points }, (_, i) => {
    const after = (last * i) / (shown.points - 1);
    const at = (name: keyof typeof inputs) => broughtInAfter(inputs[name], after);
    return { months: after, middle: at('middle'), least: at('latest'), most: at('soonest') };
  });
  return { ...months, curve };
}

/** The part is turned and tacked whatever melts it. */
function turning({ parts }: JobTakes['piece']): number {
  return parts.turns + parts.tacks;
}
