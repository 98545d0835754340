import { cutGases, sweepShapes } from '@lone-heron/core';
import { useFormContext } from 'react-hook-form';
import { cutGasWords } from '../../shared/modes/workInWords.js';
import { NumberField, SelectField, TextField } from '../FormFields.js';
import type { MachineForm } from './machineForm.js';
import { FieldFault, KnownPart, Reach } from './MachinePart.js';

const fittingWords = { head: 'a cleaning head', lens: 'a cleaning lens', none: 'nothing' };
const shapeWords = { line: 'to and fro', circle: 'in circles' };

/** What a machine cleans with. */
export function CleaningPart() {
  return (
    <KnownPart
      title="Cleaning"
      help="Its own head or lens sweeps wider than welding does. Power, duty and modulation are those above."
      path="canClean"
      label="It cleans"
    >
      <SelectField
        path="cleaning.fitting"
        label="Swapped before it cleans"
        choices={['head', 'lens', 'none']}
        words={fittingWords}
      />
      <NumberField path="cleaning.spotMm" label="Spot while cleaning" unit="mm" />
      <Reach of="cleaning.widthMm" name="Sweep" unit="mm" />
      <Reach of="cleaning.rateHz" name="Sweeps" unit="Hz" />
      <Choices path="cleaning.shapes" name="Shapes of the sweep" choices={sweepShapes} words={shapeWords} />
    </KnownPart>
  );
}

/** What a machine cuts with. */
export function CuttingPart() {
  return (
    <KnownPart
      title="Cutting"
      help="The bores there are, the pressure its head bears, and what the compressor gives: a bore that passes more starves itself."
      path="canCut"
      label="It cuts"
    >
      <TextField path="cutting.boresMm" label="Bores of its cutting nozzles, mm, with ; between" />
      <NumberField path="cutting.mostBar" label="Pressure of the head, most" unit="bar" />
      <NumberField path="cutting.airLMin" label="Compressor gives, if known" unit="L/min" />
      <Choices path="cutting.gases" name="Gases" choices={cutGases} words={cutGasWords} />
    </KnownPart>
  );
}

interface ChoicesProps<Value extends string> {
  path: 'cleaning.shapes' | 'cutting.gases';
  name: string;
  choices: readonly Value[];
  words: Readonly<Record<Value, string>>;
}

/** Several of a few. */
function Choices<Value extends string>({ path, name, choices, words }: ChoicesProps<Value>) {
  const { register } = useFormContext<MachineForm>();
  return (
    <div role="group" aria-label={name}>
      <span className="text-sm font-medium" aria-hidden="true">
        {name}
      </span>
      <div className="flex flex-wrap gap-x-5">
        {choices.map((choice) => (
          <label key={choice} className="touch-always flex items-center gap-2">
            <input type="checkbox" className="checkbox" value={choice} {...register(path)} />
            {words[choice]}
          </label>
        ))}
      </div>
      <FieldFault path={path} />
    </div>
  );
}
