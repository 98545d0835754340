import { breakerToAskFor, fraction, mainsDraw, watt } from '@lone-heron/core';
import { useWatch } from 'react-hook-form';
import { readFigure, type MachineForm } from './machineForm.js';

/** The draw at full light, and the breaker to ask an electrician about. */
export function MainsHint() {
  const [mains, configured] = useWatch<MachineForm, ['mains', 'configuredPowerW']>({
    name: ['mains', 'configuredPowerW'],
  });
  const figures = [configured, mains.volts, mains.otherW, mains.wallPlugPercent, mains.powerFactor].map(
    readFigure,
  );
  if (!figures.every((each) => Number.isFinite(each) && each >= 0)) return null;
  const [optical, volts, other, efficiency, powerFactor] = figures as [
    number,
    number,
    number,
    number,
    number,
  ];
  if (volts === 0 || efficiency === 0 || powerFactor === 0) return null;
  const draw = mainsDraw({
    optical: watt(optical),
    wallPlugEfficiency: fraction(efficiency / 100),
    other: watt(other),
    volts,
    phases: mains.phases === '3' ? 3 : 1,
    powerFactor: fraction(powerFactor),
  });
  const breaker = breakerToAskFor(draw);
  return (
    <p className="text-sm" role="note">
      At full light about <strong>{Math.round(draw.current)} A</strong> from the mains,{' '}
      {Math.round(draw.input)} W.{' '}
      {breaker === null ? 'More than a common breaker carries' : `A breaker of ${breaker} A`}: ask a licensed
      electrician.
    </p>
  );
}
