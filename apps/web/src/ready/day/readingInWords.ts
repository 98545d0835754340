import type { StepReading } from '@lone-heron/contract';
import { spokenFlow, spokenLength } from '../../shared/figures/spoken.js';
import { figure } from '../../shared/figures/figures.js';

/** The values that were read at a step; empty for a plain check. */
export function readingInWords(reading: StepReading): string {
  switch (reading.reads) {
    case 'none':
      return '';
    case 'coolant':
      return `${figure(reading.coolantC, 1)} °C`;
    case 'room':
      return `${figure(reading.roomC, 1)} °C, ${figure(reading.humidityPercent, 0)} %`;
    case 'bottle':
      return `${figure(reading.bottleBar, 0)} bar`;
    case 'flow':
      return `${spokenFlow(reading.flowLMin)}, ${figure(reading.torchBar, 2)} bar, ${spokenLength(reading.boreMm)} bore`;
  }
}
