import { Plus, Trash2 } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { CheckField, NumberField } from '../FormFields.js';
import type { MachineForm } from './machineForm.js';

/** One part of a machine’s form, with what it is for. */
export function Part({ title, help, children }: { title: string; help: string; children: ReactNode }) {
  return (
    <fieldset className="sheet flex flex-col gap-3 p-4">
      <legend className="sr-only">{title}</legend>
      <div aria-hidden="true">
        <p className="text-lg font-semibold">{title}</p>
        <p className="text-sm text-soft">{help}</p>
      </div>
      {children}
    </fieldset>
  );
}

interface FoldProps {
  title: string;
  /** What its answers are for. */
  what: string;
  /** Fields inside, by the first word of their paths: where one is at fault it is open. */
  paths: readonly (keyof MachineForm)[];
  children: ReactNode;
}

/** Parts that can wait, under what they are for. */
export function Fold({ title, what, paths, children }: FoldProps) {
  const { formState } = useFormContext<MachineForm>();
  const [isOpen, setOpen] = useState(false);
  const hasFault = paths.some((path) => formState.errors[path] !== undefined);
  return (
    <details
      className="sheet"
      open={isOpen || hasFault}
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary className="min-h-14 cursor-pointer content-center px-4 py-2">
        <span className="text-lg font-semibold">{title}</span> <span className="text-soft">{what}</span>
      </summary>
      <div className="grid gap-4 px-4 pb-4 lg:grid-cols-2">{children}</div>
    </details>
  );
}

interface KnownPartProps {
  title: string;
  help: string;
  path: 'hasMains' | 'hasPointer' | 'isLamp' | 'canClean' | 'canCut';
  label: string;
  children: ReactNode;
}

/** A part that may not be fitted, or not be known: its fields are there once it is. */
export function KnownPart({ title, help, path, label, children }: KnownPartProps) {
  const isKnown = useWatch<MachineForm, typeof path>({ name: path });
  return (
    <Part title={title} help={help}>
      <CheckField path={path} label={label} />
      {isKnown && children}
    </Part>
  );
}

/** Figures side by side. */
export function Row({ children }: { children: ReactNode }) {
  return <div className="grid grid-cols-1 gap-3 sm:grid-cols-3">{children}</div>;
}

type ReachName =
  | 'powerW'
  | 'wobbleWidthMm'
  | 'wobbleRateHz'
  | 'wireSpeedMmS'
  | 'dutyPercent'
  | 'modulationHz'
  | 'pulseOnMs'
  | 'pulseOffMs'
  | 'lamp.currentA'
  | 'lamp.pulseWidthMs'
  | 'lamp.pulseRateHz'
  | 'cleaning.widthMm'
  | 'cleaning.rateHz';

/** A knob’s limits and its step. */
export function Reach({ of, name, unit }: { of: ReachName; name: string; unit: string }) {
  return (
    <Row>
      <NumberField path={`${of}.least`} label={`${name}, least`} unit={unit} />
      <NumberField path={`${of}.most`} label={`${name}, most`} unit={unit} />
      <NumberField path={`${of}.step`} label={`${name}, step`} unit={unit} />
    </Row>
  );
}

/** What is wrong with a choice of several. */
export function FieldFault({
  path,
}: {
  path: 'wobbleShapes' | 'panel' | 'cleaning.shapes' | 'cutting.gases';
}) {
  const { getFieldState, formState } = useFormContext<MachineForm>();
  const message = getFieldState(path, formState).error?.message;
  return message === undefined ? null : (
    <p role="alert" className="fault text-sm">
      {message}
    </p>
  );
}

/** Adds a row. */
export function AddButton({ name, onAdd }: { name: string; onAdd: () => void }) {
  return (
    <button type="button" className="btn touch-always self-start" onClick={onAdd}>
      <Plus className="size-5" aria-hidden="true" /> {name}
    </button>
  );
}

/** Takes a row away. */
export function RemoveButton({ name, onRemove }: { name: string; onRemove: () => void }) {
  return (
    <button
      type="button"
      className="btn touch-always btn-square btn-ghost"
      aria-label={`Remove ${name}`}
      onClick={onRemove}
    >
      <Trash2 className="size-5" aria-hidden="true" />
    </button>
  );
}
