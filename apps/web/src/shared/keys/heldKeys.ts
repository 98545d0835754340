import { useLayoutEffect } from 'react';

let held = 0;

/** Whether a key that was pressed is still being answered: the next one must not act on what is about to be covered. */
export function areKeysHeld(): boolean {
  return held > 0;
}

/** Lets no key act on the page until a promise is settled. */
export function holdKeys(until: Promise<unknown>): void {
  held += 1;
  const release = () => {
    held -= 1;
  };
  void until.then(release, release);
}

/** Lets no key act on the page while it is mounted: in place of a sheet that is still on its way. */
export function KeysHeld(): null {
  useLayoutEffect(() => {
    held += 1;
    return () => {
      held -= 1;
    };
  }, []);
  return null;
}
