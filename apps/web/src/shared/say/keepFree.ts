import { v7 as uuid } from 'uuid';
import { freePlace, isSamePlace, type Place } from './freePlace.js';

/** Where something is said, under which name, and what is to be called once it is gone or was pressed. */
interface SaidAt {
  readonly at: Place;
  readonly id: string;
  readonly end: () => void;
}

/** A page that changes has settled after this long, ms. */
const settlesAfter = 150;

/**
 * How often it is looked whether something has come up below, ms: a page also moves by a text that grew, a figure that was drawn
 * or a scroll, and a pointer that was on what is said leaves it.
 */
const lookedEvery = 600;

/** What something that is said is known by on the page. */
export const saidClass = (id: string): string => `said-${id}`;

/** How far something that is said is raised, by which it is told whether it came to lie there. */
export const raisedClass = ({ raised }: Place): string => `raised-${raised}`;

/** Whether something that is said lies where it was put; one that was moved while it was still coming may not. */
function liesAt(id: string, at: Place): boolean {
  const said = document.querySelector<HTMLElement>(`.${saidClass(id)}`);
  if (said === null) return true;
  const { yPosition, xPosition } = said.dataset;
  return `${yPosition}-${xPosition}` === at.position && said.classList.contains(raisedClass(at));
}

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
    if (isSamePlace(next, at) && liesAt(id, at)) return;
    if (hasPointerMoved && document.querySelector('[data-sonner-toast]:hover') !== null) return;
    at = next;
    hasPointerMoved = false;
    say({ at, id, end });
  };
  const watching = new MutationObserver(() => {
    clearTimeout(settling);
    settling = setTimeout(stayFree, settlesAfter);
  });
  const looking = setInterval(stayFree, lookedEvery);
  const end = () => {
    watching.disconnect();
    document.removeEventListener('pointermove', seeMove);
    clearTimeout(settling);
    clearInterval(looking);
  };
  say({ at, id, end });
  document.addEventListener('pointermove', seeMove);
  watching.observe(document.body, { childList: true, subtree: true });
}
