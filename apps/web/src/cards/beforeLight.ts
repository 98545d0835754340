import { coreConditions, coreJob, jointMetals, type CardContent, type Machine } from '@lone-heron/contract';
import {
  cautionsFor,
  preparation,
  type Caution,
  type Practice,
  type PreparationStep,
} from '@lone-heron/core';
import { shopUnits } from '../shared/figures/shopUnits.js';

/** What a card's joint asks before light as this shop does it, and what can hurt somebody at it. */
export function beforeLight(
  { joint, setting: { pace } }: Pick<CardContent, 'joint' | 'setting'>,
  { profile }: Machine,
  practice: Practice,
): { readonly steps: readonly PreparationStep[]; readonly cautions: readonly Caution[] } {
  const wireDiameterMm = pace.by === 'wire' ? pace.wireDiameterMm : null;
  const job = {
    ...coreJob(joint, wireDiameterMm, profile, { kind: 'reach' }),
    saidIn: shopUnits(),
    practice,
  };
  const conditions = coreConditions(joint);
  return {
    steps: preparation(job, conditions),
    cautions: cautionsFor(jointMetals(joint), job.joint, conditions),
  };
}
