import { LogIn } from 'lucide-react';
import { useDispatch } from 'react-redux';
import { signInAsked } from './doorSlice.js';
import { usePersonAtDesk } from './usePersonAtDesk.js';

/** In whose name something will be stored: the person signed in, or the way to sign in without losing what is typed. */
export function WhoDidIt({ label }: { label: string }) {
  const person = usePersonAtDesk();
  const dispatch = useDispatch();
  return (
    <p className="flex min-h-12 flex-wrap items-center gap-3">
      <span className="font-medium">{label}</span>
      {person === null ? (
        <button type="button" className="btn touch-always" onClick={() => dispatch(signInAsked())}>
          <LogIn className="size-5" aria-hidden="true" /> Sign in to save
        </button>
      ) : (
        <strong>{person.name}</strong>
      )}
    </p>
  );
}
