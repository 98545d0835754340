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

/** A pointer that is on what is said is looked for again after this long, ms. */
const pointedAgainAfter = 600;

/**
 * Says something where it covers nothing that can be pressed, and says it elsewhere once the page has changed below it; but
 * not while a pointer has come onto it, which is about to press. One that lay there before it came is not: it pressed what
 * was there then.
 */
export function keepFree(say: (place: SaidAt) => unknown): void {
  const id = uuid();
  let at = freePlace();
  let settling: ReturnType<typeof setTimeout> | undefined;
  let hasPointerMoved = false;
  const seeMove = ({ movementX, movementY }: PointerEvent) => {
    if (movementX !== 0 || movementY !== 0) hasPointerMoved = true;
  };
  const stayFree = () => {
    const next = freePlace(at);
    if (next === at) return;
    if (hasPointerMoved && document.querySelector('[data-sonner-toast]:hover') !== null) {
      settling = setTimeout(stayFree, pointedAgainAfter);
      return;
    }
    at = next;
    hasPointerMoved = false;
    say({ at, id, end });
  };
  const watching = new MutationObserver(() => {
    clearTimeout(settling);
    settling = setTimeout(stayFree, settlesAfter);
  });
  const end = () => {
    watching.disconnect();
    document.removeEventListener('pointermove', seeMove);
    clearTimeout(settling);
  };
  say({ at, id, end });
  document.addEventListener('pointermove', seeMove);
  watching.observe(document.body, { childList: true, subtree: true });
}
