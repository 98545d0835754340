import { lazy, Suspense, useState } from 'react';
import { useKey } from '../shared/keys/useKey.js';

/** Fetched when it is asked for. */
const KeysSheet = lazy(() => import('./KeysSheet.js'));

/** The keys of this screen, on the key they are asked for with. */
export function KeysHelp() {
  const [isOpen, setOpen] = useState(false);
  useKey('?', () => setOpen(true));
  return <Suspense fallback={null}>{isOpen && <KeysSheet onClose={() => setOpen(false)} />}</Suspense>;
}
