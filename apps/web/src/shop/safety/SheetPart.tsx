import type { ReactNode } from 'react';

/** One part of the safety sheet. */
export function SheetPart({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="sheet flex flex-col gap-2 p-4" aria-label={title}>
      <h2 className="text-lg font-semibold">{title}</h2>
      {children}
    </section>
  );
}
