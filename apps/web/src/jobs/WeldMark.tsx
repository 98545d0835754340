import { Check } from 'lucide-react';

/** A weld's mark, as it stands on the drawing; done ones are ticked and filled. */
export function WeldMark({ mark, isDone }: { mark: string; isDone: boolean }) {
  return (
    <span
      className={`figure inline-flex min-w-12 shrink-0 items-center justify-center gap-1 rounded-full border-2 border-base-content px-2 py-0.5 font-semibold ${
        isDone ? 'border-success bg-success text-success-content' : 'bg-base-100'
      }`}
    >
      {isDone && <Check className="size-4" aria-label="done" />}
      {mark}
    </span>
  );
}
