import { coreJob, recordedSetting, type Setting } from '@lone-heron/contract';
import {
  forecastWeld,
  knobEffect,
  knobRange,
  knobs,
  knobValue,
  RangeFault,
  settingWarnings,
  shieldingGasFor,
  suggestSetting,
  turnKnob,
  type GasChoice,
  type Knob,
  type KnobEffect,
  type Suggestion,
  type WeldForecast,
  type WeldJob,
  type WeldSetting,
} from '@lone-heron/core';
import type { HandTurns } from './dialAddress.js';
import type { Said } from './readSentence.js';

/** What the core makes of a sentence and of the knobs turned by hand. */
export interface DialOutcome {
  readonly said: Said;
  readonly job: WeldJob;
  readonly suggestion: Suggestion;
  /** The suggestion with the knobs that were turned. */
  readonly setting: WeldSetting;
  readonly forecast: WeldForecast;
  readonly effects: Readonly<Partial<Record<Knob, KnobEffect>>>;
  readonly warnings: readonly string[];
  readonly gas: GasChoice;
  /** The setting as a coupon would record it. */
  readonly recorded: Setting;
}

/** An outcome, or why the job cannot be computed as it was said. */
export type DialAnswer = { readonly outcome: DialOutcome } | { readonly refusal: string };

/** What the core suggests for a sentence, or why it cannot: the dear part, which no turn of a knob changes. */
export type SuggestedJob =
  | { readonly said: Said; readonly job: WeldJob; readonly suggestion: Suggestion }
  | { readonly refusal: string };

/** Searches the setting for a sentence. */
export function suggestFor(said: Said): SuggestedJob {
  const job = coreJob(said.joint, said.wireDiameterMm, said.machine.profile, said.aim);
  return orRefusal(() => ({ said, job, suggestion: suggestSetting(job) }));
}

/** Everything Dial shows. Turns of knobs that this setting does not have, or cannot take, are left out. */
export function dialOutcome(suggested: SuggestedJob, turns: HandTurns): DialAnswer {
  if ('refusal' in suggested) return suggested;
  const { said, job, suggestion } = suggested;
  return orRefusal(() => {
    const setting = turned(job, suggestion.setting, turns);
    const forecast = forecastWeld(job, setting);
    const gas = shieldingGasFor(job.metal);
    return {
      outcome: {
        said,
        job,
        suggestion,
        setting,
        forecast,
        effects: effectsOf(job, setting),
        warnings: settingWarnings(job, setting, forecast),
        gas,
        recorded: recordedSetting(setting, gas.gas, gas.flowLitresPerMinute),
      },
    };
  });
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

function turned(job: WeldJob, suggested: WeldSetting, turns: HandTurns): WeldSetting {
  return knobs.reduce((setting, knob) => {
    const value = turns[knob];
    const range = knobRange(job.machine, knob);
    if (value === undefined || range === null || value > range.most || value < range.least) return setting;
    return turnKnob(setting, knob, value);
  }, suggested);
}

function effectsOf(job: WeldJob, setting: WeldSetting): DialOutcome['effects'] {
  const effects: Partial<Record<Knob, KnobEffect>> = {};
  for (const knob of knobs) {
    if (knobValue(setting, knob) === null) continue;
    const effect = knobEffect(job, setting, knob);
    if (effect !== null) effects[knob] = effect;
  }
  return effects;
}
