import { inMm, settingCompanions, type SettingCompanions } from '@lone-heron/core';
import type { CardContent } from '../card.js';
import type { HouseContent } from '../../house/house.js';
import type { Joint } from '../../joint/joint.js';
import type { Machine } from '../../machines/machine.js';
import type { Setting } from '../../joint/setting.js';
import { coreJob, coreSetting } from '../../joint/rules/toCore.js';

/** Where the drawer says nothing of a nozzle. */
const usualBoreMm = 6;
const usualGunAngleDeg = 45;

interface CardBeginning {
  readonly name: string;
  readonly machine: Machine;
  readonly joint: Joint;
  readonly setting: Setting;
  readonly house: Pick<HouseContent, 'nozzles' | 'acceptance' | 'practice'>;
}

/** A card to begin with: nozzle, focus, angle, gas times and ramps as Dial says them, the nozzle's bore from the drawer, the shop's first level. */
export function proposeCard({ name, machine, joint, setting, house }: CardBeginning): CardContent {
  const { pace } = setting;
  const job = coreJob(joint, pace.by === 'wire' ? pace.wireDiameterMm : null, machine.profile, {
    kind: 'reach',
  });
  const companions = settingCompanions({ ...job, practice: house.practice }, coreSetting(setting));
  const { shape, isGrooved } = companions.nozzle;
  const onHand = house.nozzles.find((each) => each.shape === shape && each.isGrooved === isGrooved);
  const [level] = house.acceptance;
  return {
    ...{ name, machineId: machine.id, joint, setting },
    nozzle: { shape, isGrooved, boreMm: onHand?.boreMm ?? usualBoreMm },
    focusMm: inMm(companions.focus.value),
    gunAngleDeg: usualGunAngleDeg,
    ...aroundLight(companions),
    ...{ notes: '', tags: [] },
    level: level ?? asksNothing,
  };
}

/** Gas and ramps around the light, in seconds. */
function aroundLight({ gasBefore, rampUp, rampDown, gasAfter }: SettingCompanions) {
  return {
    ...{ gasBeforeS: gasBefore.value, rampUpS: rampUp.value },
    ...{ rampDownS: rampDown.value, gasAfterS: gasAfter.value },
  };
}

/** A shop that took all its levels away: nothing is proven until a level is written. */
const asksNothing: CardContent['level'] = {
  name: 'Asks nothing',
  ...{ leastReach: null, mostUndercut: null, mostCrown: null, mostMisalignment: null },
  ...{ bendAngle: null, longestIndication: null, asksTight: false },
};
