import {
  bottleChangedAtBar,
  type Bottle,
  type HouseContent,
  type Job,
  type ProtectiveWindow,
  type WindowStudy,
} from '@lone-heron/contract';
import { chanceToLast, gasTable } from '@lone-heron/core';
import { percentFigure } from '../../shared/figures/figures.js';
import { spokenFigure } from '../../shared/figures/spoken.js';
import { nozzleInWords } from '../../shared/sentences/nozzleInWords.js';
import { takenWireInWords } from '../materialInWords.js';
import type { JobPlan } from './planJob.js';

/** Something that is missing, and where it is seen to. */
export interface Missing {
  readonly words: string;
  readonly to: string;
  /** Whether it stops the job, rather than being worth a look. */
  readonly isStop: boolean;
}

interface StuffContext {
  readonly job: Pick<Job, 'runs' | 'checks'>;
  readonly plan: JobPlan;
  readonly machineId: string;
  readonly bottles: readonly Bottle[];
  /** Windows that are in; null while it is not known. */
  readonly windows: readonly Pick<ProtectiveWindow, 'machineId' | 'number'>[] | null;
  /** How long windows last here; null while it is not known. */
  readonly study: Pick<WindowStudy, 'life' | 'fitted'> | null;
  readonly house: HouseContent;
}

/** A window that is this likely to last is not worth a word. */
const likely = 0.9;

/** Settings that nothing proves, and what the shop has too little of. */
export function missingStuff(context: StuffContext): readonly Missing[] {
  return [
    ...refused(context),
    ...unproven(context),
    ...drifting(context),
    ...wireShort(context),
    ...gasShort(context),
    ...nozzlesShort(context),
    ...windowShort(context),
  ];
}

function refused({ plan }: StuffContext): Missing[] {
  const [first] = plan.refusals;
  return first === undefined
    ? []
    : [{ words: `${first.mark} cannot be worked out`, to: 'welds', isStop: true }];
}

function unproven({ plan }: StuffContext): Missing[] {
  const [first, ...more] = plan.coupons;
  if (first === undefined) return [];
  const welds = plan.coupons.reduce((sum, { proves }) => sum + proves.length, 0);
  const coupons = more.length === 0 ? 'one coupon' : `${plan.coupons.length} coupons`;
  const marks = plan.coupons.map(({ mark }) => mark).join(', ');
  const proven = welds === 1 ? 'one weld' : `${welds} welds`;
  return [
    { words: `${coupons} first (${marks}) for ${proven} without a signed card`, to: 'welds', isStop: false },
  ];
}

/** A card by which so many seams went wrong, of at least so many, is to be proven again. */
const drift = { share: 0.25, seams: 8 };

/** Cards that slip or fail in this job more often than a proven setting should. */
function drifting({ job, plan }: StuffContext): Missing[] {
  const numbers = new Map(
    plan.welds.flatMap(({ card }) => (card === null ? [] : [[card.id, card.number] as const])),
  );
  return [...numbers].flatMap(([id, number]) => {
    const runs = job.runs.filter(({ card, isOtherwise }) => card?.cardId === id && !isOtherwise);
    const failed = new Set(job.checks.filter(({ result }) => result === 'fails').map(({ mark }) => mark));
    const wrong = runs.filter(({ outcome, mark }) => outcome === 'slipped' || failed.has(mark)).length;
    if (runs.length < drift.seams || wrong / runs.length <= drift.share) return [];
    const words = `card ${number} slipped or failed in ${wrong} of ${runs.length} goes: weld a proof coupon`;
    return [{ words, to: `/cards/${id}`, isStop: false }];
  });
}

function wireShort({ plan, house }: StuffContext): Missing[] {
  return plan.takes.batch.wire.flatMap(({ kilograms, ...wire }) => {
    const there = house.wire
      .filter(({ filler, diameterMm }) => filler === wire.filler && diameterMm === wire.diameterMm)
      .reduce((sum, spool) => sum + spool.kilograms, 0);
    if (there >= kilograms) return [];
    const words = `${takenWireInWords(wire)}: ${spokenFigure(kilograms, 'kg', 3)} needed, ${there === 0 ? 'none' : spokenFigure(there, 'kg', 1)} on the shelf`;
    return [{ words, to: '/shop/stock', isStop: there === 0 }];
  });
}

function gasShort({ plan, bottles, machineId }: StuffContext): Missing[] {
  return plan.takes.batch.gas.flatMap(({ gas: asked, litres }) => {
    const fitting = bottles.filter(
      ({ gas, goneAt, machineId: at }) =>
        gas === asked && goneAt === null && (at === null || at === machineId),
    );
    // Air is made, not bought.
    if (fitting.length === 0 && asked === 'dryAir') return [];
    const there = fitting.reduce(
      (sum, bottle) => sum + bottle.litres * Math.max(0, bottle.pressureBar - bottleChangedAtBar),
      0,
    );
    if (there >= litres) return [];
    const words = `${gasTable[asked].name}: ${spokenFigure(litres, 'L', 0)} needed, ${spokenFigure(there, 'L', 0)} in bottles here`;
    return [{ words, to: '/shop/supply', isStop: there === 0 }];
  });
}

function nozzlesShort({ plan, house }: StuffContext): Missing[] {
  const asked = new Map(
    plan.welds.map(({ content: { nozzle } }) => [`${nozzle.shape} ${nozzle.isGrooved}`, nozzle]),
  );
  return [...asked.values()].flatMap((nozzle) => {
    const isThere = house.nozzles.some(
      ({ shape, isGrooved, count }) => shape === nozzle.shape && isGrooved === nozzle.isGrooved && count > 0,
    );
    return isThere
      ? []
      : [{ words: `no nozzle ${nozzleInWords(nozzle)} in the drawer`, to: '/shop/stock', isStop: false }];
  });
}

function windowShort({ plan, machineId, windows, study, house }: StuffContext): Missing[] {
  if (windows === null) return [];
  const fitted = windows.find((each) => each.machineId === machineId);
  if (fitted === undefined)
    return [{ words: 'no window is written down as fitted', to: '/optics', isStop: true }];
  // Of glass that never failed here nobody knows how long it lasts.
  if (study?.life == null || study.life.restsOn === 'noFailureYet') return [];
  // One that no light went through yet is in no study.
  const served = study.fitted.find((each) => each.machineId === machineId)?.served ?? 0;
  const chance = chanceToLast(study.life, served, plan.takes.batch.windowShare * house.prices.windowHours);
  if (chance >= likely) return [];
  return [
    {
      words: `window ${fitted.number} lasts it with ${percentFigure(chance)} chance`,
      to: '/optics',
      isStop: false,
    },
  ];
}
