import {
  backLooks,
  couponGroupings,
  type CouponGrouping,
  type Machine,
  type Person,
  type Workshop,
} from '@lone-heron/contract';
import { Modal } from '../../shared/page/Modal.js';
import { seamKinds, seamRow } from '@lone-heron/core';
import { Columns3, Search, SlidersHorizontal } from 'lucide-react';
import { useState } from 'react';
import { lookWords } from '../../shared/vocabulary/looks.js';
import { metalChoices } from '../../shared/vocabulary/metalNames.js';
import { columnHeads } from './couponColumns.js';
import { listColumns, type ListAddress, type ListColumn } from './listAddress.js';

interface ListFiltersProps {
  address: ListAddress;
  machines: readonly Machine[];
  people: readonly Person[];
  workshops: readonly Workshop[];
  /** Writes a word of the address; empty takes it out. */
  onChoose: (name: string, value: string) => void;
}

const groupWords: Readonly<Record<CouponGrouping, string>> = {
  machineId: 'machine',
  metal: 'metal',
  kind: 'joint',
  personId: 'person',
  back: 'back',
};

/** What the list is narrowed by, gathered under, and which columns it has. */
export function ListFilters({ address, machines, people, workshops, onChoose }: ListFiltersProps) {
  const { query, group, hidden } = address;
  const [isOpen, setOpen] = useState(false);
  return (
    <div className="flex flex-wrap items-center gap-2">
      <WordsField words={query.words ?? ''} onWords={(words) => onChoose('words', words)} />
      <button
        type="button"
        className="btn touch sm:hidden"
        aria-expanded={isOpen}
        onClick={() => setOpen(!isOpen)}
      >
        <SlidersHorizontal className="size-5" aria-hidden="true" /> Narrow
      </button>
      <div className={isOpen ? 'contents' : 'hidden sm:contents'}>
        <WhereFilters query={query} machines={machines} workshops={workshops} onChoose={onChoose} />
        <Filter
          label="Metal"
          value={query.metal ?? ''}
          every="every metal"
          choices={metalChoices}
          onChoose={(value) => onChoose('metal', value)}
        />
        <Filter
          label="Joint"
          value={query.kind ?? ''}
          every="every joint"
          choices={seamKinds.map((kind) => ({ value: kind, label: seamRow(kind).short }))}
          onChoose={(value) => onChoose('kind', value)}
        />
        <Filter
          label="Back"
          value={query.back ?? ''}
          every="every back"
          choices={backLooks.map((look) => ({ value: look, label: lookWords[look].short }))}
          onChoose={(value) => onChoose('back', value)}
        />
        <Filter
          label="Welded by"
          value={query.personId ?? ''}
          every="everybody"
          choices={people.map(({ id, name }) => ({ value: id, label: name }))}
          onChoose={(value) => onChoose('personId', value)}
        />
        <Filter
          label="Slips"
          value={query.slips ?? ''}
          every="slips too"
          choices={[
            { value: 'no', label: 'no slips' },
            { value: 'only', label: 'slips only' },
          ]}
          onChoose={(value) => onChoose('slips', value)}
        />
        <DayField label="From" day={query.from ?? ''} onPick={(day) => onChoose('from', day)} />
        <DayField label="To" day={query.to ?? ''} onPick={(day) => onChoose('to', day)} />
        <Filter
          label="Gathered under"
          value={group ?? ''}
          every="not gathered"
          choices={couponGroupings.map((each) => ({ value: each, label: `by ${groupWords[each]}` }))}
          onChoose={(value) => onChoose('group', value)}
        />
        <ColumnChoice hidden={hidden} onChoose={(columns) => onChoose('hide', columns.join(','))} />
      </div>
    </div>
  );
}

type WhereFiltersProps = Pick<ListFiltersProps, 'machines' | 'workshops' | 'onChoose'> &
  Pick<ListAddress, 'query'>;

