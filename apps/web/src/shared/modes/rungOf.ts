import { isAlike, type ModeSetting, type ModeWork, type TrialLadder } from '@lone-heron/contract';

/** The setting of a ladder's rung. */
export function settingOfTrialRung({ setting, knob, values }: TrialLadder, index: number): ModeSetting {
  return { ...setting, [knob]: values[index] };
}

/** The rung of an open ladder that work and setting are; null where they are none. */
export function rungOf(
  ladders: readonly TrialLadder[],
  machineId: string,
  work: ModeWork,
  setting: ModeSetting,
): { readonly ladderId: string; readonly index: number } | null {
  for (const ladder of ladders) {
    if (ladder.closedAt !== null || ladder.machineId !== machineId || !isAlike(ladder.work, work)) continue;
    const index = ladder.values.findIndex((_, i) => isAlike(settingOfTrialRung(ladder, i), setting));
    if (index >= 0) return { ladderId: ladder.id, index };
  }
  return null;
}
