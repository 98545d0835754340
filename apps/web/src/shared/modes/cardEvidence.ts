import { modeSettingSchema, wantedLook, type ModeCardVersion, type Trial } from '@lone-heron/contract';

/** What the shop's trials say of a card: those that were set as it says, and how many came out as wanted. */
export interface CardEvidence {
  readonly trials: readonly Trial[];
  readonly wanted: number;
}

/** Knobs may stand a little beside the card's: no hand and no panel is exact. */
const closeEnough = 0.03;

/** Trials of a card's machine and work that were set as the card says. */
export function cardEvidence(
  { machineId, work, setting }: Pick<ModeCardVersion, 'machineId' | 'work' | 'setting'>,
  trials: readonly Trial[],
): CardEvidence {
  const alike = trials.filter(
    (trial) =>
      trial.withdrawnAt === null &&
      trial.machineId === machineId &&
      trial.work.mode === work.mode &&
      trial.work.metal === work.metal &&
      isClose(trial.work, work, ['coat', 'gas', 'boreMm', 'pressureBar', 'thicknessMm', 'underMm']) &&
      isClose(trial.setting, setting, Object.keys(modeSettingSchema.parse(setting))),
  );
  return { trials: alike, wanted: alike.filter(({ look }) => look === wantedLook[work.mode]).length };
}

function isClose(one: object, other: object, names: readonly string[]): boolean {
  const [a, b] = [one, other] as readonly Readonly<Record<string, unknown>>[];
  return names.every((name) => {
    const [x, y] = [a?.[name], b?.[name]];
    if (typeof x !== 'number' || typeof y !== 'number') return x === y;
    return Math.abs(x - y) <= closeEnough * Math.max(Math.abs(x), Math.abs(y), 1e-9);
  });
}

/** How well a card is borne out, in words. */
export function evidenceWords(
  { trials, wanted }: CardEvidence,
  trialWord: string,
  trialsWord: string,
): string {
  if (trials.length === 0) return `not tried yet: no ${trialWord} was set so`;
  const all = trials.length === 1 ? `one ${trialWord}` : `${trials.length} ${trialsWord}`;
  return `${wanted} of ${all} came out as wanted`;
}
