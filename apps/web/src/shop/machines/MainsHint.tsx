import { useWatch } from 'react-hook-form';
import { readFigure, type MachineForm } from './machineForm.js';
import { mainsFigures, mainsInWords } from './mainsFigures.js';

/** The draw at full light, and the breaker to ask an electrician about. */
export function MainsHint() {
  const [mains, configured] = useWatch<MachineForm, ['mains', 'configuredPowerW']>({
    name: ['mains', 'configuredPowerW'],
  });
  const typed = {
    volts: readFigure(mains.volts),
    otherW: readFigure(mains.otherW),
    wallPlugPercent: readFigure(mains.wallPlugPercent),
    powerFactor: readFigure(mains.powerFactor),
  };
  const power = readFigure(configured);
  if (![power, ...Object.values(typed)].every((each) => Number.isFinite(each) && each >= 0)) return null;
  if (typed.volts === 0 || typed.wallPlugPercent === 0 || typed.powerFactor === 0) return null;
  return (
    <p className="text-sm" role="note">
      {mainsInWords(mainsFigures({ ...typed, phases: mains.phases === '3' ? 3 : 1 }, power))}
    </p>
  );
}
