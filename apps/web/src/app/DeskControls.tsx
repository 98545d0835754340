import type { Person } from '@lone-heron/contract';
import { LogIn, Moon, Sun, UserRound } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { useDispatch, useSelector } from 'react-redux';
import { HelpButton } from '../help/HelpButton.js';
import { signInAsked } from '../shared/door/doorSlice.js';
import { usePersonAtDesk } from '../shared/door/usePersonAtDesk.js';
import { selectTheme, themePicked } from '../shared/memory/deskSlice.js';

const OwnSheet = lazy(() => import('./door/OwnSheet.js'));

/** Who is at the desk, and the light it stands in. */
export function DeskControls() {
  const dispatch = useDispatch();
  const theme = useSelector(selectTheme);
  const person = usePersonAtDesk();
  const isDusk =
    theme === 'dusk' || (theme === 'device' && window.matchMedia('(prefers-color-scheme: dark)').matches);
  return (
    <div className="ml-auto flex items-center gap-2">
      <button
        type="button"
        className="btn touch btn-square btn-ghost"
        aria-label={isDusk ? 'Change to the light theme' : 'Change to the dusk theme'}
        onClick={() => dispatch(themePicked(isDusk ? 'marsh' : 'dusk'))}
      >
        {isDusk ? (
          <Sun className="size-5" aria-hidden="true" />
        ) : (
          <Moon className="size-5" aria-hidden="true" />
        )}
      </button>
      <HelpButton />
      {person === null ? (
        <button
          type="button"
          className="btn touch text-base btn-primary"
          onClick={() => dispatch(signInAsked())}
        >
          <LogIn className="size-5" aria-hidden="true" /> Sign in
        </button>
      ) : (
        <OwnButton person={person} />
      )}
    </div>
  );
}

function OwnButton({ person }: { person: Person }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        className="btn touch max-w-32 text-base"
        aria-label={`${person.name} is signed in`}
        onClick={() => setOpen(true)}
      >
        <UserRound className="size-5 shrink-0" aria-hidden="true" />
        <span className="truncate">{person.name}</span>
      </button>
      <Suspense fallback={null}>
        {isOpen && <OwnSheet person={person} onClose={() => setOpen(false)} />}
      </Suspense>
    </>
  );
}
