import type { LiveMachine, MachineSpell } from '@lone-heron/contract';
import type { LinkKey } from '@lone-heron/core';
import { figure } from '../figures/figures.js';

/** What a machine last said of one thing, and s since; null where it never did. */
export function heardValue(
  { values }: Pick<LiveMachine, 'values'>,
  key: LinkKey,
  now: Date,
): { readonly value: number; readonly age: number } | null {
  const found = values.find((each) => each.key === key);
  return found === undefined ? null : { value: found.value, age: secondsSince(found.at, now) };
}

/** s, never below 0: clocks differ. */
export function secondsSince(moment: string, now: Date): number {
  return Math.max(0, (now.getTime() - Date.parse(moment)) / 1000);
}

/** "just now", "40 s ago", "3 min ago", "5 h ago". */
export function ageWords(seconds: number): string {
  if (seconds < 5) return 'just now';
  if (seconds < 90) return `${figure(seconds, 0)} s ago`;
  return seconds < 5400 ? `${figure(seconds / 60, 0)} min ago` : `${figure(seconds / 3600, 0)} h ago`;
}

/** "light on 12.3 s, 610 W at the gun, ended 40 s ago". */
export function spellWords(
  { figures: { litS, powerW, isBroken }, endedAt }: MachineSpell,
  now: Date,
): string {
  return [
    `light on ${figure(litS, 1)} s${isBroken ? ' or more: it fell silent with the light on' : ''}`,
    ...(powerW === null ? [] : [`${figure(powerW, 0)} W at the gun`]),
    `ended ${ageWords(secondsSince(endedAt, now))}`,
  ].join(', ');
}
