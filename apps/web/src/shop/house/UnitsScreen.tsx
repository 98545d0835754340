import { houseStarts } from '@lone-heron/contract';
import { useState } from 'react';
import { SaveButton } from '../../shared/form/SaveButton.js';
import { Failure } from '../../shared/form/Failure.js';
import { Loading } from '../../shared/page/Loading.js';
import { TextField } from '../../shared/form/TextField.js';
import { figure } from '../../shared/figures/figures.js';
import { inSpoken } from '../../shared/figures/spoken.js';
import { ShopPage } from '../ShopPage.js';
import { AskLead } from './AskLead.js';
import { OwnSheetNote } from './OwnSheetNote.js';
import { useHouseSheet, type WrittenSheet } from './useHouseSheet.js';

const questions = {
  length: { title: 'Lengths', choices: ['mm', 'in'] },
  travel: { title: 'Travel', choices: ['mm/s', 'cm/min', 'in/min'] },
  gasFlow: { title: 'Gas flow', choices: ['L/min', 'CFH'] },
  pressure: { title: 'Pressure', choices: ['bar', 'psi'] },
  temperature: { title: 'Temperature', choices: ['°C', '°F'] },
  mass: { title: 'Wire by weight', choices: ['kg', 'lb'] },
} as const;
type UnitName = keyof typeof questions;

/** An everyday figure of ours, which is shown in each unit that is offered, so that one sees it before one picks it. */
const everyday: Readonly<Record<UnitName, { value: number; unit: string; decimals: number }>> = {
  length: { value: 1.5, unit: 'mm', decimals: 3 },
  travel: { value: 10, unit: 'mm/s', decimals: 1 },
  gasFlow: { value: 15, unit: 'L/min', decimals: 0 },
  pressure: { value: 150, unit: 'bar', decimals: 0 },
  temperature: { value: 22, unit: '°C', decimals: 1 },
  mass: { value: 5, unit: 'kg', decimals: 1 },
};

function example(name: UnitName, choice: string): string {
  const units = { ...houseStarts.units, [name]: choice };
  const { value, unit, decimals } = everyday[name];
  return `${figure(inSpoken(value, unit, units), decimals)} ${choice}`;
}

/** How the house says what it reads and writes; a machine's panel keeps its own. */
export function UnitsScreen() {
  const sheet = useHouseSheet('units');
  if (sheet === null) return <Loading what="the units" />;
  return (
    <ShopPage title="Units">
      <p className="max-w-3xl text-soft">
        What is typed is understood in any unit. Here is how it is said back; a machine’s panel keeps its own.
        A number without a unit means the one that its field shows.
      </p>
      <OwnSheetNote sheet={sheet} />
      {!sheet.mayChange && <AskLead what="the units" />}
      <Failure error={sheet.error} />
      <AllAtOnce sheet={sheet} />
      <div className="grid items-start gap-3 md:grid-cols-3">
        {(Object.keys(questions) as UnitName[]).map((name) => (
          <UnitChoice key={name} name={name} sheet={sheet} />
        ))}
        <Currency sheet={sheet} />
      </div>
    </ShopPage>
  );
}

const systems = [
  {
    name: 'All metric',
    units: { length: 'mm', travel: 'mm/s', gasFlow: 'L/min', pressure: 'bar', temperature: '°C', mass: 'kg' },
  },
  {
    name: 'All in inches',
    units: { length: 'in', travel: 'in/min', gasFlow: 'CFH', pressure: 'psi', temperature: '°F', mass: 'lb' },
  },
] as const;

/** The whole of one system at a press; money stays as it is. */
function AllAtOnce({ sheet }: { sheet: WrittenSheet<'units'> }) {
  return (
    <div className="flex flex-wrap gap-3">
      {systems.map(({ name, units }) => (
        <button
          key={name}
          type="button"
          className="btn touch-always"
          disabled={!sheet.mayChange || sheet.isSaving}
          onClick={() => void sheet.save({ ...sheet.content, ...units }, `${name}.`)}
        >
          {name}
        </button>
      ))}
    </div>
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

/** How the shop writes its money. */
function Currency({ sheet }: { sheet: WrittenSheet<'units'> }) {
  const [typed, setTyped] = useState(sheet.content.currency);
  const currency = typed.trim();
  const waitsFor = !sheet.mayChange
    ? 'A lead changes the units: sign in as one.'
    : currency === sheet.content.currency
      ? 'It is the same as before.'
      : null;
  return (
    <form
      className="sheet flex flex-col gap-2 p-4"
      onSubmit={(event) => {
        event.preventDefault();
        void sheet.save(
          { ...sheet.content, currency },
          currency === '' ? 'Money without a sign.' : `Money in ${currency}.`,
        );
      }}
    >
      <h2 className="text-lg font-semibold">Money</h2>
      <TextField label="Sign before a price, such as $ or CHF" text={typed} longest={6} onType={setTyped} />
      <SaveButton name="Save the sign" waitsFor={waitsFor} isSaving={sheet.isSaving} />
    </form>
  );
}
