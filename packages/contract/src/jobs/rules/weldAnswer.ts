import {
  forecastWeld,
  gasOnJoint,
  mm,
  RangeFault,
  settingCompanions,
  suggestSetting,
  type Filler,
  type WeldForecast,
  type WeldJob,
  type WeldSetting,
} from '@lone-heron/core';
import type { Card, CardContent } from '../../cards/card.js';
import { areWeldedAlike } from '../../cards/rules/cardProof.js';
import { versionInForce } from '../../cards/rules/cardState.js';
import { adaptToJoint, type LearnOfJob } from '../../cards/rules/carryCard.js';
import { shownVersion } from '../../cards/rules/findCards.js';
import { proposeCard } from '../../cards/rules/proposeCard.js';
import type { HouseContent, NamedLevel } from '../../house/house.js';
import { fillersForJoint, takenFiller } from '../../joint/rules/fillerChoice.js';
import { coreJob, coreSetting, recordedSetting } from '../../joint/rules/toCore.js';
import type { Machine } from '../../machines/machine.js';
import type { JobDraft } from '../job.js';
import type { JobWeld } from '../jobWeld.js';
import { cardDiffers, nearestSigned } from './cardFits.js';

/**
 * What a weld's setting rests on: a signed card that fits; a card that fits and is not signed; a signed card that is near, adapted;
 * what is computed; the card that was chosen and is retired now.
 */
export type WeldStanding = 'proven' | 'unsigned' | 'adapted' | 'computed' | 'retired';

/** What a weld is welded with, and what that rests on. */
export interface WeldAnswer {
  readonly mark: string;
  readonly standing: WeldStanding;
  /** The card it goes by, or the nearest; null where there is none. */
  readonly card: {
    readonly id: string;
    readonly number: number;
    readonly version: number;
    readonly name: string;
  } | null;
  /** What makes the card another thing than this weld, in words; empty where it fits. */
  readonly differs: readonly string[];
  /** Everything that is dialled and held: a card's content for this weld. */
  readonly content: CardContent;
  /** Alloy of its wire, the shop's usual one where a card does not say; null without wire. */
  readonly filler: Filler | null;
  readonly job: WeldJob;
  readonly forecast: WeldForecast;
}

/** A weld that cannot be computed, and why. */
export interface WeldRefusal {
  readonly mark: string;
  readonly refusal: string;
}

/** What answers go by. */
export interface AnswerContext {
  readonly machine: Machine;
  readonly house: HouseContent;
  readonly cards: readonly Card[];
  readonly learn: LearnOfJob;
}

/** Answers one weld of a job. Never throws for a joint that cannot be computed: it says why. */
export function weldAnswer(
  job: Pick<JobDraft, 'level'>,
  weld: JobWeld,
  context: AnswerContext,
): WeldAnswer | WeldRefusal {
  const level = weld.level ?? job.level;
  try {
    const chosen = context.cards.find(({ id }) => id === weld.cardId);
    if (chosen !== undefined && chosen.retiredAt === null) return byCard(chosen, weld, level, context);
    const answer = bestAnswer(weld, level, context);
    if (chosen === undefined) return answer;
    const differs = ['the card that was chosen is retired'];
    return { ...answer, standing: 'retired', card: namedCard(chosen), differs };
  } catch (fault) {
    if (fault instanceof RangeFault) return { mark: weld.mark, refusal: fault.message };
    throw fault;
  }
}

function bestAnswer(weld: JobWeld, level: NamedLevel, context: AnswerContext): WeldAnswer {
  const there = context.cards
    .filter(({ retiredAt }) => retiredAt === null)
    .map((card) => ({ card, differs: cardDiffers(card, weld, level, context.machine.id) }));
  const fitting = there.filter(({ differs }) => differs.length === 0).map(({ card }) => card);
  const signed = fitting.find((card) => versionInForce(card) !== null);
  const fits = signed ?? fitting[0];
  if (fits !== undefined) return byCard(fits, weld, level, context);
  const near = nearestSigned(
    there.map(({ card }) => card),
    weld,
    context,
  );
  return near === null ? computed(weld, level, context) : byCard(near, weld, level, context);
}

