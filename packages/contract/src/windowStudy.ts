import {
  chanceToLast,
  fitWeibullLife,
  lifeByCause,
  lifeDifferences,
  lifeReachedBy,
  survivalBand,
  type FactoredService,
  type Service,
  type Shortening,
} from '@lone-heron/core';
import { z } from 'zod';
import { moment, oneOf } from './bounded.js';
import { houseSheetDrafts } from './house.js';
import { windowReasons } from './protectiveWindow.js';
import { daysPerMonth } from './stockItem.js';
import { lifeFactors, type LifeFactor, type WindowLife } from './windowLife.js';

/** What a life is counted in: hours at 1 kW as they wear glass, hours of light, days, or coupons. */
export const lifeMeasures = ['worn', 'light', 'days', 'coupons'] as const;
export type LifeMeasure = (typeof lifeMeasures)[number];

/** What is asked of the windows' lives. */
export const windowStudyQuerySchema = z.strictObject({
  measure: oneOf(lifeMeasures),
  /** Windows of one machine alone; all where left out. */
  machineId: z.string().max(60).optional(),
  /** A curve for each level of this; one for all where left out. */
  factor: oneOf(lifeFactors).optional(),
});
export type WindowStudyQuery = z.infer<typeof windowStudyQuerySchema>;

const count = z.int().nonnegative();
const step = z.strictObject({
  duration: z.number(),
  surviving: z.number(),
  low: z.number(),
  high: z.number(),
  atRisk: count,
});
const weibull = z.strictObject({
  shape: z.number(),
  scale: z.number(),
  restsOn: oneOf(['services', 'servicesAndPrior', 'noFailureYet']),
});
const levelLife = z.strictObject({
  level: z.string(),
  services: count,
  failures: count,
  /** Null where there are too few to tell. */
  ratio: z.number().nullable(),
});

/** What the windows' lives tell. */
export const windowStudySchema = z.strictObject({
  measure: oneOf(lifeMeasures),
  windows: count,
  failures: count,
  /** Windows that came out or are in without having been used, and so tell nothing. */
  unused: count,
  /** Over which the windows were used. */
  months: z.number(),
  /** One for each level of the factor; one where none was asked for. */
  curves: z.array(
    z.strictObject({ level: z.string(), windows: count, failures: count, steps: z.array(step) }),
  ),
  /** Null where no window was used. */
  life: weibull
    .extend({
      /** By when a tenth, and half, have failed. */
      tenth: z.number(),
      half: z.number(),
    })
    .nullable(),
  causes: z.array(weibull.extend({ cause: oneOf(windowReasons), failures: count, half: z.number() })),
  comparisons: z.array(
    z.strictObject({ factor: oneOf(lifeFactors), p: z.number().nullable(), levels: z.array(levelLife) }),
  ),
  shortens: z.array(
    z.strictObject({
      factor: oneOf(lifeFactors),
      level: z.string(),
      ratio: z.number(),
      failures: count,
      excess: z.number(),
      p: z.number(),
      /** In the shop's own money. */
      costPerMonth: z.number(),
    }),
  ),
  /** Of windows that failed, in the shop's own money. */
  costPerMonth: z.number(),
  fitted: z.array(
    z.strictObject({
      machineId: z.string(),
      number: count,
      served: z.number(),
      /** Chance that it lasts as much again as a tenth of the usual life. */
      nextTenth: z.number(),
    }),
  ),
  now: moment,
});
export type WindowStudy = z.infer<typeof windowStudySchema>;

/** What can be changed; who welded and on which machine is named only where none of it explains the difference. */
const changeableFactors = lifeFactors.filter((factor) => factor !== 'machine' && factor !== 'person');

/** Curves have no more steps than a screen has pixels for. */
const mostSteps = 240;

/** How long windows last here, what ends them, and what makes the difference. */
export function windowStudy(
  lives: readonly WindowLife[],
  { measure, machineId, factor }: WindowStudyQuery,
  { windowPrice, now }: { windowPrice: number; now: Date },
): WindowStudy {
  const asked = lives.filter((each) => machineId === undefined || each.machineId === machineId);
  const used = asked.filter((each) => useOf(each, measure) > 0);
  const services = used.map((each) => serviceOf(each, measure));
  const months = monthsOf(used, now);
  const failures = services.filter(({ failed }) => failed).length;
  const life = services.length === 0 ? null : lifeOf(services);
  const { comparisons, shortenings } = lifeDifferences(services, [changeableFactors, ['machine', 'person']]);
  return {
    ...{ measure, windows: asked.length, failures, unused: asked.length - used.length, months },
    curves: curvesOf(services, factor),
    life,
    causes: causesOf(used, measure),
    comparisons: comparisons.map(({ factor: by, p, levels }) => ({
      ...{ factor: by, p },
      levels: levels.map((each) => ({ ...each, ratio: Number.isFinite(each.ratio) ? each.ratio : null })),
    })),
    shortens: shortensOf(shortenings, windowPrice / months),
    costPerMonth: (failures * windowPrice) / months,
    fitted: life === null ? [] : fittedOf(asked, measure, life),
    now: now.toISOString(),
  };
}

