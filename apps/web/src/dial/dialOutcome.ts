import {
  coreConditions,
  coreJob,
  fillersForJoint,
  jointMetals,
  recordedSetting,
  takenFiller,
  type FillerChoice,
  type FillerOffer,
  type HouseContent,
  type Setting,
} from '@lone-heron/contract';
import {
  forecastWeld,
  fraction,
  gasOnJoint,
  knobRange,
  knobs,
  knobValue,
  mm,
  RangeFault,
  settingCompanions,
  suggestSetting,
  turnKnob,
  usualFlowFor,
  weldConsequences,
  type GasOnJoint,
  type JointConditions,
  type Knob,
  type KnobEffect,
  type NozzleShape,
  type SettingCompanions,
  type Suggestion,
  type WeldConsequences,
  type WeldForecast,
  type WeldJob,
  type WeldSetting,
} from '@lone-heron/core';
import type { Learn, LearnedEvidence } from '../shared/evidence/learnFrom.js';
import type { DialAddress, HandTurns } from './dialAddress.js';
import type { HandMath } from './handMath.js';
import { standsAt } from './plate/standsAt.js';
import type { Said } from '../shared/saidJoint/readSentence.js';

/** What the core makes of a sentence and of the knobs turned by hand. */
export interface DialOutcome extends SuggestedOutcome {
  /** What follows from the sentence alone; the same object while knobs are turned. */
  readonly suggested: SuggestedOutcome;
  /** The suggestion, or the alternative that was picked, with the held knobs held and the turned ones turned. */
  readonly setting: WeldSetting;
  /** The same before any knob was turned: what stands on the plate, else what is computed. */
  readonly base: WeldSetting;
  /** What is computed from all that is known now, also where older numbers stand on the plate. */
  readonly computed: WeldSetting;
  readonly forecast: WeldForecast;
  readonly effects: Readonly<Partial<Record<Knob, KnobEffect>>>;
  readonly consequences: WeldConsequences;
  readonly companions: SettingCompanions;
  /** The setting as a coupon would record it. */
  readonly recorded: Setting;
}

/** What follows from the sentence alone, whatever is turned. */
export interface SuggestedOutcome {
  readonly said: Said;
  readonly house: HouseContent;
  readonly job: WeldJob;
  readonly conditions: JointConditions;
  readonly suggestion: Suggestion;
  /** What the shop's coupons say of it; null where there are none, or they have not come yet. */
  readonly learned: LearnedEvidence | null;
  readonly gas: GasOnJoint;
  /** The nozzle that the joint, or the shop's practice, asks. */
  readonly usualNozzle: NozzleShape;
  readonly fillers: FillerChoice;
  readonly math: HandMath | null;
  /** Null without wire. */
  readonly filler: FillerOffer | null;
}

/** An outcome, or why the job cannot be computed as it was said. */
export type DialAnswer = { readonly outcome: DialOutcome } | { readonly refusal: string };

/** What the core suggests for a sentence, or why it cannot: the dear part, which no turn of a knob changes. */
export type SuggestedJob = SuggestedOutcome | { readonly refusal: string };

/** What comes behind the page; each null until it is there. */
export interface Behind {
  readonly learn: Learn | null;
  readonly math: HandMath | null;
}
const notYetBehind: Behind = { learn: null, math: null };

/** Searches the setting for a sentence, first by the model and then with what the coupons say of it. */
export function suggestFor(said: Said, house: HouseContent, behind: Behind = notYetBehind): SuggestedJob {
  const { learn, math } = behind;
  return orRefusal(() => {
    const { practice } = house;
    const plain: WeldJob = {
      ...coreJob(said.joint, said.wireDiameterMm, said.machine.profile, said.aim),
      practice,
      losses: house.losses,
      shelf: shelfOf(house),
      saidIn: house.units,
    };
    const byModel = suggestPulsed(plain, said, math);
    const evidence = learn?.(plain, byModel.setting, said.machine.id, said.joint) ?? null;
    const job = evidence === null ? plain : { ...plain, evidence };
    const suggestion = evidence === null ? byModel : suggestPulsed(job, said, math);
    const fillers = fillersForJoint(said.joint, said.wireDiameterMm, said.limit, house);
    const usual = settingCompanions(job, suggestion.setting);
    return {
      said,
      house,
      job,
      conditions: coreConditions(said.joint),
      suggestion,
      learned: evidence,
      gas: gasOnJoint(said.gas ?? usual.gas.gas, job.metal, job.joint, practice, {
        power: suggestion.setting.power * suggestion.setting.duty,
        bore: boreOf(house, said.nozzle ?? usual.nozzle.shape),
      }),
      math,
      usualNozzle: usual.nozzle.shape,
      fillers,
      filler: suggestion.setting.pace.by === 'wire' ? takenFiller(fillers, said.filler) : null,
    };
  });
}

