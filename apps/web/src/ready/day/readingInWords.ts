import type { StepReading } from '@lone-heron/contract';
import { spokenFigure, spokenFlow, spokenLength } from '../../shared/figures/spoken.js';
import { spokenLowPressure, spokenTemperature } from '../../shared/figures/spokenStates.js';
import { figure } from '../../shared/figures/figures.js';

/** The values that were read at a step; empty for a plain check. */
export function readingInWords(reading: StepReading): string {
  switch (reading.reads) {
    case 'none':
      return '';
    case 'coolant':
      return spokenTemperature(reading.coolantC);
    case 'room':
      return `${spokenTemperature(reading.roomC)}, ${figure(reading.humidityPercent, 0)} %`;
    case 'bottle':
      return spokenFigure(reading.bottleBar, 'bar', 0);
    case 'flow':
      return `${spokenFlow(reading.flowLMin)}, ${spokenLowPressure(reading.torchBar)}, ${spokenLength(reading.boreMm)} bore`;
  }
}
