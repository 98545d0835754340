import type { Joint, Setting } from '@lone-heron/contract';
import { gasTable, seamRow, wobbleNames } from '@lone-heron/core';
import { figure, mmFigure } from '../figures/figures.js';
import { metalName } from '../vocabulary/metalNames.js';
import { wireInWords } from './wireInWords.js';

/** A joint in one line: "304 stainless 1.5 mm butt, gap 0.1 mm". */
export function jointInWords(joint: Joint): string {
  const { metal, secondMetal, kind, firstThicknessMm, secondThicknessMm, gapMm } = joint;
  const thickness =
    firstThicknessMm === secondThicknessMm
      ? mmFigure(firstThicknessMm)
      : `${mmFigure(firstThicknessMm)} to ${mmFigure(secondThicknessMm)}`;
  const metals =
    secondMetal === undefined || secondMetal === metal
      ? metalName(metal)
      : `${metalName(metal)} to ${metalName(secondMetal)}`;
  const tack = joint.tack === undefined ? '' : ' tack';
  return `${metals} ${thickness} ${seamRow(kind).short}${tack}, gap ${mmFigure(gapMm)}`;
}

/** A setting in one line, in physical units. */
export function dialledInWords({ powerW, wobble, pace, gas, gasFlowLMin }: Setting): string {
  const sweep =
    wobble.shape === 'none'
      ? 'no wobble'
      : `${wobbleNames[wobble.shape]} ${mmFigure(wobble.widthMm)} at ${figure(wobble.frequencyHz, 0)} Hz`;
  const speed =
    pace.by === 'hand'
      ? `${figure(pace.travelMmS, 1)} mm/s by hand`
      : `${wireInWords(pace.wireDiameterMm)} wire at ${figure(pace.wireSpeedMmS * 6, 0)} cm/min`;
  return `${figure(powerW, 0)} W, ${sweep}, ${speed}, ${gasTable[gas].short} ${figure(gasFlowLMin, 0)} L/min`;
}

/** Joint and setting in one line. */
export function settingInWords(joint: Joint, setting: Setting): string {
  return `${jointInWords(joint)} · ${dialledInWords(setting)}`;
}