/** The suggestion, with pulses as a duty that is held. */
function suggestPulsed(job: WeldJob, { pulses }: Said, math: HandMath | null): Suggestion {
  const suggestion = suggestSetting(job);
  if (pulses === null || math === null) return suggestion;
  const duty = fraction(pulses.onMs / (pulses.onMs + pulses.offMs));
  // What the coupons stand behind was welded without these pulses.
  return { ...suggestion, ...math.hold(job, suggestion.setting, { duty }), keptFor: null };
}

/** What of the address turns a suggestion into what is dialled. */
export type Hand = Pick<DialAddress, 'alternative' | 'held' | 'turns'>;
export const noHand: Hand = { alternative: '', held: {}, turns: {} };

/**
 * Everything Dial shows. Turns of knobs that this setting does not have, or cannot take, are left out.
 *
 * @param standing numbers that stand on the plate, whatever is computed by now; null where none do
 */
export function dialOutcome(
  suggested: SuggestedJob,
  hand: Hand,
  standing: HandTurns | null = null,
): DialAnswer {
  if ('refusal' in suggested) return suggested;
  const { said, job, gas, filler } = suggested;
  return orRefusal(() => {
    const computed = heldSetting(suggested, hand);
    const isComputed = standing === null || standsAt(computed, standing);
    const base = isComputed ? computed : turned(job, computed, standing);
    const setting = turned(job, base, hand.turns);
    const forecast = forecastWeld(job, setting);
    const consequences = weldConsequences(job, setting, forecast, zincCoatOf(said));
    return {
      outcome: {
        ...suggested,
        suggested,
        base,
        computed,
        setting,
        forecast,
        consequences,
        effects: effectsOf(job, setting, suggested.math),
        companions: settingCompanions(job, setting),
        recorded: recordedSetting(setting, gas.gas, gas.flowLitresPerMinute, filler?.filler),
      },
    };
  });
}

/** A common coat, g/m2 on each side. */
const commonCoat = 137.5;

function zincCoatOf({ joint }: Said): number {
  return jointMetals(joint).some(({ id }) => id === 'galvanised') ? commonCoat : 0;
}

/** The wire on the shelf, and the system it is bought in. */
function shelfOf({ wire, units }: HouseContent): NonNullable<WeldJob['shelf']> {
  const there = wire.filter(({ kilograms }) => kilograms > 0).map(({ diameterMm }) => mm(diameterMm));
  return { system: units.length, diameters: [...new Set(there)] };
}

/** Bore of the nozzle of a shape in the drawer, m; a common one where none lies there. */
function boreOf({ nozzles }: HouseContent, shape: NozzleShape): number {
  const there = nozzles.find((nozzle) => nozzle.shape === shape && nozzle.count > 0);
  return there === undefined ? usualFlowFor.bore : mm(there.boreMm);
}

/** A shop that starts cool begins this many eases below what is computed, and turns it up coupon by coupon. */
const coolEases = 2;

/** Whether the shop starts cool: where it aims to reach; a share is cool already. */
export function startsCool({ practice, aim }: WeldJob): boolean {
  return practice?.startFrom === 'cool' && aim.kind !== 'share';
}

function heldSetting({ job, suggestion, math }: SuggestedOutcome, { alternative, held }: Hand): WeldSetting {
  if (math === null) return suggestion.setting;
  const picked =
    alternative === ''
      ? undefined
      : math.alternatives(job, suggestion).find(({ name }) => name === alternative);
  const computed = picked?.setting ?? suggestion.setting;
  const start = startsCool(job) ? math.ease(job, computed, coolEases).setting : computed;
  const kept = takeable(job, held);
  return Object.keys(kept).length === 0 ? start : math.hold(job, start, kept).setting;
}

/** The knobs of a hand that the machine has, where it can take them. */
function takeable(job: WeldJob, hand: HandTurns): HandTurns {
  return Object.fromEntries(
    knobs.flatMap((knob) => {
      const value = hand[knob];
      const range = knobRange(job.machine, knob);
      const canTake = value !== undefined && range !== null && value <= range.most && value >= range.least;
      return canTake ? [[knob, value]] : [];
    }),
  );
}

/** A setting with knobs turned, where it has them and the machine can take it. */
export function turned(job: WeldJob, setting: WeldSetting, turns: HandTurns): WeldSetting {
  return Object.entries(takeable(job, turns)).reduce(
    (so, [knob, value]) => turnKnob(so, knob as Knob, value),
    setting,
  );
}

/** What the core computes, or its refusal in words. */
function orRefusal<Answer>(compute: () => Answer): Answer | { readonly refusal: string } {
  try {
    return compute();
  } catch (error) {
    if (error instanceof RangeFault) return { refusal: error.message };
    throw error;
  }
}

/** What a turn of each knob does; nothing until what comes behind the page is there. */
function effectsOf(job: WeldJob, setting: WeldSetting, math: HandMath | null): DialOutcome['effects'] {
  const effects: Partial<Record<Knob, KnobEffect>> = {};
  for (const knob of knobs) {
    if (knobValue(setting, knob) === null) continue;
    const effect = math?.effect(job, setting, knob) ?? null;
    if (effect !== null) effects[knob] = effect;
  }
  return effects;
}
