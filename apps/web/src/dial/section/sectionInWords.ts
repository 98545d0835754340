import { expectedDepth, inMm, seamRow } from '@lone-heron/core';
import { lengthFigure, lengthRange } from '../../shared/figures/houseUnits.js';
import type { DialOutcome } from '../dialOutcome.js';

/** The section for those who cannot see it. */
export function sectionInWords({ said, forecast, house, companions }: DialOutcome): string {
  const { units } = house;
  const { kind, firstThicknessMm, secondThicknessMm, gapMm } = said.joint;
  const depth = inMm(expectedDepth(forecast));
  const band = lengthRange(depth * Math.exp(-forecast.spread), depth * Math.exp(forecast.spread), units);
  const sheets = `${lengthFigure(firstThicknessMm, units)} to ${lengthFigure(secondThicknessMm, units)}`;
  const width = lengthFigure(inMm(forecast.prediction.width), units);
  const aim = companions.aim.offset === 0 ? '' : ` The beam aims ${companions.aim.why}.`;
  return (
    `Section to scale: ${sheets} ${seamRow(kind).short}, gap ${lengthFigure(gapMm, units)}. ` +
    `The melt is ${width} wide and ${lengthFigure(depth, units)} deep, between ${band} two times in three.${aim}`
  );
}