/** The workshop, where the firm has some, and the machine: one of that workshop where one is chosen. */
function WhereFilters({ query, machines, workshops, onChoose }: WhereFiltersProps) {
  const { workshopId = '', machineId = '' } = query;
  const offered = machines.filter((machine) => workshopId === '' || machine.workshopId === workshopId);
  return (
    <>
      {workshops.length > 0 && (
        <Filter
          label="Workshop"
          value={workshopId}
          every="every workshop"
          choices={workshops.map(({ id, name }) => ({ value: id, label: name }))}
          onChoose={(value) => onChoose('workshopId', value)}
        />
      )}
      <Filter
        label="Machine"
        value={machineId}
        every="every machine"
        choices={offered.map(({ id, name }) => ({ value: id, label: name }))}
        onChoose={(value) => onChoose('machineId', value)}
      />
    </>
  );
}

function WordsField({ words, onWords }: { words: string; onWords: (words: string) => void }) {
  return (
    <label className="input touch w-44 max-sm:grow">
      <Search className="size-4 shrink-0" aria-hidden="true" />
      <input
        type="search"
        aria-label="Words of a remark, or a number"
        placeholder="remark or number"
        maxLength={100}
        defaultValue={words}
        onChange={(event) => onWords(event.target.value)}
      />
    </label>
  );
}

interface DayFieldProps {
  label: string;
  /** ISO 8601; empty for any. */
  day: string;
  onPick: (day: string) => void;
}

/** Days, both ends with. */
function DayField({ label, day, onPick }: DayFieldProps) {
  return (
    <label className={`input touch w-auto gap-2 ${day === '' ? '' : 'border-primary font-semibold'}`}>
      <span className="text-soft">{label.toLowerCase()}</span>
      <input
        type="date"
        aria-label={`Welded ${label.toLowerCase()}`}
        value={day}
        onChange={(event) => onPick(event.target.value)}
      />
    </label>
  );
}

interface FilterProps {
  label: string;
  value: string;
  every: string;
  choices: readonly { value: string; label: string }[];
  onChoose: (value: string) => void;
}

function Filter({ label, value, every, choices, onChoose }: FilterProps) {
  return (
    <select
      className={`select touch w-auto text-base ${value === '' ? '' : 'border-primary font-semibold'}`}
      aria-label={label}
      value={value}
      onChange={(event) => onChoose(event.target.value)}
    >
      <option value="">{every}</option>
      {choices.map((choice) => (
        <option key={choice.value} value={choice.value}>
          {choice.label}
        </option>
      ))}
    </select>
  );
}

interface ColumnChoiceProps {
  hidden: readonly ListColumn[];
  onChoose: (hidden: readonly ListColumn[]) => void;
}

/** Which columns the list has, on a sheet of its own: a menu would hang over the edge of a small or enlarged screen. */
function ColumnChoice({ hidden, onChoose }: ColumnChoiceProps) {
  const [isOpen, setOpen] = useState(false);
  const turn = (column: ListColumn) =>
    onChoose(hidden.includes(column) ? hidden.filter((each) => each !== column) : [...hidden, column]);
  return (
    <>
      <button type="button" className="btn touch" aria-haspopup="dialog" onClick={() => setOpen(true)}>
        <Columns3 className="size-5" aria-hidden="true" /> Columns
      </button>
      {isOpen && (
        <Modal title="Columns of the list" onClose={() => setOpen(false)}>
          <ul className="grid gap-x-4 sm:grid-cols-2">
            {listColumns.map((column) => (
              <li key={column}>
                <label className="flex min-h-12 items-center gap-3 px-2">
                  <input
                    type="checkbox"
                    className="checkbox"
                    checked={!hidden.includes(column)}
                    onChange={() => turn(column)}
                  />
                  {columnHeads[column]?.name}
                </label>
              </li>
            ))}
          </ul>
        </Modal>
      )}
    </>
  );
}
