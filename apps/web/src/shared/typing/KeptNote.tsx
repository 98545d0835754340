import { useState, useSyncExternalStore } from 'react';
import { toast } from '../say/toast.js';
import { forgetTyping, hasTyping, onTyping } from './keptTyping.js';

/** Says that a sheet still holds what was typed before it was closed, with the way to an empty one. */
export function KeptNote({ sheet }: { sheet: string }) {
  const [wasKept] = useState(() => hasTyping(sheet));
  const isKept = useSyncExternalStore(onTyping, () => hasTyping(sheet));
  if (!wasKept || !isKept) return null;
  return (
    <p role="status" className="caution flex flex-wrap items-center gap-3 px-3 py-1">
      <span className="grow">What you typed before is still here, not saved yet.</span>
      <button
        type="button"
        className="btn touch btn-sm"
        onClick={() => {
          const putBack = forgetTyping(sheet);
          toast('Begun afresh.', { action: { label: 'Undo', onClick: putBack } });
        }}
      >
        Start afresh
      </button>
    </p>
  );
}
