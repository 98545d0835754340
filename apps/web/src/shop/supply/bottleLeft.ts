import {
  bottleChangedAtBar,
  coreJob,
  coreSetting,
  realTravelMmS,
  type Bottle,
  type Coupon,
  type MachineProfile,
} from '@lone-heron/contract';
import {
  barGauge,
  bottleReach,
  forecastWeld,
  inMmPerSecond,
  litre,
  mm,
  mmPerSecond,
  normalLitrePerMinute,
  second,
} from '@lone-heron/core';

/** What a bottle still gives at the setting a machine was last used with. */
export interface BottleLeft {
  /** h with the gas open. */
  readonly hours: number;
  /** m of seam in runs of usual length. */
  readonly metres: number;
  readonly flowLMin: number;
  readonly travelMmS: number;
}

/** Gas before and after the light, s a seam; seams of this length, mm: planning figures. */
const beforeAndAfterS = 3;
const seamMm = 200;

/** What is left in a bottle at the setting of a coupon; null where no coupon says how the machine is used. */
export function bottleLeft(
  { litres, pressureBar }: Pick<Bottle, 'litres' | 'pressureBar'>,
  coupon: Coupon | undefined,
  profile: MachineProfile | undefined,
): BottleLeft | null {
  if (coupon === undefined || profile === undefined) return null;
  const travelMmS = realTravelMmS(coupon) ?? modelTravelMmS(coupon, profile);
  const flowLMin = coupon.setting.gasFlowLMin;
  const left = bottleReach(
    { waterVolume: litre(litres), pressure: barGauge(pressureBar), changedAt: barGauge(bottleChangedAtBar) },
    {
      flow: normalLitrePerMinute(flowLMin),
      travel: mmPerSecond(travelMmS),
      beforeAndAfter: second(beforeAndAfterS),
      seamLength: mm(seamMm),
    },
  );
  return { hours: left.open / 3600, metres: left.seam, flowLMin, travelMmS };
}

/** The pace that wire and setting make, where nobody timed it. */
function modelTravelMmS({ joint, setting }: Coupon, profile: MachineProfile): number {
  const { pace } = setting;
  if (pace.by === 'hand') return pace.travelMmS;
  const job = coreJob(joint, pace.wireDiameterMm, profile, { kind: 'reach' });
  return inMmPerSecond(forecastWeld(job, coreSetting(setting)).travel);
}
