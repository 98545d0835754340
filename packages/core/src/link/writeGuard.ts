import { linkPoints, type LinkKey, type ParameterKey } from './linkPoints.js';

/** What a machine said of itself, as far as its map places it. */
export type LinkValues = Readonly<Partial<Record<LinkKey, number>>>;

/** A parameter as it would be written. */
export interface WantedValue {
  readonly key: ParameterKey;
  readonly value: number;
}

/** States that have to be said, and as what, before anything is written. */
const wantedStates = [
  ['takesWrites', 1, 'The machine does not take writes now: its own panel has it.'],
  ['emissionReady', 0, 'The machine is ready for emission. Take the key to off, or leave ready, then send.'],
  ['lightOn', 0, 'The light is on.'],
] as const satisfies readonly (readonly [LinkKey, 0 | 1, string])[];

/** Limits of what a machine gives, in the units of its points; a parameter without them is not written. */
export type WriteLimits = Readonly<
  Partial<Record<ParameterKey, { readonly least: number; readonly most: number }>>
>;

/**
 * Why parameters must not be written now; empty where they may. It is asked of what the machine has just said: what it did not say
 * counts against writing.
 *
 * @param allowed keys that a lead put on the list
 */
export function writeRefusals(
  said: LinkValues,
  wanted: readonly WantedValue[],
  allowed: readonly ParameterKey[],
  limits: WriteLimits,
): string[] {
  const states = wantedStates.flatMap(([key, is, why]) => {
    if (said[key] === undefined) return [`The machine does not say: ${linkPoints[key].said}, or not.`];
    return said[key] === is ? [] : [why];
  });
  const alarm = (said.alarm ?? 0) === 0 ? [] : [`The machine has alarm ${said.alarm}.`];
  const values = wanted.flatMap(({ key, value }) => refusalOf(key, value, allowed, limits) ?? []);
  const nothing = wanted.length === 0 ? ['There is nothing to send.'] : [];
  return [...states, ...alarm, ...values, ...nothing];
}

function refusalOf(
  key: ParameterKey,
  value: number,
  allowed: readonly ParameterKey[],
  limits: WriteLimits,
): string | null {
  const { said, unit } = linkPoints[key];
  if (!allowed.includes(key)) return `${said} is not on the list of what may be written.`;
  const limit = limits[key];
  if (limit === undefined) return `This machine’s limits of ${said} are not known.`;
  if (value >= limit.least && value <= limit.most) return null;
  return `${said} ${value} ${unit}: this machine takes ${limit.least} to ${limit.most} ${unit}.`;
}
