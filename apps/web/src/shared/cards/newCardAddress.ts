import { jointSchema, settingSchema, type Joint, type Setting } from '@lone-heron/contract';

/** What a card is begun from: a setting on a joint, and the coupon it was welded as where there is one. */
export interface CardStart {
  readonly machineId: string;
  readonly joint: Joint;
  readonly setting: Setting;
  readonly couponId: string | null;
}

/** The page that begins a card from a setting; it says everything, so that it can be reloaded and passed on. */
export function newCardAddress({ machineId, joint, setting, couponId }: CardStart): string {
  const search = new URLSearchParams({
    machine: machineId,
    joint: JSON.stringify(joint),
    setting: JSON.stringify(setting),
    ...(couponId === null ? {} : { coupon: couponId }),
  });
  return `/cards/new?${search.toString()}`;
}

/** What such an address says; null where it says no setting on a joint. */
export function readNewCardAddress(search: URLSearchParams): CardStart | null {
  const joint = jointSchema.safeParse(parsed(search.get('joint')));
  const setting = settingSchema.safeParse(parsed(search.get('setting')));
  const machineId = search.get('machine');
  if (!joint.success || !setting.success || machineId === null) return null;
  return { machineId, joint: joint.data, setting: setting.data, couponId: search.get('coupon') };
}

function parsed(text: string | null): unknown {
  if (text === null) return null;
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return null;
  }
}
