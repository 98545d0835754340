import type { ReactNode } from 'react';
import { PageHeader } from '../shared/page/PageHeader.js';

/** The frame of a page inside Shop: its title, and the way back. */
export function ShopPage({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="mx-auto flex max-w-[1500px] flex-col gap-4 px-4 py-4 sm:px-6">
      <PageHeader title={title} back={{ to: '/shop', name: 'Shop' }} />
      {children}
    </div>
  );
}
