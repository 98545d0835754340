import { X } from 'lucide-react';
import { useId, useLayoutEffect, useRef, type ReactNode } from 'react';

interface ModalProps {
  title: string;
  /** Called on Escape, on the cross and on a press beside the sheet. */
  onClose: () => void;
  /** For tables: as wide as the screen has room. */
  isWide?: boolean;
  children: ReactNode;
}

/**
 * A sheet laid over the screen. While it is mounted it is open; the browser keeps the focus inside, which starts at
 * the element marked with data-start.
 */
export function Modal({ title, onClose, isWide = false, children }: ModalProps) {
  const dialog = useRef<HTMLDialogElement>(null);
  const titleId = useId();
  const isPressBeside = useRef(false);
  // Closed while it is still on the page: only then the browser puts the focus back to where it came from.
  useLayoutEffect(() => {
    const element = dialog.current;
    element?.showModal();
    element?.querySelector<HTMLElement>('[data-start]')?.focus();
    return () => element?.close();
  }, []);
  return (
    <dialog
      ref={dialog}
      className="modal modal-bottom sm:modal-middle"
      aria-labelledby={titleId}
      onCancel={(event) => {
        event.preventDefault();
        onClose();
      }}
      // A press that begins inside, as a selection that is drawn too far does, is none beside it.
      onPointerDown={(event) => {
        isPressBeside.current = event.target === dialog.current;
      }}
      onClick={(event) => {
        if (isPressBeside.current && event.target === dialog.current) onClose();
      }}
    >
      <div className={`modal-box rounded-box p-5 ${isWide ? 'max-w-5xl' : 'max-w-2xl'}`}>
        <header className="mb-3 flex items-start justify-between gap-4">
          <h2 id={titleId} className="text-xl font-semibold">
            {title}
          </h2>
          <button
            type="button"
            className="btn touch btn-square btn-ghost"
            aria-label="Close"
            onClick={onClose}
          >
            <X className="size-5" aria-hidden="true" />
          </button>
        </header>
        {children}
      </div>
    </dialog>
  );
}
