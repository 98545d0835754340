import type { ReactNode } from 'react';

/** One of the three tests: what to do, its form, its log. */
export function ScrapPart({ title, how, children }: { title: string; how: string; children: ReactNode }) {
  return (
    <section className="sheet flex flex-col gap-3 p-4" aria-label={title}>
      <h2 className="text-lg font-semibold">{title}</h2>
      <p className="leading-snug text-soft">{how}</p>
      {children}
    </section>
  );
}
