import { Toaster } from 'sonner';

/** Where the interface says what was done, with the way to undo it. */
export default function Toasts() {
  return (
    <Toaster
      position="bottom-center"
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
