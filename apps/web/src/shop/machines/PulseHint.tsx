import { hertz, inMm, inMmPerSecond, mm, pulsedSeam, second, travelForOverlap, watt } from '@lone-heron/core';
import { useWatch } from 'react-hook-form';
import { figure } from '../../shared/figures/figures.js';
import { spokenTravel } from '../../shared/figures/spoken.js';
import { readFigure, type MachineForm } from './machineForm.js';

/** A tight seam: each spot covers so much of the last. */
const overlap = 0.75;

/** What the lamp's largest pulses do: energy, mean power, and the travel at which their spots overlap. */
export function PulseHint() {
  const [lamp, spotTyped] = useWatch<MachineForm, ['lamp', 'spotMm']>({ name: ['lamp', 'spotMm'] });
  const figures = [lamp.peakPowerW, lamp.pulseWidthMs.most, lamp.pulseRateHz.most, spotTyped].map(readFigure);
  if (!figures.every((each) => Number.isFinite(each) && each > 0)) return null;
  const [peak, widthMs, rate, spotMm] = figures as [number, number, number, number];
  if ((widthMs / 1000) * rate >= 1) {
    return (
      <p className="fault text-sm" role="note">
        Pulses of {figure(widthMs, 2)} ms at {figure(rate, 1)} Hz would run into one another: no lamp gives
        both at once.
      </p>
    );
  }
  const pulses = { peak: watt(peak), width: second(widthMs / 1000), rate: hertz(rate) };
  const travel = travelForOverlap(pulses, mm(spotMm), overlap);
  const seam = pulsedSeam(pulses, mm(spotMm), travel);
  return (
    <p className="text-sm" role="note">
      At the most of each: <strong>{figure(seam.pulseEnergy, 1)} J</strong> a pulse,{' '}
      {figure(seam.meanPower, 0)} W on average; spots cover three quarters of one another at{' '}
      <strong>{spokenTravel(inMmPerSecond(travel))}</strong>, {figure(inMm(seam.advance), 2)} mm apart.
    </p>
  );
}
