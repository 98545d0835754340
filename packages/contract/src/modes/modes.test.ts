import { startingProfiles, type Machine, type ModeShop, type Trial } from '../index.js';
import { trialDraftSchema, trialLadderDraftSchema, type TrialDraft } from '../trials/trial.js';
import { modeCardDraftSchema } from '../modeCards/modeCard.js';
import { modeLooks, wantedLook } from './modeLooks.js';
import { modeSettingSchema, type SettingOf } from './modeSetting.js';
import { handModes, type HandMode, type WorkOf } from './modeWork.js';
import { beyondMode } from './rules/beyondMode.js';
import { contradictedTrials } from './rules/contradictedTrials.js';
import { modeRules } from './rules/modeRules.js';
import { modesOf } from './rules/modeOnMachine.js';

const machineOf = (id: 'bench' | 'barrow' | 'lamp'): Machine => {
  const found = startingProfiles.find((each) => each.id === id);
  if (found === undefined) throw new Error(`no profile ${id}`);
  return { id, name: found.name, revision: 1, profile: found.profile };
};
const machines = (['bench', 'barrow', 'lamp'] as const).map(machineOf);
const works: { readonly [Mode in HandMode]: WorkOf<Mode> } = {
  clean: {
    ...{ mode: 'clean', metal: 'stainless304', thicknessMm: 2, coat: 'heatTint', place: 'beside' },
    ...{ lengthMm: 400, widthMm: 12, aim: 'tint' },
  },
  cut: {
    ...{ mode: 'cut', metal: 'lowCarbonSteel', thicknessMm: 1.5, gas: 'air', pressureBar: 8, boreMm: 1.2 },
    ...{ line: 'straight', lengthMm: 300, aim: 'clean' },
  },
  spot: { mode: 'spot', metal: 'stainless304', thicknessMm: 0.5, underMm: 1, wantedMm: 0.7 },
  seam: { mode: 'seam', metal: 'stainless304', thicknessMm: 0.8, lengthMm: 60, wantedMm: 0.5 },
};
const doer: Readonly<Record<HandMode, Machine>> = {
  clean: machineOf('barrow'),
  cut: machineOf('bench'),
  spot: machineOf('lamp'),
  seam: machineOf('lamp'),
};
const shopOf = (mode: HandMode, trials: readonly Trial[] = []): ModeShop => ({
  ...{ machine: doer[mode], machines, trials },
});
/** What is suggested for the sample work of a mode, and its odds. */
function asked<Mode extends HandMode>(mode: Mode, trials: readonly Trial[] = []) {
  const rules = modeRules[mode];
  const setting = rules.suggest(works[mode], shopOf(mode, trials));
  if (setting === null) throw new Error(`nothing is suggested for ${mode}`);
  return { setting, odds: rules.odds(works[mode], setting, shopOf(mode, trials)) };
}
const draft = (mode: HandMode, changes: Partial<TrialDraft> = {}): TrialDraft => ({
  ...{ machineId: doer[mode].id, work: works[mode], setting: asked(mode).setting },
  ...{ look: wantedLook[mode], isTintLeft: null, kerfMm: null, wasSent: null, lightOnS: 12, stated: 0.6 },
  ...{ ladder: null, photoIds: [], remark: '', madeAt: '2026-11-29T10:00:00.000Z', ...changes },
});
/** Looks at opposite ends. */
const opposite: Readonly<Record<HandMode, readonly [Trial['look'], Trial['look']]>> = {
  clean: ['untouched', 'marked'],
  cut: ['sparksUp', 'through'],
  spot: ['loose', 'blown'],
  seam: ['loose', 'through'],
};
/** What may differ of two works that the light meets alike. */
const elsewhere: Readonly<Record<HandMode, object>> = {
  clean: { lengthMm: 90, widthMm: 30, place: 'face', aim: 'bare' },
  cut: { lengthMm: 40, aim: 'quick' },
  spot: { wantedMm: 0.6 },
  seam: { lengthMm: 20, wantedMm: 0.4 },
};
const turned: Readonly<Record<HandMode, object>> = {
  clean: { powerW: 511 },
  cut: { powerW: 511 },
  spot: { currentA: 111 },
  seam: { currentA: 111 },
};
let made = 0;
const trial = (mode: HandMode, changes: Partial<TrialDraft> = {}): Trial => ({
  ...draft(mode, changes),
  ...{ id: '0198c0de-0000-7000-8000-000000000000', personId: 'ines', number: ++made, machineRevision: 1 },
  ...{ windowId: null, recordedAt: '2026-11-29T10:00:00.000Z', withdrawnAt: null },
});

