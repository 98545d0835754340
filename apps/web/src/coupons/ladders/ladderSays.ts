import {
  coreJob,
  coreSetting,
  couponReadings,
  settingOfRung,
  type Coupon,
  type Ladder,
  type Machine,
} from '@lone-heron/contract';
import {
  ladderAnswer,
  meltInputOf,
  predictMelt,
  type LadderAnswer,
  type LadderReading,
} from '@lone-heron/core';

/** What a ladder's coupons say by themselves, without what the model believes of its knobs. */
export interface LadderSays {
  readonly answer: LadderAnswer;
  /** Of the readings that count, the middle of what each allows, m; null where it is open to one side. */
  readonly points: readonly {
    readonly values: readonly number[];
    readonly low: number;
    readonly high: number;
  }[];
  /** Rungs that have a coupon that counts. */
  readonly done: ReadonlySet<number>;
}

/** Reads a ladder's coupons. Slips say nothing; a pace that was timed is taken back to the pace that was meant. */
export function ladderSays(ladder: Ladder, machine: Machine, coupons: readonly Coupon[]): LadderSays {
  const counting = coupons.filter(({ rung, slip }) => rung?.ladderId === ladder.id && slip === undefined);
  const readings = counting.flatMap((coupon) => {
    const values = ladder.rungs[coupon.rung?.index ?? -1];
    if (values === undefined) return [];
    const lnMeant = Math.log(meantDepth(coupon, machine));
    // What was found stands against the model at the real pace; set on the model at the pace that was meant, a hand that was
    // quick on one rung does not look like a knob.
    return couponReadings(coupon, machine.profile).map(({ low, high, noise }): LadderReading => ({
      values,
      low: low + lnMeant,
      high: high + lnMeant,
      noise,
    }));
  });
  const ranges = ladder.axes.map(({ values }) => ({ least: Math.min(...values), most: Math.max(...values) }));
  const middle = ranges.map(({ least, most }) => Math.sqrt(least * most));
  const setting = settingOfRung(ladder, middle);
  const middleDepth = meantDepth({ joint: ladder.joint, setting }, machine);
  return {
    answer: ladderAnswer(middleDepth, ranges, readings),
    points: readings.map(({ values, low, high }) => ({ values, low: Math.exp(low), high: Math.exp(high) })),
    done: new Set(counting.flatMap(({ rung }) => (rung === undefined ? [] : [rung.index]))),
  };
}

/** Depth that the model says of a setting at the pace that was meant, m. */
function meantDepth({ joint, setting }: Pick<Coupon, 'joint' | 'setting'>, { profile }: Machine): number {
  const { pace } = setting;
  const job = coreJob(joint, pace.by === 'wire' ? pace.wireDiameterMm : null, profile, { kind: 'reach' });
  return predictMelt(meltInputOf(job, coreSetting(setting))).depth;
}
