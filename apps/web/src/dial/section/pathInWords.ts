import { advancePerCycle, inMm, sweepsOverOnePlace } from '@lone-heron/core';
import { lengthFigure } from '../../shared/figures/houseUnits.js';
import type { DialOutcome } from '../dialOutcome.js';

/** The path from above for those who cannot see it, and for everybody what matters of it. */
export function pathInWords({ setting, forecast, job, house }: DialOutcome): string {
  const { units } = house;
  const spot = lengthFigure(inMm(job.machine.spot), units);
  const advance = advancePerCycle(setting.wobble, forecast.travel);
  const sweeps = sweepsOverOnePlace(setting.wobble, forecast.travel, job.machine.spot);
  if (advance === null || sweeps === null) return `a straight line, spot ${spot}`;
  const verdict = sweeps >= 1 ? 'sweeps overlap' : 'sweeps lie apart';
  return `${lengthFigure(inMm(advance), units)} forward a cycle, spot ${spot}: ${verdict}`;
}
