import { Toaster } from 'sonner';
import { edges } from '../shared/say/freePlace.js';

/** Where the interface says what was done, with the way to undo it. */
export default function Toasts() {
  return (
    <Toaster
      offset={{ top: edges.top, bottom: edges.bottom, left: edges.side, right: edges.side }}
      mobileOffset={{ top: edges.top, bottom: edges.bottomOnPhone, left: edges.side, right: edges.side }}
      duration={8000}
      closeButton
      toastOptions={{
        style: {
          background: 'var(--color-neutral)',
          color: 'var(--color-neutral-content)',
          borderColor: 'var(--color-base-300)',
          fontFamily: 'var(--font-sans)',
          fontSize: '1rem',
        },
        actionButtonStyle: { minHeight: '40px', padding: '0 16px', fontSize: '1rem' },
      }}
    />
  );
}
