import { modeUse, type HandMode, type HouseContent } from '@lone-heron/contract';
import { percentFigure, figure } from '../../shared/figures/figures.js';
import { spokenFigure, spokenFlow, spokenLength, spokenTravel } from '../../shared/figures/spoken.js';
import { spokenMoney } from '../../shared/figures/spokenMoney.js';
import { spokenRise } from '../../shared/figures/spokenStates.js';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import type { ModeFigures } from './modeFigures.js';
import type { ModeAnswer } from './useModeDial.js';

/** One figure that goes with a setting. */
export interface ModeFact {
  readonly name: string;
  readonly value: string;
}

type FactsOf = {
  readonly [Mode in HandMode]: (answer: ModeAnswer<Mode>, figures: ModeFigures[Mode]) => readonly ModeFact[];
};

/** What each mode tells beside its knobs. */
export const modeFacts: FactsOf = {
  clean: ({ setting }, { fluence, rowsOverOnePlace, areaRate, sheetRise, riseLimit, lanes }) => [
    { name: 'Area', value: areaPerMinute(areaRate) },
    { name: 'Sheet warms by', value: `${spokenRise(sheetRise)} of ${spokenRise(riseLimit)}` },
    { name: 'Sweeps over a place', value: figure(rowsOverOnePlace * setting.passes, 0) },
    { name: 'Light in a sweep', value: `${figure(fluence / 1e4, 1)} J/cm²` },
    ...(lanes > 1 ? [{ name: 'Side by side', value: `${lanes} lanes` }] : []),
  ],
  cut: (_, { kerf, limit, flow, behind }) => [
    { name: 'Kerf about', value: spokenLength(kerf * 1000) },
    { name: 'Lost from about', value: spokenTravel(limit.middle * 1000) },
    { name: 'Bore passes', value: spokenFlow(flow * 60_000) },
    { name: 'Light behind', value: `up to ${figure(behind, 0)} W` },
  ],
  spot: (_, figures) => pulseFacts(figures),
  seam: (_, figures) => [
    { name: 'Sealed', value: spokenLength(figures.holdsMm) },
    { name: 'Overlap', value: percentFigure(Math.max(figures.overlap ?? 0, 0)) },
    ...pulseFacts(figures),
  ],
};

function pulseFacts({
  depthMm,
  widthMm,
  energy,
  meanPower,
  warmth,
}: ModeFigures['spot']): readonly ModeFact[] {
  return [
    { name: 'Melts deep', value: spokenLength(depthMm) },
    { name: 'Melts wide', value: spokenLength(widthMm) },
    { name: 'Energy', value: `${figure(energy, 1)} J` },
    { name: 'Mean power', value: `${figure(meanPower, 0)} W` },
    ...(warmth > 0 ? [{ name: 'Warm from before', value: spokenRise(warmth) }] : []),
  ];
}

function areaPerMinute(areaRate: number): string {
  return shopUnits().length === 'in'
    ? `${figure(areaRate * 60 * 1550, 0)} in²/min`
    : `${figure(areaRate * 60 * 1e4, 0)} cm²/min`;
}

/** Time, money and glass of the work, once. */
export function useFacts<Mode extends HandMode>(
  { work, setting, shop }: ModeAnswer<Mode>,
  house: Pick<HouseContent, 'prices' | 'jobRates'>,
): readonly ModeFact[] {
  const taken = modeUse(work, setting, shop.machine, house);
  if (taken === null) return [];
  const { lightOnS, handsS, cost, use } = taken;
  return [
    // What a spot counts for the glass is its pulse's energy, not so many seconds of light.
    ...(work.mode === 'spot'
      ? []
      : [
          { name: 'Light on', value: timeInWords(lightOnS) },
          { name: 'Hands, about', value: timeInWords(handsS) },
        ]),
    ...(cost.total > 0 && work.mode !== 'spot'
      ? [{ name: 'Costs about', value: spokenMoney(cost.total) }]
      : []),
    { name: 'Of a window’s life', value: percentFigure(use.windowShare) },
  ];
}

function timeInWords(seconds: number): string {
  if (seconds < 60) return `${figure(seconds, seconds < 10 ? 1 : 0)} s`;
  return spokenFigure(seconds / 60, 'min', 1);
}
