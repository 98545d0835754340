import { DatabaseBackup } from 'lucide-react';
import { Link, useLocation } from 'react-router';
import { usePersonAtDesk } from '../shared/door/usePersonAtDesk.js';
import { useKeepingTroubles } from '../shared/keeping/useKeepingTroubles.js';

/**
 * Above the pages of whoever can do something about it, while a disk that breaks tonight would cost more than today: a lead, and
 * anybody at the shop's own pages. Everybody else has it in the waterline, and their screen for the weld.
 */
export function KeepingTold() {
  const troubles = useKeepingTroubles();
  const isLead = usePersonAtDesk()?.role === 'lead';
  const isAtShop = useLocation().pathname.startsWith('/shop');
  if (troubles.length === 0 || !(isLead || isAtShop)) return null;
  return (
    <div role="status">
      <Link
        className="flex min-h-12 items-center justify-center gap-2 bg-warning px-4 py-1 text-warning-content underline"
        to="/shop/backup"
      >
        <DatabaseBackup className="size-5 shrink-0" aria-hidden="true" />
        {troubles.join(' ')}
      </Link>
    </div>
  );
}
