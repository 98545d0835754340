import { z } from 'zod';
import { moment, oneOf } from '../wire/bounded.js';
import { houseSheetDrafts } from '../house/house.js';
import { lifeFactors } from './lifeFactors.js';
import { windowReasons } from './protectiveWindow.js';

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
