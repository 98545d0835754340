import { useEffect } from 'react';
import { useDispatch } from 'react-redux';
import { jointDialled } from '../../shared/memory/deskSlice.js';
import { jointInWords } from '../../shared/sentences/settingInWords.js';
import { writeAddress } from '../dialAddress.js';
import { noHand } from '../dialOutcome.js';
import type { Dial } from '../useDial.js';

/** A joint that is looked at for so long was meant, ms. */
const meant = 3000;

/** Keeps the joints that were dialled, newest first, for the next time they are wanted. */
export function useRecentJoints({ outcome, isCurrent, address }: Dial): void {
  const dispatch = useDispatch();
  const said = isCurrent ? outcome?.said : undefined;
  const search = writeAddress({ words: address.words, ...noHand, pins: [] });
  const title = said === undefined ? null : `${jointInWords(said.joint)}, ${said.machine.name}`;
  useEffect(() => {
    if (title === null) return;
    const timer = setTimeout(() => dispatch(jointDialled({ title, search })), meant);
    return () => clearTimeout(timer);
  }, [dispatch, title, search]);
}