describe.each(handModes)('%s', (mode) => {
  it('is suggested as a setting that is sound and within its machine', () => {
    const { setting, odds } = asked(mode);
    expect(modeSettingSchema.safeParse(setting).success).toBe(true);
    expect(beyondMode(works[mode], setting, doer[mode])).toEqual([]);
    const chances = Object.values(odds ?? {});
    expect(chances).toHaveLength(modeLooks[mode].length);
    expect(chances.reduce((sum, each) => sum + each, 0)).toBeCloseTo(1, 9);
  });

  it('learns from what was seen: the wanted look makes itself likelier', () => {
    const before = asked(mode);
    const seen = Array.from({ length: 8 }, () =>
      trial(mode, { look: wantedLook[mode], setting: before.setting }),
    );
    const rules = modeRules[mode] as unknown as {
      odds: (work: object, setting: object, shop: ModeShop) => Record<string, number>;
    };
    const after = rules.odds(works[mode], before.setting, shopOf(mode, seen));
    expect(after[wantedLook[mode]]).toBeGreaterThan(
      (before.odds as Record<string, number>)[wantedLook[mode]] as number,
    );
    const takenBack = seen.map((each) => ({ ...each, withdrawnAt: '2026-11-29T11:00:00.000Z' }));
    expect(rules.odds(works[mode], before.setting, shopOf(mode, takenBack))).toEqual(before.odds);
  });

  it('learns once from a shop, and anew from another', () => {
    const seen = [trial(mode, { look: wantedLook[mode], setting: asked(mode).setting })];
    const rules = modeRules[mode] as unknown as { learned: (work: object, shop: ModeShop) => object };
    const [one, other] = [shopOf(mode, seen), shopOf(mode)];
    expect(rules.learned(works[mode], one)).toBe(rules.learned(works[mode], one));
    expect(rules.learned(works[mode], one)).not.toEqual(rules.learned(works[mode], other));
  });

  it('says which trials contradict each other: set alike in one sheet, too little and too much', () => {
    const [little, much] = opposite[mode];
    const few = trial(mode, { look: little });
    const many = trial(mode, { look: much, work: { ...few.work, ...elsewhere[mode] } });
    const wanted = trial(mode);
    expect(contradictedTrials([many, wanted, few])).toEqual({ tooLittle: few, tooMuch: many });
    expect(contradictedTrials([few, few])).toBeNull();
    const thicker = { ...many, work: { ...many.work, thicknessMm: 2.5 } };
    const otherwise = { ...many, setting: { ...many.setting, ...turned[mode] } };
    const other = { ...many, machineId: 'another' };
    expect(contradictedTrials([thicker, otherwise, other, few])).toBeNull();
  });

  it('is a trial and a card, and not with another mode’s setting or look', () => {
    expect(trialDraftSchema.safeParse(draft(mode)).success).toBe(true);
    const other = mode === 'clean' ? 'cut' : 'clean';
    const wrong = [{ setting: asked(other).setting }, { look: wantedLook[other] }] as const;
    for (const change of wrong) expect(trialDraftSchema.safeParse(draft(mode, change)).success).toBe(false);
    const card = { title: 'a', machineId: doer[mode].id, work: works[mode], notes: '', slot: '', why: '' };
    expect(modeCardDraftSchema.safeParse({ ...card, setting: asked(mode).setting }).success).toBe(true);
    expect(modeCardDraftSchema.safeParse({ ...card, setting: asked(other).setting }).success).toBe(false);
  });
});

describe('a machine', () => {
  const tooQuick: SettingOf<'spot'> = { mode: 'spot', currentA: 300, pulseMs: 20, rateHz: 20, spotMm: 0.9 };

  it('has the modes that it is fitted for', () => {
    expect(machines.map(({ profile }) => modesOf(profile))).toEqual([['cut'], ['clean'], ['spot', 'seam']]);
  });

  it.each([
    ['a mode it has not got', works.clean, asked('clean').setting, machineOf('bench'), 'work.mode'],
    [
      'more pressure than its head bears',
      { ...works.cut, pressureBar: 16 },
      asked('cut').setting,
      machineOf('bench'),
      'work.pressureBar',
    ],
    [
      'a wider sweep than it has',
      works.clean,
      { ...asked('clean').setting, widthMm: 150 },
      machineOf('barrow'),
      'setting.widthMm',
    ],
    ['a pulse that its lamp cannot repeat', works.spot, tooQuick, machineOf('lamp'), 'setting.rateHz'],
  ])('refuses %s, by value and what is allowed', (_, work, setting, machine, field) => {
    const [problem] = beyondMode(work, setting, machine);
    expect(problem?.field).toBe(field);
    expect(problem?.given).toMatch(/\d|clean/);
    expect(problem?.allowed).toContain(machine.name);
  });
});

describe('what a lamp can say', () => {
  it('is nothing of depth before its energies are known', () => {
    const lamp = machineOf('lamp');
    const unknown = {
      ...lamp,
      profile: { ...lamp.profile, lamp: lamp.profile.lamp && { ...lamp.profile.lamp, points: [] } },
    };
    const shop = { machine: unknown, machines, trials: [] };
    expect(modeRules.spot.suggest(works.spot, shop)).toBeNull();
    expect(modeRules.spot.odds(works.spot, asked('spot').setting, shop)).toBeNull();
  });
});

it('a ladder climbs a knob that its mode has', () => {
  const { machineId, work, setting } = draft('cut');
  const ladder = { machineId, work, setting, name: 'pace', values: [8, 12, 16] };
  expect(trialLadderDraftSchema.safeParse({ ...ladder, knob: 'paceMmS' }).success).toBe(true);
  expect(
    trialLadderDraftSchema.safeParse({ ...ladder, knob: 'currentA' }).error?.issues[0]?.message,
  ).toContain('powerW, paceMmS, dutyPercent');
});
