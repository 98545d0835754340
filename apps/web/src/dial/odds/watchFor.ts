import {
  finishNotes,
  gasTable,
  partCounted,
  settingWarnings,
  type GasOnJoint,
  type WeldConsequences,
} from '@lone-heron/core';
import { sentenceStart } from '../../shared/sentences/sentenceStart.js';
import type { DialOutcome } from '../dialOutcome.js';

/** What to watch with the setting as it stands, most pressing first; empty when there is nothing. */
export function watchFor({
  job,
  setting,
  forecast,
  said,
  consequences,
  gas,
}: DialOutcome): readonly string[] {
  return [
    ...settingWarnings(job, setting, forecast),
    ...finishNotes(said.limit, job, consequences),
    ...gasWarnings(gas),
    ...zincWarnings(consequences),
    ...partCounted(job, setting, forecast),
  ];
}

function gasWarnings({ gas, refused }: GasOnJoint): readonly string[] {
  return refused === null ? [] : [`${sentenceStart(gasTable[gas].short)} spoils this metal: ${refused}.`];
}

/** Where zinc boils off: how much, and what to do about it. */
function zincWarnings({ zincFume }: WeldConsequences): readonly string[] {
  if (zincFume <= 0) return [];
  return [
    `Zinc boils off, about ${(zincFume * 1000).toFixed(1)} g a metre: extract at the joint and wear a respirator, or grind the coat back first. Metal fume fever comes hours later.`,
  ];
}
