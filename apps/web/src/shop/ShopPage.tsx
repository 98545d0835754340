import { ArrowLeft } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';

/** The frame of a page inside Shop: its title, and the way back. */
export function ShopPage({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="mx-auto flex max-w-[1500px] flex-col gap-4 px-4 py-4 sm:px-6">
      <header className="flex items-center gap-3">
        <Link to="/shop" className="btn touch btn-square btn-ghost print:hidden" aria-label="Back to Shop">
          <ArrowLeft className="size-5" aria-hidden="true" />
        </Link>
        <h1 className="text-2xl font-semibold">{title}</h1>
      </header>
      {children}
    </div>
  );
}
