import type { MachineProfile } from '@lone-heron/contract';
import { breakerToAskFor, fraction, mainsDraw, watt } from '@lone-heron/core';

/** What a machine draws at full light, and the breaker to ask about; null where none of the common ones carries it. */
export interface MainsFigures {
  readonly inputW: number;
  readonly amperes: number;
  readonly breakerA: number | null;
}

/** The draw of a machine at the power it is configured to. */
export function mainsFigures(
  mains: NonNullable<MachineProfile['mains']>,
  configuredPowerW: number,
): MainsFigures {
  const draw = mainsDraw({
    optical: watt(configuredPowerW),
    volts: mains.volts,
    phases: mains.phases,
    other: watt(mains.otherW),
    wallPlugEfficiency: fraction(mains.wallPlugPercent / 100),
    powerFactor: fraction(mains.powerFactor),
  });
  return { inputW: draw.input, amperes: draw.current, breakerA: breakerToAskFor(draw) };
}

/** The same in words, for an electrician. */
export function mainsInWords({ inputW, amperes, breakerA }: MainsFigures): string {
  const breaker = breakerA === null ? 'More than a common breaker carries' : `A breaker of ${breakerA} A`;
  return `At full light about ${Math.round(amperes)} A from the mains, ${Math.round(inputW)} W. ${breaker}: ask a licensed electrician.`;
}
