import { inMm, mm, spotAtFocus } from '@lone-heron/core';
import { useFormContext, useWatch } from 'react-hook-form';
import { figure } from '../../shared/figures/figures.js';
import { readFigure, type MachineForm } from './machineForm.js';

/** The spot that fibre and lenses make, offered where it is not the one that is typed. */
export function SpotHint() {
  const { setValue } = useFormContext<MachineForm>();
  const [optics, typed] = useWatch<MachineForm, ['optics', 'spotMm']>({ name: ['optics', 'spotMm'] });
  const [core, collimator, lens] = [optics.fibreCoreMm, optics.collimatorMm, optics.focusLensMm].map(
    readFigure,
  );
  if (core === undefined || collimator === undefined || lens === undefined) return null;
  if (!(core > 0 && collimator >= 10 && collimator <= 500 && lens > 0)) return null;
  const spot = inMm(
    spotAtFocus({ fibreCore: mm(core), collimator: mm(collimator), focusLens: mm(lens), beamQuality: 1 }),
  );
  const words = `Fibre x lens over collimator makes a spot of ${figure(spot, 3)} mm`;
  if (Math.abs(readFigure(typed) / spot - 1) < 0.01)
    return <p className="text-sm text-soft">{words}, as it says.</p>;
  return (
    <p className="flex flex-wrap items-center gap-3 text-sm">
      {words}.
      <button
        type="button"
        className="btn touch-always"
        onClick={() => setValue('spotMm', figure(spot, 3), { shouldDirty: true, shouldValidate: true })}
      >
        Use {figure(spot, 3)} mm
      </button>
    </p>
  );
}
