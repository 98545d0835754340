import { bottleRanges } from '@lone-heron/contract';
import {
  barGauge,
  cubicFootLitres,
  litre,
  psiBar,
  waterVolumeFor,
  type AllowedRange,
} from '@lone-heron/core';
import { figure } from '../../shared/figures/figures.js';
import { spokenPressure } from '../../shared/figures/spokenStates.js';
import { shopUnits } from '../../shared/figures/shopUnits.js';

/** How a shop says how large a bottle is. */
interface BottleSize {
  readonly label: string;
  /** Litres of water that one of its unit is. */
  readonly litres: number;
  readonly range: AllowedRange;
}

/** What bottles that are sold by the cubic foot are taken to be filled to, psi: the usual size is stated so. */
const filledToPsi = 2200;

const byWater: BottleSize = { label: 'Size, as water', litres: 1, range: bottleRanges.litres };

const byGas = (): BottleSize => {
  const litres = waterVolumeFor(litre(cubicFootLitres), barGauge(filledToPsi * psiBar)) * 1000;
  const { min, max, ...range } = bottleRanges.litres;
  return {
    label: `Gas when full, at ${spokenPressure(filledToPsi * psiBar)}`,
    litres,
    range: { ...range, min: Math.ceil(min / litres), max: Math.floor(max / litres), unit: 'ft³' },
  };
};

/** By the water it would hold; where gas flows in CFH by the gas it holds when full, as it is sold there. */
export function bottleSize(): BottleSize {
  return shopUnits().gasFlow === 'CFH' ? byGas() : byWater;
}

/** The size of a bottle as the shop types it. */
export function typedSize(litres: number): string {
  return figure(litres / bottleSize().litres, bottleSize().litres === 1 ? 2 : 0);
}

/** The size of a bottle with its unit: "50 L", "125 ft³". */
export function spokenSize(litres: number): string {
  return `${figure(litres / bottleSize().litres, 0)} ${bottleSize().range.unit}`;
}