const useKeys = {
  worn: 'wornHours',
  light: 'lightHours',
  days: 'days',
  coupons: 'coupons',
} as const satisfies Readonly<Record<LifeMeasure, keyof WindowLife>>;

/** What a life amounts to in a measure. */
export function useOf(life: WindowLife, measure: LifeMeasure): number {
  return life[useKeys[measure]];
}

function serviceOf(life: WindowLife, measure: LifeMeasure): FactoredService<LifeFactor> {
  return { duration: useOf(life, measure), failed: life.failedBy !== null, levels: life.levels };
}

function lifeOf(services: readonly Service[]): NonNullable<WindowStudy['life']> {
  const { shape, scale, restsOn } = fitWeibullLife(services);
  const life = { shape, scale, restsOn };
  return { ...life, tenth: lifeReachedBy(life, 0.1), half: lifeReachedBy(life, 0.5) };
}

function curvesOf(
  services: readonly FactoredService<LifeFactor>[],
  factor: LifeFactor | undefined,
): WindowStudy['curves'] {
  const levelOf = ({ levels }: FactoredService<LifeFactor>) => (factor === undefined ? '' : levels[factor]);
  const levels = [...new Set(services.map(levelOf))].filter((level) => level !== null);
  return levels
    .map((level) => {
      const mine = services.filter((each) => levelOf(each) === level);
      const failures = mine.filter(({ failed }) => failed).length;
      return { level, windows: mine.length, failures, steps: thinned(survivalBand(mine)) };
    })
    .toSorted((one, other) => other.windows - one.windows);
}

/** Every so manyth step, and the last. */
function thinned<Step>(steps: readonly Step[]): Step[] {
  const every = Math.ceil(steps.length / mostSteps);
  return steps.filter((_, i) => i % every === 0 || i === steps.length - 1);
}

function causesOf(lives: readonly WindowLife[], measure: LifeMeasure): WindowStudy['causes'] {
  const ended = lives.map((each) => ({ duration: useOf(each, measure), cause: each.failedBy }));
  return lifeByCause(ended).map(({ cause, failures, life: { shape, scale, restsOn } }) => ({
    ...{ cause, failures, shape, scale, restsOn },
    half: lifeReachedBy({ shape, scale }, 0.5),
  }));
}

function shortensOf(
  shortenings: readonly Shortening<LifeFactor>[],
  pricePerMonth: number,
): WindowStudy['shortens'] {
  return shortenings.map(({ factor, worst, excess, p }) => ({
    ...{ factor, level: worst.level, ratio: worst.ratio, failures: worst.failures, excess, p },
    costPerMonth: excess * pricePerMonth,
  }));
}

function fittedOf(
  lives: readonly WindowLife[],
  measure: LifeMeasure,
  life: NonNullable<WindowStudy['life']>,
): WindowStudy['fitted'] {
  return lives
    .filter(({ removedAt }) => removedAt === null)
    .map((each) => {
      const served = useOf(each, measure);
      const nextTenth = chanceToLast(life, served, life.half / 10);
      return { machineId: each.machineId, number: each.number, served, nextTenth };
    });
}

/** From the first fitting to now, a month at least. */
function monthsOf(lives: readonly WindowLife[], now: Date): number {
  const first = lives.reduce((least, { fittedAt }) => Math.min(least, Date.parse(fittedAt)), now.getTime());
  return Math.max(1, (now.getTime() - first) / 86_400_000 / daysPerMonth);
}

/** The weights of what wears glass, and what this shop's failures say of them. */
export const glassWeightsSchema = z.strictObject({
  fitted: z
    .strictObject({
      powers: houseSheetDrafts.glassWeights,
      sd: z.strictObject({ metal: z.number(), angle: z.number(), power: z.number() }),
      failures: count,
    })
    .nullable(),
  /** Why nothing was fitted; null where something was. */
  why: z.string().nullable(),
});
export type GlassWeights = z.infer<typeof glassWeightsSchema>;