/** The card's own setting where it fits the joint, else adapted to it. */
function byCard(card: Card, weld: JobWeld, level: NamedLevel, context: AnswerContext): WeldAnswer {
  const { machine, learn } = context;
  const { content } = shownVersion(card);
  const differs = cardDiffers(card, weld, level, machine.id);
  if (content.joint.kind !== weld.joint.kind || content.machineId !== machine.id) {
    // Nothing of its setting can be kept: it is dialled as if it were not there, and said.
    const { standing: _, ...answer } = computed(weld, level, context);
    return { ...answer, standing: 'adapted', card: namedCard(card), differs };
  }
  const isSameJoint = areWeldedAlike(content.joint, weld.joint);
  const setting = isSameJoint ? content.setting : adaptToJoint(content, weld.joint, machine, learn).setting;
  const standing = differs.length > 0 ? 'adapted' : versionInForce(card) === null ? 'unsigned' : 'proven';
  return {
    ...{ mark: weld.mark, standing, card: namedCard(card), differs },
    ...forecastOf({ ...content, joint: weld.joint, setting, level }, context),
  };
}

function computed(weld: JobWeld, level: NamedLevel, context: AnswerContext): WeldAnswer {
  const { machine, house, learn } = context;
  const plain: WeldJob = {
    ...coreJob(weld.joint, weld.wireDiameterMm, machine.profile, { kind: 'reach' }),
    ...{ practice: house.practice, losses: house.losses, saidIn: house.units },
  };
  const byModel = suggestSetting(plain);
  const evidence = learn(plain, byModel.setting, machine.id);
  const { setting } = evidence === null ? byModel : suggestSetting({ ...plain, evidence });
  const content = { ...contentOf(weld, setting, context, plain), level };
  return {
    ...{ mark: weld.mark, standing: 'computed', card: null, differs: [] },
    ...forecastOf(content, context),
  };
}

/** A computed setting with gas, filler, nozzle and times around the light. */
function contentOf(
  weld: JobWeld,
  setting: WeldSetting,
  { machine, house }: AnswerContext,
  job: WeldJob,
): CardContent {
  const { practice, nozzles } = house;
  const usual = settingCompanions(job, setting);
  const begun = proposeCard({
    ...{ name: weld.mark, machine, joint: weld.joint, house },
    setting: recordedSetting(setting, usual.gas.gas, usual.gas.flowLitresPerMinute),
  });
  const there = nozzles.find(({ shape, count }) => shape === begun.nozzle.shape && count > 0);
  const gas = gasOnJoint(usual.gas.gas, job.metal, job.joint, practice, {
    power: setting.power * setting.duty,
    bore: mm(there?.boreMm ?? begun.nozzle.boreMm),
  });
  const filler = takenFiller(fillersForJoint(weld.joint, weld.wireDiameterMm, 'none', house), null);
  return { ...begun, setting: recordedSetting(setting, gas.gas, gas.flowLitresPerMinute, filler?.filler) };
}

function fillerOf({ joint, setting: { pace } }: CardContent, house: HouseContent): Filler | null {
  if (pace.by === 'hand') return null;
  const usual = takenFiller(fillersForJoint(joint, pace.wireDiameterMm, 'none', house), null);
  return pace.filler ?? usual?.filler ?? null;
}

/** What is to be expected of it today. */
function forecastOf(content: CardContent, { machine, house, learn }: Omit<AnswerContext, 'cards'>) {
  const { joint, setting } = content;
  const dialled = coreSetting(setting);
  const wire = setting.pace.by === 'wire' ? setting.pace.wireDiameterMm : null;
  const plain = {
    ...coreJob(joint, wire, machine.profile, { kind: 'reach' }),
    ...{ practice: house.practice, losses: house.losses, saidIn: house.units },
  };
  const evidence = learn(plain, dialled, machine.id);
  const job = evidence === null ? plain : { ...plain, evidence };
  return { content, filler: fillerOf(content, house), job, forecast: forecastWeld(job, dialled) };
}

function namedCard(card: Card): NonNullable<WeldAnswer['card']> {
  const { version, content } = shownVersion(card);
  return { id: card.id, number: card.number, version, name: content.name };
}
