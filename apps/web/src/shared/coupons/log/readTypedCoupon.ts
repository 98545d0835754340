import type { BackLook, CouponDraft, Stretch } from '@lone-heron/contract';
import { faceSigns, weldingSigns } from '@lone-heron/core';
import { spokenLength } from '../../figures/spoken.js';
import type { TypedCoupon, TypedStretch } from './TypedCoupon.js';
import { readGunAngle, readLightOn, readRunLength, readStretchEnd } from './readTypedLog.js';

/** What a form tells of a coupon. */
export type ToldOfCoupon = Pick<
  CouponDraft,
  | 'back'
  | 'lightOnS'
  | 'heard'
  | 'runLengthMm'
  | 'remark'
  | 'along'
  | 'slip'
  | 'face'
  | 'colour'
  | 'welding'
  | 'gunAngleDeg'
  | 'datedBack'
> & {
  /** Left out for one that was welded when it was logged. */
  readonly weldedAt?: string;
};

/** What a form tells, or what is still wanted before it can be stored. */
export type ReadCoupon =
  { readonly told: ToldOfCoupon; readonly wanted: null } | { readonly told: null; readonly wanted: string };

/** Reads a form as it stands. What was not told is left out. */
export function readTypedCoupon(entry: TypedCoupon): ReadCoupon {
  const wants = (wanted: string): ReadCoupon => ({ told: null, wanted });
  if (entry.watchStartedAt !== null) return wants('Stop the watch first.');
  const along = readAlong(entry);
  if (typeof along === 'string') return wants(along);
  const back = entry.back ?? overallBack(along);
  if (back === null) return wants('Say what it looked like.');
  const lightOn = readLightOn(entry.lightOn);
  const runLength = readRunLength(entry.runLength);
  const angle = readGunAngle(entry.gunAngle);
  if ('fault' in lightOn || 'fault' in runLength || 'fault' in angle) return wants('Mend the figure in red.');
  const earlier = readEarlier(entry);
  if (typeof earlier === 'string') return wants(earlier);
  const { left, right } = entry;
  if ((left === null) !== (right === null)) return wants('Say the colour on both sides, or on neither.');
  const face = faceSigns.filter((sign) => entry.face.includes(sign));
  const welding = weldingSigns.filter((sign) => entry.welding.includes(sign));
  return {
    told: {
      back,
      lightOnS: lightOn.value,
      runLengthMm: runLength.value,
      remark: entry.remark.trim(),
      ...(entry.heard === null ? {} : { heard: entry.heard }),
      ...(along.length > 0 ? { along } : {}),
      ...(entry.slip === null ? {} : { slip: entry.slip }),
      ...(face.length > 0 ? { face } : {}),
      ...(left === null || right === null ? {} : { colour: { left, right } }),
      ...(welding.length > 0 ? { welding } : {}),
      ...(angle.value === null ? {} : { gunAngleDeg: angle.value }),
      ...earlier,
    },
    wanted: null,
  };
}

/** When it was welded and why that is said later; or what is wanted of it. */
function readEarlier({
  earlier,
  datedBack,
}: TypedCoupon): Pick<ToldOfCoupon, 'weldedAt' | 'datedBack'> | string {
  const why = datedBack.trim();
  if (earlier === '') return why === '' ? {} : { datedBack: why };
  const moment = new Date(earlier);
  if (Number.isNaN(moment.getTime())) return 'Say the day and the time that it was welded.';
  if (moment.getTime() > Date.now()) return 'It was not welded yet: its day lies ahead.';
  if (why === '') return 'Say why it is dated back.';
  return { weldedAt: moment.toISOString(), datedBack: why };
}

/** The stretches in order, or what is wrong with them. */
function readAlong({ along, runLength }: TypedCoupon): Stretch[] | string {
  const whole = readRunLength(runLength);
  const wholeMm = 'value' in whole ? whole.value : null;
  const stretches: Stretch[] = [];
  for (const [index, entry] of along.entries()) {
    const end = endOf(entry, index === along.length - 1 ? wholeMm : null);
    if (end === null) return `Say where stretch ${index + 1} ends.`;
    if (typeof end === 'string') return end;
    if (entry.back === null) return `Say what the back of stretch ${index + 1} looked like.`;
    const last = stretches.at(-1)?.toMm ?? 0;
    if (end <= last) return `Stretch ${index + 1} must end beyond ${spokenLength(last)}.`;
    if (wholeMm !== null && end > wholeMm)
      return `Stretch ${index + 1} ends beyond the run of ${spokenLength(wholeMm)}.`;
    stretches.push({ toMm: end, back: entry.back, slip: entry.slip });
  }
  return stretches;
}

/** The last stretch ends with the run where nothing else is said. */
function endOf({ to }: TypedStretch, runEndMm: number | null): number | string | null {
  const read = readStretchEnd(to);
  if ('fault' in read) return read.fault;
  return read.value ?? runEndMm;
}

/** The back of the longest stretch without a slip stands for the whole where nobody said another. */
function overallBack(along: readonly Stretch[]): BackLook | null {
  let longest: { mm: number; back: BackLook } | null = null;
  let from = 0;
  for (const { toMm, back, slip } of along) {
    if (slip === null && (longest === null || toMm - from > longest.mm)) longest = { mm: toMm - from, back };
    from = toMm;
  }
  return longest?.back ?? null;
}
