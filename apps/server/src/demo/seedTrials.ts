import {
  meanPowerOf,
  modeLooks,
  modeRules,
  wantedLook,
  type HandMode,
  type Machine,
  type ModeCardDraft,
  type ModeLook,
  type ModeSetting,
  type ModeShop,
  type ModeWork,
} from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { v7 as uuid } from 'uuid';
import { ModeCardEntity } from '../modeCards/modeCard.entity.js';
import { ModeCardVersionEntity } from '../modeCards/modeCardVersion.entity.js';
import { TrialEntity } from '../trials/trial.entity.js';
import { ProtectiveWindowEntity } from '../windows/protectiveWindow.entity.js';
import { randomStream } from '@lone-heron/core';
import { sampleMachines } from './sampleWorkshop.js';
import { atWork } from './workingHours.js';

const day = 24 * 3600 * 1000;

/** Work of the other modes that the sample workshop does, on which machine, and what its card is called. */
interface SampleWork {
  readonly machineId: string;
  readonly work: ModeWork;
  readonly card: string;
  readonly notes: string;
  readonly remark: string;
}
const sampleWorks: readonly SampleWork[] = [
  {
    machineId: 'barrow',
    work: {
      ...{ mode: 'clean', metal: 'stainless304', thicknessMm: 1.5, coat: 'heatTint', place: 'beside' },
      ...{ lengthMm: 600, widthMm: 14, aim: 'tint' },
    },
    card: 'Tint off worktop seams',
    notes: 'Gas off, extraction close. Wipe with spirit after.',
    remark: 'beside the worktop seam',
  },
  {
    machineId: 'barrow',
    work: {
      ...{ mode: 'clean', metal: 'lowCarbonSteel', thicknessMm: 3, coat: 'lightRust', place: 'face' },
      ...{ lengthMm: 400, widthMm: 60, aim: 'quick' },
    },
    card: 'Rust off rail feet',
    notes: '',
    remark: 'rail feet from the yard',
  },
  {
    machineId: 'bench',
    work: {
      ...{ mode: 'cut', metal: 'lowCarbonSteel', thicknessMm: 1.5, gas: 'air', pressureBar: 8, boreMm: 1.2 },
      ...{ line: 'straight', lengthMm: 500, aim: 'clean' },
    },
    card: 'Duct blanks',
    notes: 'Brick tray behind, off-cuts in it. Dry the air first.',
    remark: 'duct blank',
  },
  {
    machineId: 'lamp',
    work: { mode: 'spot', metal: 'stainless304', thicknessMm: 0.5, underMm: 1, wantedMm: 0.7 },
    card: 'Hinge strap spots',
    notes: 'Press the strap down with the brass block.',
    remark: 'hinge strap',
  },
  {
    machineId: 'lamp',
    work: { mode: 'seam', metal: 'stainless304', thicknessMm: 0.8, lengthMm: 60, wantedMm: 0.5 },
    card: 'Vent box seams',
    notes: '',
    remark: 'vent box',
  },
];

/** The knob that a hand turns while it finds a setting, and by how much. */
const turned: Readonly<Record<HandMode, { readonly knob: string; readonly shares: readonly number[] }>> = {
  clean: { knob: 'powerW', shares: [0.55, 0.75, 1, 1, 1.3] },
  cut: { knob: 'paceMmS', shares: [1.9, 1.4, 1, 1, 0.7] },
  spot: { knob: 'currentA', shares: [0.8, 0.9, 1, 1, 1.05] },
  seam: { knob: 'currentA', shares: [0.8, 0.9, 1, 1, 1.05] },
};

