import { useSelector } from 'react-redux';
import { usePeopleQuery } from './api/heronApi.js';
import { selectPersonId } from './memory/deskSlice.js';

/** Id of the person this browser remembers; null where nobody was picked, or the shop no longer knows them. */
export function usePersonAtDesk(): string | null {
  const personId = useSelector(selectPersonId);
  const { data: people } = usePeopleQuery(undefined);
  return people?.some(({ id }) => id === personId) === true ? personId : null;
}
