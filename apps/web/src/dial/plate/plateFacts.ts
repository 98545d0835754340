import { coreConditions, type HouseUnits } from '@lone-heron/contract';
import { fillerTable, gasTable, inMm, roundSeam, settingReasons, wobbleNames } from '@lone-heron/core';
import { nozzleWords } from '../../shared/vocabulary/nozzles.js';
import { figure } from '../../shared/figures/figures.js';
import { flowFigure, lengthFigure, travelFigure } from '../../shared/figures/houseUnits.js';
import type { DialOutcome } from '../dialOutcome.js';
import { spokenMass } from '../../shared/figures/spoken.js';

/** Something that is set or fitted beside the knobs, with why. */
export interface PlateFact {
  readonly name: string;
  readonly value: string;
  readonly why: string;
}

/** What else goes with a setting, in the order it is seen to: what is fitted, what is set, where it points. */
export function plateFacts(outcome: DialOutcome): readonly PlateFact[] {
  return [
    wobbleFact(outcome),
    ...travelFact(outcome),
    ...roundFact(outcome),
    gasFact(outcome),
    ...wireFact(outcome),
    nozzleFact(outcome),
    rampFact(outcome),
    focusFact(outcome),
    gunFact(outcome),
    ...aimFact(outcome),
    ...modulationFact(outcome),
  ];
}

function wobbleFact({ job, setting, suggestion }: DialOutcome): PlateFact {
  const { wobble } = setting;
  return {
    name: 'Wobble',
    value: wobble.shape === 'none' ? 'none' : wobbleNames[wobble.shape],
    why: settingReasons(job, suggestion).wobbleShape ?? 'nothing sweeps',
  };
}

function travelFact({ setting, forecast, house }: DialOutcome): readonly PlateFact[] {
  if (setting.pace.by === 'hand') return [];
  const value = travelFigure(forecast.travel * 1000, house.units);
  return [{ name: 'Travel', value, why: 'the wire carries the gun along at this pace' }];
}

/** A seam round a tube on turning rolls; by hand in quarters the lap is the same. Stitches close nothing. */
function roundFact({ said, job, forecast, house: { units } }: DialOutcome): readonly PlateFact[] {
  if (coreConditions(said.joint).run.kind === 'stitched') return [];
  const round = roundSeam(job.joint, forecast.travel, forecast.prediction.width);
  if (round === null) return [];
  const length = paced(inMm(round.length), units);
  const lap = paced(inMm(round.lap), units);
  return [
    {
      name: 'Rolls',
      value: `${figure(round.turnsPerMinute, 1)} turns/min`,
      why: `once round is ${length}, ${figure(round.lightOn, 0)} s of light with the lap: end ${lap} past the start and ramp out there, also by hand`,
    },
  ];
}

/** A length as a hand follows it: to a millimetre, or a twentieth of an inch. */
function paced(mm: number, units: HouseUnits): string {
  const step = units.length === 'in' ? 1.27 : 1;
  return lengthFigure(Math.round(mm / step) * step, units);
}

function gasFact({ gas, companions: { gasBefore, gasAfter }, house }: DialOutcome): PlateFact {
  return {
    name: 'Gas',
    value: `${gasTable[gas.gas].name} ${flowFigure(gas.flowLitresPerMinute, house.units)}`,
    why: `${gas.reason}; ${ms(gasBefore.value)} ms before the light and ${ms(gasAfter.value)} ms after: ${gasAfter.why}`,
  };
}

function wireFact({ filler }: DialOutcome): readonly PlateFact[] {
  if (filler === null) return [];
  const shelf =
    filler.onShelfKg > 0 ? `${spokenMass(filler.onShelfKg)} on the shelf` : 'none of it on the shelf';
  const value = fillerTable[filler.filler].name.replace(/ wire$/, '');
  return [{ name: 'Wire', value, why: `${filler.why}; ${shelf}` }];
}

function rampFact({ companions: { rampUp, rampDown } }: DialOutcome): PlateFact {
  return {
    name: 'Start, end',
    value: `${ms(rampUp.value)}, ${ms(rampDown.value)} ms`,
    why: `soft start: ${rampUp.why}; soft end: ${rampDown.why}`,
  };
}

function focusFact({ companions: { focus }, house }: DialOutcome): PlateFact {
  const above = `${lengthFigure(inMm(focus.value), house.units)} above`;
  return { name: 'Focus', value: focus.value === 0 ? 'at the surface' : above, why: focus.why };
}

/** The schools in a word; their whole text stays under Shop, so that the first screen does not carry all of them. */
const gunWords = {
  fortyFive: { value: 'about 45°', why: 'light that comes back misses the window' },
  lower: { value: 'below 45°', why: 'more depth from the same power, as the shop holds it' },
} as const;

function gunFact({ house }: DialOutcome): PlateFact {
  const { value, why } = gunWords[house.practice.gunAngle];
  return { name: 'Gun', value, why: `${why}; never square to the sheet` };
}

function aimFact({ companions: { aim }, house }: DialOutcome): readonly PlateFact[] {
  if (aim.offset === 0) return [];
  const size = lengthFigure(Math.abs(inMm(aim.offset)), house.units);
  return [{ name: 'Aim', value: `${size} on the ${aim.offset > 0 ? 'first' : 'second'}`, why: aim.why }];
}

/** Below full duty the frequency is left to the coupons; at full duty it says nothing. */
function modulationFact({ said, setting }: DialOutcome): readonly PlateFact[] {
  if (said.machine.profile.modulationHz === null || setting.duty === 1) return [];
  return [
    {
      name: 'Modulation',
      value: 'by your coupons',
      why: 'below full duty the schools disagree, and the computation takes no side: let a coupon decide',
    },
  ];
}

function ms(seconds: number): string {
  return figure(seconds * 1000, 0);
}

/** The nozzle that the joint asks, or that was said; whether one lies in the drawer. */
function nozzleFact({ companions, said, house, setting }: DialOutcome): PlateFact {
  const shape = said.nozzle ?? companions.nozzle.shape;
  const isGrooved = setting.pace.by === 'wire';
  const there = house.nozzles.filter(
    (each) => each.shape === shape && (each.isGrooved || !isGrooved) && each.count > 0,
  );
  const count = there.reduce((sum, each) => sum + each.count, 0);
  const drawer =
    house.nozzles.length === 0 ? '' : count > 0 ? `; ${count} in the drawer` : '; none in the drawer';
  const why = said.nozzle === null ? companions.nozzle.why : 'as it was said';
  return {
    name: 'Nozzle',
    value: `${nozzleWords[shape]}${isGrooved ? ', grooved' : ''}`,
    why: `${why}${drawer}`,
  };
}