/** A few trials of each other mode, as their own odds would have them, and a card of what worked. */
export async function seedTrials(manager: EntityManager, now: number): Promise<void> {
  const random = randomStream(19);
  const windows = await manager.find(ProtectiveWindowEntity, { order: { fittedAt: 'DESC' } });
  for (const [index, sample] of sampleWorks.entries()) {
    const machine = sampleMachines.find(({ id }) => id === sample.machineId);
    if (machine === undefined) throw new Error(`no machine ${sample.machineId}`);
    const suggested = suggestedFor(sample.work, machine);
    await seedCard(manager, sample, suggested, { number: index + 1, madeAt: momentBefore(now, 9 - index) });
    const { knob, shares } = turned[sample.work.mode];
    for (const [step, share] of shares.entries()) {
      const setting = turnedBy(suggested, knob, share, machine);
      const madeAt = momentBefore(now, 14 - index - step * 0.03);
      const window = windows.find((each) => each.machineId === machine.id && each.fittedAt <= madeAt);
      const { work } = sample;
      await manager.insert(TrialEntity, {
        ...{
          id: uuid({ msecs: Date.parse(madeAt) }),
          number: index * shares.length + step + 1,
          work,
          setting,
        },
        ...{ mode: work.mode, machineId: machine.id, machineRevision: 1, metal: work.metal },
        ...{ look: drawn(work, setting, machine, random()), stated: null, lightOnS: 4 + 20 * random() },
        isTintLeft: work.mode === 'clean' && work.coat === 'heatTint' ? share < 0.7 : null,
        kerfMm: work.mode === 'cut' ? Number((0.3 + 0.08 * random()).toFixed(2)) : null,
        wasSent: machine.profile.lamp === null ? null : true,
        ...{ ladderId: null, ladderIndex: null, photoIds: [], remark: step === 0 ? sample.remark : '' },
        ...{ meanPowerW: meanPowerOf(setting, machine.profile), gas: work.mode === 'cut' ? 'dryAir' : null },
        ...{ windowId: window?.id ?? null, personId: index % 2 === 0 ? 'maren' : 'ines' },
        ...{ madeAt, recordedAt: madeAt, withdrawnAt: null },
      });
    }
  }
}

const momentBefore = (now: number, daysAgo: number) =>
  new Date(atWork(now - daysAgo * day, now)).toISOString();

type AnyRules = {
  readonly suggest: (work: ModeWork, shop: ModeShop) => ModeSetting | null;
  readonly odds: (
    work: ModeWork,
    setting: ModeSetting,
    shop: ModeShop,
  ) => Readonly<Record<string, number>> | null;
};
/** The rules of a work's own mode. */
const rulesOf = ({ mode }: ModeWork) => modeRules[mode] as unknown as AnyRules;
const untried = (machine: Machine): ModeShop => ({ machine, machines: sampleMachines, trials: [] });

function suggestedFor(work: ModeWork, machine: Machine): ModeSetting {
  const found = rulesOf(work).suggest(work, untried(machine));
  if (found === null) throw new Error(`nothing to set for ${work.mode}`);
  return found;
}

function turnedBy(setting: ModeSetting, knob: string, share: number, { profile }: Machine): ModeSetting {
  const reach = { powerW: profile.powerW, currentA: profile.lamp?.currentA }[knob];
  const wanted = Number((setting as unknown as Record<string, number>)[knob]) * share;
  if (reach === undefined) return { ...setting, [knob]: Number(wanted.toFixed(1)) };
  const steps = Math.round((Math.min(wanted, reach.most) - reach.least) / reach.step);
  return { ...setting, [knob]: reach.least + steps * reach.step };
}

/** A look drawn by its odds. */
function drawn(work: ModeWork, setting: ModeSetting, machine: Machine, share: number): ModeLook {
  const odds = rulesOf(work).odds(work, setting, untried(machine)) ?? {};
  let left = share;
  for (const look of modeLooks[work.mode]) {
    left -= odds[look] ?? 0;
    if (left <= 0) return look;
  }
  return wantedLook[work.mode];
}

async function seedCard(
  manager: EntityManager,
  { machineId, work, card, notes }: SampleWork,
  setting: ModeSetting,
  { number, madeAt }: { readonly number: number; readonly madeAt: string },
): Promise<void> {
  const id = uuid({ msecs: Date.parse(madeAt) });
  await manager.insert(ModeCardEntity, { id, number, retiredAt: null });
  const draft: ModeCardDraft = { title: card, machineId, work, setting, notes, slot: '', why: '' };
  await manager.insert(ModeCardVersionEntity, { cardId: id, version: 1, draft, madeAt, madeBy: 'ines' });
}
