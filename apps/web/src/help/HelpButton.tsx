import { CircleHelp } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { useKey } from '../shared/keys/useKey.js';

/** Fetched when it is asked for. */
const HelpSheet = lazy(() => import('./HelpSheet.js'));

/** What there is to know of this page and its keys: behind a button, and the key "?". */
export function HelpButton() {
  const [isOpen, setOpen] = useState(false);
  useKey('?', () => setOpen(true));
  return (
    <>
      <button
        type="button"
        className="btn touch btn-square btn-ghost"
        aria-label="Help for this page"
        onClick={() => setOpen(true)}
      >
        <CircleHelp className="size-5" aria-hidden="true" />
      </button>
      <Suspense fallback={null}>{isOpen && <HelpSheet onClose={() => setOpen(false)} />}</Suspense>
    </>
  );
}
