import {
  arcBeside,
  coreSetting,
  couponsToWeld,
  jobOrder,
  jobTakes,
  weldAnswer,
  type ArcBeside,
  type Card,
  type CardContent,
  type Coupon,
  type CouponToWeld,
  type HouseContent,
  type JobDraft,
  type JobOrder,
  type JobTakes,
  type Machine,
  type RunTime,
  type WeldAnswer,
  type WeldRefusal,
} from '@lone-heron/contract';
import { inMm, weldConsequences, type OutcomeOdds } from '@lone-heron/core';
import { learnFrom } from '../../shared/evidence/learnFrom.js';
import { seamColour, type SeamColour } from '../../shared/modes/seamColour.js';

/** Everything a job is worked out from. */
export interface PlanTask {
  readonly job: JobDraft;
  readonly machine: Machine;
  readonly machines: readonly Machine[];
  readonly house: HouseContent;
  readonly cards: readonly Card[];
  readonly coupons: readonly Coupon[];
  readonly past: readonly RunTime[];
  /** Marks that stay first, in this order. */
  readonly kept: readonly string[];
  readonly partsPerMonth: number;
}

/** What a weld is welded with, as far as it leaves the worker. */
export interface PlannedWeld extends Pick<WeldAnswer, 'mark' | 'standing' | 'card' | 'differs' | 'filler'> {
  readonly content: CardContent;
  readonly odds: OutcomeOdds;
  readonly travelMmS: number;
  /** Taken from the light, W, and how wide it melts. */
  readonly absorbedW: number;
  readonly beadMm: number;
  /** What one go does to two free sheets: how much nearer they come, and how far they turn up towards the face. */
  readonly shrinkageMm: number;
  readonly turnRad: number;
  readonly passes: number;
  readonly colour: SeamColour | null;
}

/** A job worked out: what each weld is welded with, in which order, and what it takes. */
export interface JobPlan {
  readonly welds: readonly PlannedWeld[];
  readonly refusals: readonly WeldRefusal[];
  readonly coupons: readonly CouponToWeld[];
  readonly order: JobOrder;
  readonly takes: JobTakes;
  readonly arc: ArcBeside;
}

/** Works a job out: seconds for many different joints, so it runs beside the screen. */
export function planJob({ job, machine, machines, house, cards, coupons, past, ...task }: PlanTask): JobPlan {
  const learn = learnFrom(coupons, machines, house.practice);
  const seen = new Map<string, WeldAnswer | WeldRefusal>();
  const found = job.welds.map((weld) => answerOnce(job, weld, { machine, house, cards, learn }));
  const answers = found.flatMap((each) => ('refusal' in each ? [] : [each]));
  const order = jobOrder(job, answers, house.jobRates, task.kept);
  const takes = jobTakes(job, answers, order, { house, machine, machines, past });
  return {
    welds: answers.map(plannedOf),
    refusals: found.flatMap((each) => ('refusal' in each ? [each] : [])),
    coupons: couponsToWeld(job, answers),
    ...{ order, takes, arc: arcBeside(takes, house, task.partsPerMonth) },
  };

  /** Welds that differ by their mark and place alone are answered once. */
  function answerOnce(...[draft, weld, context]: Parameters<typeof weldAnswer>): WeldAnswer | WeldRefusal {
    const key = JSON.stringify([weld.joint, weld.wireDiameterMm, weld.cardId, weld.level]);
    const known = seen.get(key) ?? weldAnswer(draft, weld, context);
    seen.set(key, known);
    return { ...known, mark: weld.mark };
  }
}

function plannedOf({
  mark,
  standing,
  card,
  differs,
  content,
  filler,
  job,
  forecast,
}: WeldAnswer): PlannedWeld {
  const { odds, travel, pass, prediction } = forecast;
  const { powerW, dutyPercent } = content.setting;
  const left = weldConsequences(job, coreSetting(content.setting), forecast);
  return {
    mark,
    standing,
    card,
    differs,
    content,
    filler,
    odds,
    travelMmS: travel * 1000,
    absorbedW: (powerW * dutyPercent * prediction.absorptivity) / 100,
    beadMm: prediction.width * 1000,
    shrinkageMm: inMm(left.distortion.transverseShrinkage),
    turnRad: left.distortion.angle,
    passes: pass.passes,
    colour: seamColour(left),
  };
}
