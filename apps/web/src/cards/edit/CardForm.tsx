import type { CardContent, HouseContent, Machine } from '@lone-heron/contract';
import { nozzleShapes } from '@lone-heron/core';
import { Fragment } from 'react';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { Failure } from '../../shared/form/Failure.js';
import { PickField } from '../../shared/form/PickField.js';
import { fieldsFirst, SaveButton, signInFirst } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { KnobFields } from '../../shared/panel/KnobFields.js';
import { nozzleWords } from '../../shared/vocabulary/nozzles.js';
import { jointInWords } from '../../shared/sentences/settingInWords.js';
import { cardFields, fieldsAroundLight, type CardField } from './cardFields.js';
import { readCard, typedFrom, type TypedCard } from './typedCard.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { useKept } from '../../shared/typing/useKept.js';
import { bareUnitOf } from '../../shared/figures/readTyped.js';

interface CardFormProps {
  /** Under which what is typed is kept; whoever saves it ends that. */
  sheet: string;
  begin: CardContent;
  machine: Machine;
  house: HouseContent;
  /** Whether what changed and why is asked for, and whether it must be said; null where nothing was before. */
  why: 'asked' | 'wanted' | null;
  saveName: string;
  isSaving: boolean;
  error: unknown;
  onSave: (content: CardContent, why: string) => void;
}

/** A card being written: its name and numbers first, then what is fitted, technique, and what will prove it. */
export function CardForm({
  sheet,
  begin,
  machine,
  house,
  why,
  saveName,
  isSaving,
  error,
  onSave,
}: CardFormProps) {
  const [typed, setTyped] = useKept(sheet, 'card', () => typedFrom(begin));
  const [reason, setReason] = useKept(sheet, 'reason', () => '');
  const person = usePersonAtDesk();
  const read = readCard(typed, begin, machine, house.acceptance);
  const type = (change: Partial<TypedCard>) => setTyped({ ...typed, ...change });
  const isWhySaid = why !== 'wanted' || reason.trim() !== '';
  return (
    <form
      className="flex flex-col gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        if (read.content !== null && person !== null && isWhySaid && !isSaving)
          onSave(read.content, reason.trim());
      }}
    >
      <KeptNote sheet={sheet} />
      <p className="text-soft">
        {jointInWords(begin.joint)}, on {machine.name}
      </p>
      <NameAndNumbers typed={typed} knobs={read.knobs} onType={type} />
      <Fitted typed={typed} read={read.fields} onType={type} />
      <section className="sheet flex flex-col gap-3 px-5 py-4" aria-label="Technique and proof">
        <label className="flex flex-col gap-1">
          <span className="text-sm font-medium">Technique</span>
          <textarea
            className="textarea w-full text-base"
            rows={3}
            maxLength={2000}
            value={typed.notes}
            onChange={(event) => type({ notes: event.target.value })}
          />
        </label>
        <TextField
          label="Tags, with commas between"
          text={typed.tags}
          longest={300}
          onType={(tags) => type({ tags })}
        />
        <PickField
          label="Proven once it meets"
          value={typed.level}
          choices={levelChoices(begin, house)}
          onPick={(level) => type({ level })}
        />
        {why !== null && (
          <TextField
            label={`What changed and why${why === 'wanted' ? '' : ', if it needs saying'}`}
            text={reason}
            longest={300}
            onType={setReason}
          />
        )}
      </section>
      <WhoDidIt label="Written by" />
      <Failure error={error} />
      <SaveButton
        name={saveName}
        waitsFor={person === null ? signInFirst : wantedOf(read.content !== null, isWhySaid)}
        isSaving={isSaving}
      />
    </form>
  );
}

/** The shop's levels; the card's own stays on offer where the shop has taken it away since. */
function levelChoices({ level }: CardContent, { acceptance }: HouseContent) {
  const names = [...new Set([level.name, ...acceptance.map(({ name }) => name)])];
  return names.map((value) => ({ value, label: value }));
}

interface NameAndNumbersProps {
  typed: TypedCard;
  knobs: ReturnType<typeof readCard>['knobs'];
  onType: (change: Partial<TypedCard>) => void;
}

/** What it is called, and what is dialled in the order of the panel. */
function NameAndNumbers({ typed, knobs, onType }: NameAndNumbersProps) {
  return (
    <section className="sheet flex flex-col gap-3 px-5 py-4" aria-label="Name and numbers">
      <TextField
        label="Name a stranger would find"
        text={typed.name}
        longest={80}
        onType={(name) => onType({ name })}
      />
      <div className="grid grid-cols-2 items-start gap-3 sm:grid-cols-3">
        <KnobFields knobs={knobs} typed={typed.knobs} onType={(turned) => onType({ knobs: turned })} />
      </div>
    </section>
  );
}

interface FittedProps {
  typed: TypedCard;
  read: ReturnType<typeof readCard>['fields'];
  onType: (change: Partial<TypedCard>) => void;
}

/** Nozzle, focus and gun; gas and ramps around the light. */
function Fitted({ typed, read, onType }: FittedProps) {
  const field = (name: CardField) => (
    <TypedField
      label={cardFields[name].label}
      unit={name === 'gunAngleDeg' ? '°' : bareUnitOf(cardFields[name].quantity)}
      text={typed.fields[name]}
      read={read[name]}
      onType={(text) => onType({ fields: { ...typed.fields, [name]: text } })}
    />
  );
  return (
    <section
      className="sheet grid grid-cols-2 items-start gap-3 px-5 py-4 sm:grid-cols-3"
      aria-label="Fitted"
    >
      <PickField
        label="Nozzle"
        value={typed.shape}
        choices={nozzleShapes.map((value) => ({ value, label: nozzleWords[value] }))}
        onPick={(shape) => onType({ shape })}
      />
      {field('boreMm')}
      <label className="flex min-h-12 items-center gap-3 self-end">
        <input
          type="checkbox"
          className="checkbox"
          checked={typed.isGrooved}
          onChange={(event) => onType({ isGrooved: event.target.checked })}
        />
        Grooved for wire
      </label>
      {field('focusMm')}
      {field('gunAngleDeg')}
      {fieldsAroundLight.map((name) => (
        <Fragment key={name}>{field(name)}</Fragment>
      ))}
    </section>
  );
}

/** What a card that is written still wants; null where nothing. */
function wantedOf(isRead: boolean, isWhySaid: boolean): string | null {
  if (!isRead) return fieldsFirst;
  return isWhySaid ? null : 'Say what changed and why.';
}
