import { CheckCircle2, Send } from 'lucide-react';

/** On a machine whose numbers do nothing until they are sent: the step that is asked for after every change. */
export function SentStep({ isSent, onSent }: { isSent: boolean; onSent: (isSent: boolean) => void }) {
  return (
    <button
      type="button"
      className={`btn touch-always justify-start ${isSent ? '' : 'btn-outline btn-primary'}`}
      aria-pressed={isSent}
      onClick={() => onSent(!isSent)}
    >
      {isSent ? (
        <>
          <CheckCircle2 className="size-5" aria-hidden="true" /> Sent; the panel says ready
        </>
      ) : (
        <>
          <Send className="size-5" aria-hidden="true" /> Sent, and the panel says ready? Press here
        </>
      )}
    </button>
  );
}
