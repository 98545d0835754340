import { toast as shown } from 'sonner';
import type { Place } from './freePlace.js';
import { keepFree, raisedClass, saidClass } from './keepFree.js';

/** What can be done about what is said, while it is. */
interface WithAction {
  readonly action?: { readonly label: string; readonly onClick: () => void };
}

/** Says what was done, where it lies over nothing that can be pressed. */
export function toast(words: string, { action }: WithAction = {}): void {
  keepFree(({ at, id, end }) =>
    shown(words, {
      ...lyingAt(at, id),
      onDismiss: end,
      onAutoClose: end,
      ...(action === undefined
        ? {}
        : { action: { label: action.label, onClick: endAnd(end, action.onClick) } }),
    }),
  );
}

/** Says what could not be done. */
export function toastFailure(words: string): void {
  keepFree(({ at, id, end }) => shown.error(words, { ...lyingAt(at, id), onDismiss: end, onAutoClose: end }));
}

const lyingAt = (at: Place, id: string) => ({
  id,
  position: at.position,
  style: { translate: `0 ${-at.raised}px` },
  className: `${saidClass(id)} ${raisedClass(at)}`,
});

function endAnd(end: () => void, act: () => void): () => void {
  return () => {
    end();
    act();
  };
}
