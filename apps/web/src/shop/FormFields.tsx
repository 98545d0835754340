import { useId } from 'react';
import { get, useFormContext, type FieldPath } from 'react-hook-form';
import type { MachineForm } from './machines/machineForm.js';

type Path = FieldPath<MachineForm>;

interface FieldProps {
  path: Path;
  label: string;
}

/** What is wrong with a field, where something is. */
function useFault(path: Path): string | null {
  const { formState } = useFormContext<MachineForm>();
  const error: { message?: string } | undefined = get(formState.errors, path);
  return error?.message ?? null;
}

/** A number with its unit; decimal comma or point. */
export function NumberField({ path, label, unit }: FieldProps & { unit: string }) {
  return <Input path={path} label={label} unit={unit} inputMode="decimal" className="figure text-lg" />;
}

/** A line of text. */
export function TextField({ path, label }: FieldProps) {
  return <Input path={path} label={label} unit="" inputMode="text" className="text-base" />;
}

interface InputProps extends FieldProps {
  unit: string;
  inputMode: 'decimal' | 'text';
  className: string;
}

function Input({ path, label, unit, inputMode, className }: InputProps) {
  const { register } = useFormContext<MachineForm>();
  const ids = { field: useId(), fault: useId() };
  const fault = useFault(path);
  return (
    <div className="flex min-w-0 flex-col gap-1">
      <label htmlFor={ids.field} className="text-sm font-medium">
        {label}
      </label>
      <span className={`input touch-always w-full ${fault === null ? '' : 'input-error'}`}>
        <input
          id={ids.field}
          className={className}
          inputMode={inputMode}
          autoComplete="off"
          maxLength={60}
          aria-invalid={fault !== null}
          aria-describedby={fault === null ? undefined : ids.fault}
          {...register(path)}
        />
        {unit !== '' && <span className="text-soft">{unit}</span>}
      </span>
      {fault !== null && (
        <span id={ids.fault} role="alert" className="fault text-sm">
          {fault}
        </span>
      )}
    </div>
  );
}

interface SelectFieldProps extends FieldProps {
  choices: readonly string[];
  /** What to show for a choice, where that is not the choice itself. */
  words?: Readonly<Record<string, string>>;
  /** Told of what is picked, before it is. */
  onPick?: (choice: string) => void;
}

/** One of a few words. */
export function SelectField({ path, label, choices, words = {}, onPick }: SelectFieldProps) {
  const { register } = useFormContext<MachineForm>();
  const id = useId();
  return (
    <div className="flex min-w-0 flex-col gap-1">
      <label htmlFor={id} className="text-sm font-medium">
        {label}
      </label>
      <select
        id={id}
        className="select touch-always w-full text-base"
        {...register(path, {
          onChange: (event: { target: { value: string } }) => onPick?.(event.target.value),
        })}
      >
        {choices.map((choice) => (
          <option key={choice} value={choice}>
            {words[choice] ?? choice}
          </option>
        ))}
      </select>
    </div>
  );
}

/** Yes or no. */
export function CheckField({ path, label }: FieldProps) {
  const { register } = useFormContext<MachineForm>();
  return (
    <label className="touch-always flex items-center gap-3">
      <input type="checkbox" className="checkbox" {...register(path)} />
      <span className="font-medium">{label}</span>
    </label>
  );
}
