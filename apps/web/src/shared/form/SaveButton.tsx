import { useId } from 'react';

interface SaveButtonProps {
  name: string;
  /** What is still missing, in a sentence; null where nothing is. */
  waitsFor: string | null;
  isSaving: boolean;
  /** What a press does where the button stands in no form; the form is sent where left out. */
  onPress?: () => void;
}

/** Said of a form while nobody is signed in. */
export const signInFirst = 'Sign in first.';
/** Said of a form with a field that cannot be read; what is wrong with it stands there. */
export const fieldsFirst = 'A field above is empty or not right yet.';

/** The button that stores a sheet; says what it waits for, that it is busy, and takes no second tap meanwhile. */
export function SaveButton({ name, waitsFor, isSaving, onPress }: SaveButtonProps) {
  const why = useId();
  return (
    <span className="flex flex-wrap items-center justify-end gap-x-3 gap-y-1 self-end">
      {waitsFor !== null && (
        <span id={why} className="text-sm text-soft">
          {waitsFor}
        </span>
      )}
      <button
        type={onPress === undefined ? 'submit' : 'button'}
        className="btn touch-always btn-primary"
        disabled={waitsFor !== null || isSaving}
        aria-describedby={waitsFor === null ? undefined : why}
        onClick={onPress}
      >
        {isSaving ? 'Saving' : name}
      </button>
    </span>
  );
}
