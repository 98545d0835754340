import type { HouseUnits } from '@lone-heron/contract';
import { Failure } from '../../shared/form/Failure.js';
import { Loading } from '../../shared/page/Loading.js';
import { flowFigure, lengthFigure, travelFigure } from '../../shared/figures/houseUnits.js';
import { ShopPage } from '../ShopPage.js';
import { AskLead } from './AskLead.js';
import { useHouseSheet, type WrittenSheet } from './useHouseSheet.js';

const questions = {
  length: { title: 'Lengths', choices: ['mm', 'in'] },
  travel: { title: 'Travel', choices: ['mm/s', 'cm/min', 'in/min'] },
  gasFlow: { title: 'Gas flow', choices: ['L/min', 'CFH'] },
} as const;
type UnitName = keyof typeof questions;

/** An everyday figure in the unit that is offered, so that one sees it before one picks it. */
function example(name: UnitName, unit: string): string {
  const units = { length: unit, travel: unit, gasFlow: unit } as unknown as HouseUnits;
  if (name === 'length') return lengthFigure(1.5, units);
  return name === 'travel' ? travelFigure(10, units) : flowFigure(15, units);
}

/** How the house says what it reads and writes; a machine's panel keeps its own. */
export function UnitsScreen() {
  const sheet = useHouseSheet('units');
  if (sheet === null) return <Loading what="the units" />;
  return (
    <ShopPage title="Units">
      <p className="max-w-3xl text-soft">
        What is typed is understood in any unit. Here is how it is said back; a machine’s panel keeps its own.
        In a house that says inches a number without a unit means inches.
      </p>
      {!sheet.mayChange && <AskLead what="the units" />}
      <Failure error={sheet.error} />
      <div className="grid items-start gap-3 md:grid-cols-3">
        {(Object.keys(questions) as UnitName[]).map((name) => (
          <UnitChoice key={name} name={name} sheet={sheet} />
        ))}
      </div>
    </ShopPage>
  );
}

function UnitChoice({ name, sheet }: { name: UnitName; sheet: WrittenSheet<'units'> }) {
  const { title, choices } = questions[name];
  return (
    <fieldset className="sheet p-4" disabled={!sheet.mayChange || sheet.isSaving}>
      <legend className="float-left mb-1 w-full text-lg font-semibold">{title}</legend>
      <div className="clear-both flex flex-col">
        {choices.map((unit) => (
          <label key={unit} className="touch-always flex cursor-pointer items-center gap-3">
            <input
              type="radio"
              className="radio"
              name={name}
              checked={sheet.content[name] === unit}
              onChange={() => void sheet.save({ ...sheet.content, [name]: unit }, `${title} in ${unit}.`)}
            />
            <span className="font-medium">{unit}</span>
            <span className="figure ml-auto text-soft">{example(name, unit)}</span>
          </label>
        ))}
      </div>
    </fieldset>
  );
}
