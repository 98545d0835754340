import type { CardContent, HouseUnits } from '@lone-heron/contract';
import { nozzleInWords } from '../shared/sentences/nozzleInWords.js';
import { fillerTable, gasTable, wobbleNames } from '@lone-heron/core';
import { flowFigure } from '../shared/figures/houseUnits.js';
import { aroundLightInWords, focusInWords, gunInWords } from './cardWords.js';
import { wireInWords as wireNamed } from '../shared/sentences/wireInWords.js';

/** What is fitted and how the gun is held, beside the numbers of the panel. */
export function cardFacts(
  content: CardContent,
  units: HouseUnits,
): readonly (readonly [name: string, value: string])[] {
  const { setting, nozzle, focusMm, gunAngleDeg, notes, tags } = content;
  const aroundLight = aroundLightInWords(content);
  const { wobble, pace, gas, gasFlowLMin } = setting;
  return [
    ['Wobble', wobble.shape === 'none' ? 'none' : wobbleNames[wobble.shape]],
    ...(pace.by === 'wire' ? [['Wire fed', wireInWords(pace)] as const] : []),
    ['Gas', `${gasTable[gas].name}, ${flowFigure(gasFlowLMin, units)}`],
    ['Nozzle', nozzleInWords(nozzle)],
    ['Focus', focusInWords(focusMm)],
    ['Gun', gunInWords(gunAngleDeg)],
    ...(aroundLight === null ? [] : [['Around the light', aroundLight] as const]),
    ...(notes === '' ? [] : [['Technique', notes] as const]),
    ...(tags.length === 0 ? [] : [['Tags', tags.join(', ')] as const]),
  ];
}

function wireInWords({
  wireDiameterMm,
  filler,
}: Extract<CardContent['setting']['pace'], { by: 'wire' }>): string {
  return `${wireNamed(wireDiameterMm)}${filler === undefined ? '' : ` ${fillerTable[filler].name}`}`;
}
