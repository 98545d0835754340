import {
  coreJob,
  coreSetting,
  recordedSetting,
  type BackLook,
  type CouponDraft,
  type Joint,
  type Machine,
} from '@lone-heron/contract';
import { forecastWeld, shieldingGasFor, suggestSetting, type WeldForecast } from '@lone-heron/core';
import { normalDraw, type RandomStream } from './randomStream.js';
import { sampleMachines } from './sampleWorkshop.js';

/** A run of coupons on one joint: powers as shares of what the search says, as people feel their way. */
interface DialIn {
  machineId: string;
  personId: string;
  joint: Omit<Joint, 'kind'>;
  wireDiameterMm: number | null;
  daysAgo: number;
  powerShares: readonly number[];
  remarks: readonly string[];
}

const steel = (thickness: number, gapMm: number): DialIn['joint'] => ({
  metal: 'lowCarbonSteel',
  firstThicknessMm: thickness,
  secondThicknessMm: thickness,
  gapMm,
});
const stainless = (thickness: number, gapMm: number): DialIn['joint'] => ({
  ...steel(thickness, gapMm),
  metal: 'stainless304',
});
const aluminium = (thickness: number, gapMm: number): DialIn['joint'] => ({
  ...steel(thickness, gapMm),
  metal: 'aluminium5052',
});

/** Newest last. Between the stainless runs the bench unit's window was changed. */
export const sampleDialIns: readonly DialIn[] = [
  {
    machineId: 'bench',
    personId: 'maren',
    joint: steel(2, 0.1),
    wireDiameterMm: 1,
    daysAgo: 12,
    powerShares: [0.7, 0.85, 0.95, 1],
    remarks: ['duct flange', '', 'edges wetted', 'keep'],
  },
  {
    machineId: 'barrow',
    personId: 'ines',
    joint: aluminium(3, 0),
    wireDiameterMm: null,
    daysAgo: 9,
    powerShares: [0.8, 1, 1.15],
    remarks: ['hatch frame', '', 'sagged at the end'],
  },
  {
    machineId: 'bench',
    personId: 'tobias',
    joint: stainless(1, 0.05),
    wireDiameterMm: null,
    daysAgo: 8,
    powerShares: [0.75, 0.9, 1.3, 1.05],
    remarks: ['first go', '', 'too hot, blew a hole', ''],
  },
  {
    machineId: 'barrow',
    personId: 'maren',
    joint: steel(3, 0.2),
    wireDiameterMm: 1.2,
    daysAgo: 6,
    powerShares: [0.85, 1],
    remarks: ['railing foot', 'all it has, wants a bevel'],
  },
  {
    machineId: 'bench',
    personId: 'ines',
    joint: stainless(1.5, 0.1),
    wireDiameterMm: 0.8,
    daysAgo: 3,
    powerShares: [0.78, 0.88, 1],
    remarks: ['galley worktop', '', 'even all along'],
  },
  {
    machineId: 'bench',
    personId: 'ines',
    joint: stainless(1.5, 0.1),
    wireDiameterMm: 0.8,
    daysAgo: 0.15,
    powerShares: [0.92, 1.02],
    remarks: ['after the window change', ''],
  },
];

const day = 24 * 3600 * 1000;
const betweenCoupons = 4 * 60 * 1000;

/** This workshop's machines weld a little shallower than the book, and each coupon scatters. */
const lnOffset = -0.06;
const lnScatter = 0.07;

/** A coupon with who welded it. */
export type SampleCoupon = CouponDraft & { readonly personId: string };

/**
 * The coupons of a run: the setting from the model, the look of the back from the model's depth with scatter.
 *
 * @param now ms since 1970
 */
export function couponsOf(dialIn: DialIn, now: number, random: RandomStream): SampleCoupon[] {
  const machine = sampleMachines.find(({ id }) => id === dialIn.machineId) as Machine;
  const joint: Joint = { kind: 'butt', ...dialIn.joint };
  const job = coreJob(joint, dialIn.wireDiameterMm, machine.profile, { kind: 'reach' });
  const best = suggestSetting(job).setting;
  const { gas, flowLitresPerMinute } = shieldingGasFor(job.metal);
  const { least, most, step } = machine.profile.powerW;
  return dialIn.powerShares.map((share, index) => {
    const wanted = least + Math.round((best.power * share - least) / step) * step;
    const setting = recordedSetting(
      { ...best, power: Math.min(wanted, most) as typeof best.power },
      gas,
      flowLitresPerMinute,
    );
    const forecast = forecastWeld(job, coreSetting(setting));
    const lightOnS = Math.round((9 + 3 * random()) * 10) / 10;
    const travelMmS = forecast.travel * 1000 * Math.exp(0.06 * normalDraw(random));
    return {
      machineId: dialIn.machineId,
      personId: dialIn.personId,
      joint,
      setting,
      back: lookOf(forecast, normalDraw(random)),
      lightOnS,
      runLengthMm: Math.round(lightOnS * travelMmS),
      remark: dialIn.remarks[index] ?? '',
      weldedAt: new Date(now - dialIn.daysAgo * day + index * betweenCoupons).toISOString(),
    };
  });
}

function lookOf({ prediction, limits }: WeldForecast, draw: number): BackLook {
  const reach = prediction.reach * Math.exp(lnOffset + lnScatter * draw);
  if (reach < limits.coldBelow) return 'none';
  if (reach < limits.fullFrom) return 'faint';
  if (reach < limits.hotFrom) return 'even';
  return reach < limits.holeFrom ? 'heavy' : 'hole';
}
