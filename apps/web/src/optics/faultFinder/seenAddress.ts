import {
  everyFaultCheck,
  everyFaultSymptom,
  type FaultCheckName,
  type FaultSymptom,
  type Seen,
} from '@lone-heron/core';

type Answered = FaultSymptom | FaultCheckName;
const known: readonly Answered[] = [...everyFaultSymptom, ...everyFaultCheck];

/** What was answered, out of the address; what nobody knows is left out. */
export function readSeen(search: URLSearchParams): Seen {
  const named = (answer: 'yes' | 'no') =>
    (search.get(answer) ?? '')
      .split('.')
      .flatMap((name) => known.filter((each) => each === name))
      .map((name) => [name, answer]);
  return Object.fromEntries([...named('no'), ...named('yes')]) as Seen;
}

/** The address of what was answered, the rest of it as it was. */
export function withSeen(search: URLSearchParams, seen: Seen): URLSearchParams {
  const next = new URLSearchParams(search);
  for (const answer of ['yes', 'no']) {
    const names = Object.entries(seen).flatMap(([name, said]) => (said === answer ? [name] : []));
    if (names.length === 0) next.delete(answer);
    else next.set(answer, names.join('.'));
  }
  return next;
}

/** The address with the photo that joins the case, or without one. */
export function withPhoto(search: URLSearchParams, photoId: string | null): URLSearchParams {
  const next = new URLSearchParams(search);
  if (photoId === null) next.delete('photo');
  else next.set('photo', photoId);
  return next;
}
