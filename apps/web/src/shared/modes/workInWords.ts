import type { ModeSetting, ModeWork, WorkOf } from '@lone-heron/contract';
import { coatTable } from '@lone-heron/core';
import { figure } from '../figures/figures.js';
import { spokenLength, spokenTravel } from '../figures/spoken.js';
import { spokenPressure } from '../figures/spokenStates.js';
import { metalName } from '../vocabulary/metalNames.js';
import { modeSpeech } from './modeWords.js';

export const cleanAimWords: Readonly<Record<WorkOf<'clean'>['aim'], string>> = {
  bare: 'bare and unmarked',
  quick: 'bare as quickly as can be',
  tint: 'rid of the coat alone, with the least light',
};
export const cleanPlaceWords: Readonly<Record<WorkOf<'clean'>['place'], string>> = {
  face: 'on a face',
  beside: 'beside a seam',
  behind: 'behind a seam',
};
export const cutAimWords: Readonly<Record<WorkOf<'cut'>['aim'], string>> = {
  clean: 'the least dross',
  quick: 'the least time',
  cool: 'the least heat',
};
export const cutGasWords: Readonly<Record<WorkOf<'cut'>['gas'], string>> = {
  air: 'dry air',
  nitrogen: 'nitrogen',
  argon: 'argon',
};
export const cutLineWords: Readonly<Record<WorkOf<'cut'>['line'], string>> = {
  straight: 'straight',
  round: 'round',
};

/** Work in one line: "Cut low-carbon steel 1.5 mm, straight, dry air 8 bar through 1.2 mm". */
export function workInWords(work: ModeWork): string {
  const of = `${modeSpeech[work.mode].verb} ${metalName(work.metal)} ${spokenLength(work.thicknessMm)}`;
  switch (work.mode) {
    case 'clean':
      return `${of}, ${coatTable[work.coat].said} ${cleanPlaceWords[work.place]}, ${spokenLength(work.widthMm)} wide`;
    case 'cut':
      return `${of}, ${cutLineWords[work.line]}, ${cutGasWords[work.gas]} ${spokenPressure(work.pressureBar)} through ${spokenLength(work.boreMm)}`;
    case 'spot':
      return `${of} onto ${spokenLength(work.underMm)}, ${spokenLength(work.wantedMm)} deep`;
    case 'seam':
      return `${of} edge to edge, sealed ${spokenLength(work.wantedMm)} deep`;
  }
}

/** A setting of a mode in one line, in physical units. */
export function modeSettingInWords(setting: ModeSetting): string {
  switch (setting.mode) {
    case 'clean': {
      const { shape, widthMm, rateHz, passes, paceMmS } = setting;
      const gone = passes === 1 ? 'one pass' : `${passes} passes`;
      return `${lightInWords(setting)}, ${shape} ${spokenLength(widthMm)} at ${figure(rateHz, 0)} Hz, ${gone} at ${spokenTravel(paceMmS)}`;
    }
    case 'cut': {
      const { paceMmS, focusMm, standoffMm } = setting;
      return `${lightInWords(setting)}, ${spokenTravel(paceMmS)}, focus ${focusInWords(focusMm)}, ${spokenLength(standoffMm)} off`;
    }
    case 'spot':
      return pulsesInWords(setting);
    case 'seam':
      return `${pulsesInWords(setting)}, ${spokenTravel(setting.paceMmS)}`;
  }
}

/** Where the focus lies: "on the face", "0.5 mm down". */
function focusInWords(focusMm: number): string {
  if (focusMm === 0) return 'on the face';
  return `${spokenLength(Math.abs(focusMm))} ${focusMm > 0 ? 'down' : 'above it'}`;
}

function lightInWords({ powerW, dutyPercent, pulseHz }: Extract<ModeSetting, { powerW: number }>): string {
  const power = `${figure(powerW, 0)} W`;
  return pulseHz === null ? power : `${power} at ${figure(dutyPercent, 0)} %, ${figure(pulseHz, 0)} Hz`;
}

function pulsesInWords(setting: Extract<ModeSetting, { currentA: number }>): string {
  const { currentA, pulseMs, rateHz, spotMm } = setting;
  return `${figure(currentA, 0)} A, ${figure(pulseMs, 1)} ms, ${figure(rateHz, 1)} Hz, spot ${spokenLength(spotMm)}`;
}
