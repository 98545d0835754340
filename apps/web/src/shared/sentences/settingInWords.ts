import { plainConditions, type Joint, type Setting } from '@lone-heron/contract';
import { backingTable, gasTable, positionTable, seamRow, surfaceTable, wobbleNames } from '@lone-heron/core';
import { figure } from '../figures/figures.js';
import { travelFigure } from '../figures/houseUnits.js';
import { shopUnits } from '../figures/shopUnits.js';
import { spokenFlow, spokenLength, spokenTravel } from '../figures/spoken.js';
import { metalName } from '../vocabulary/metalNames.js';
import { wireInWords } from './wireInWords.js';

/** A joint in one line, with what is out of the ordinary about it: "304 stainless 1.5 mm butt, gap 0.1 mm, overhead". */
export function jointInWords(joint: Joint): string {
  const { metal, secondMetal, kind, firstThicknessMm, secondThicknessMm, gapMm } = joint;
  const thickness =
    firstThicknessMm === secondThicknessMm
      ? spokenLength(firstThicknessMm)
      : `${spokenLength(firstThicknessMm)} to ${spokenLength(secondThicknessMm)}`;
  const metals =
    secondMetal === undefined || secondMetal === metal
      ? metalName(metal)
      : `${metalName(metal)} to ${metalName(secondMetal)}`;
  const tack = joint.tack === undefined ? '' : ' tack';
  return `${metals} ${thickness} ${seamRow(kind).short}${tack}, gap ${spokenLength(gapMm)}${unusualOf(joint)}`;
}

/** Position, backing, surface and stitches where they are not the plain ones. */
function unusualOf({ conditions = plainConditions }: Joint): string {
  const { position, backing, surface, stitches, freeEdgeMm } = conditions;
  const said = [
    ...(position === plainConditions.position ? [] : [positionTable[position].said]),
    ...(backing === plainConditions.backing ? [] : [backingTable[backing].said]),
    ...(surface === plainConditions.surface ? [] : [surfaceTable[surface].said]),
    ...(freeEdgeMm === undefined ? [] : [`free edges ${spokenLength(freeEdgeMm)} away`]),
    ...(stitches === null
      ? []
      : [`stitches of ${spokenLength(stitches.lengthMm)} every ${spokenLength(stitches.pitchMm)}`]),
  ];
  return said.map((each) => `, ${each}`).join('');
}

/** A setting in one line, in physical units. */
export function dialledInWords({ powerW, wobble, pace, gas, gasFlowLMin }: Setting): string {
  const sweep =
    wobble.shape === 'none'
      ? 'no wobble'
      : `${wobbleNames[wobble.shape]} ${spokenLength(wobble.widthMm)} at ${figure(wobble.frequencyHz, 0)} Hz`;
  const speed =
    pace.by === 'hand'
      ? `${spokenTravel(pace.travelMmS)} by hand`
      : `${wireInWords(pace.wireDiameterMm)} wire at ${wireSpeed(pace.wireSpeedMmS)}`;
  return `${figure(powerW, 0)} W, ${sweep}, ${speed}, ${gasTable[gas].short} ${spokenFlow(gasFlowLMin)}`;
}

/** A wire's speed: cm/min where lengths are in mm, in/min where they are in inches. */
function wireSpeed(mmS: number): string {
  return travelFigure(mmS, { travel: shopUnits().length === 'mm' ? 'cm/min' : 'in/min' });
}

/** Joint and setting in one line. */
export function settingInWords(joint: Joint, setting: Setting): string {
  return `${jointInWords(joint)} · ${dialledInWords(setting)}`;
}
