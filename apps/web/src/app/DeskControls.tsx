import { Moon, Sun } from 'lucide-react';
import { useDispatch, useSelector } from 'react-redux';
import { usePeopleQuery } from '../shared/api/heronApi.js';
import { personPicked, selectTheme, themePicked } from '../shared/memory/deskSlice.js';
import { usePersonAtDesk } from '../shared/usePersonAtDesk.js';

/** Who is at the desk, and the light it stands in. */
export function DeskControls() {
  const dispatch = useDispatch();
  const theme = useSelector(selectTheme);
  const personId = usePersonAtDesk();
  const { data: people = [] } = usePeopleQuery(undefined);
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
      <select
        aria-label="Person at the desk"
        className="select touch w-28 lg:w-32 text-base font-semibold"
        value={personId ?? ''}
        onChange={(event) => dispatch(personPicked(event.target.value))}
      >
        {personId === null && <option value="">Who is it?</option>}
        {people.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </div>
  );
}
