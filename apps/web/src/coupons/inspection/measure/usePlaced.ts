import { useReducer } from 'react';
import { readKept } from '../../../shared/memory/browserMemory.js';
import { nothingPlaced, placedSchema, type Placed } from './placed.js';

interface History {
  readonly now: Placed;
  readonly past: readonly Placed[];
}

type Action =
  { readonly kind: 'set'; readonly placed: Placed; readonly isSteady: boolean } | { readonly kind: 'undo' };

const mostSteps = 100;

/** What is placed on a picture, kept by this tab over a reload, with the way back. */
export function usePlaced(photoId: string, knownLength: string) {
  const key = `lone-heron.measure.${photoId}`;
  const [{ now, past }, act] = useReducer(
    (history: History, action: Action) => kept(key, step(history, action)),
    null,
    (): History => ({
      now: readKept(sessionStorage, key, placedSchema) ?? nothingPlaced(knownLength),
      past: [],
    }),
  );
  return {
    placed: now,
    /** @param isSteady false while a point is being dragged: the drag is one step of the way back */
    set: (placed: Placed, isSteady = true) => act({ kind: 'set', placed, isSteady }),
    /** Takes the last step back and gives what is placed then. */
    undo:
      past.length === 0
        ? null
        : () => {
            act({ kind: 'undo' });
            return past.at(-1) ?? now;
          },
  };
}

function step({ now, past }: History, action: Action): History {
  if (action.kind === 'undo') return { now: past.at(-1) ?? now, past: past.slice(0, -1) };
  return { now: action.placed, past: action.isSteady ? [...past, now].slice(-mostSteps) : past };
}

function kept(key: string, history: History): History {
  try {
    sessionStorage.setItem(key, JSON.stringify(history.now));
  } catch {
    // A full or forbidden storage costs only the points over a reload.
  }
  return history;
}
