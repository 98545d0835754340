import { useDispatch } from 'react-redux';
import { signInAsked } from './doorSlice.js';
import { usePersonAtDesk } from './usePersonAtDesk.js';

/**
 * Does something in the name of who is signed in; where nobody is, the door opens instead, so that no key on the page is dead
 * without saying why.
 */
export function useAsSomebody(): (act: () => void) => void {
  const person = usePersonAtDesk();
  const dispatch = useDispatch();
  return (act) => {
    if (person === null) dispatch(signInAsked());
    else act();
  };
}
