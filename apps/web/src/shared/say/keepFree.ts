import { v7 as uuid } from 'uuid';
import { freePlace, type Place } from './freePlace.js';

/** Where something is said, under which name, and what is to be called once it is gone or was pressed. */
interface SaidAt {
  readonly at: Place;
  readonly id: string;
  readonly end: () => void;
}

/** A page that changes has settled after this long, ms. */
const settlesAfter = 150;

/**
 * Says something where it covers nothing that can be pressed, and says it elsewhere once the page has changed below it; but
 * not while a pointer rests on it, which is about to press.
 */
export function keepFree(say: (place: SaidAt) => unknown): void {
  const id = uuid();
  let at = freePlace();
  let settling: ReturnType<typeof setTimeout> | undefined;
  const stayFree = () => {
    const next = freePlace(at);
    if (next === at || document.querySelector('[data-sonner-toast]:hover') !== null) return;
    at = next;
    say({ at, id, end });
  };
  const watching = new MutationObserver(() => {
    clearTimeout(settling);
    settling = setTimeout(stayFree, settlesAfter);
  });
  const end = () => {
    watching.disconnect();
    clearTimeout(settling);
  };
  say({ at, id, end });
  watching.observe(document.body, { childList: true, subtree: true });
}
