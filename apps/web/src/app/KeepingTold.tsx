import { DatabaseBackup } from 'lucide-react';
import { Link } from 'react-router';
import { useKeepingQuery } from '../shared/api/keepingApi.js';
import { shopNow } from '../shared/clock/shopClock.js';
import { keepingTroubles } from '../shared/keeping/keepingTroubles.js';

/** A backup that fails is told the same day, ms. */
const askEvery = 15 * 60_000;

/** Above every page while a disk that breaks tonight would cost more than today. */
export function KeepingTold() {
  const { data } = useKeepingQuery(undefined, { pollingInterval: askEvery });
  const troubles = data === undefined ? [] : keepingTroubles(data, shopNow());
  if (troubles.length === 0) return null;
  return (
    <p
      className="flex flex-wrap items-center justify-center gap-2 bg-warning px-4 py-1 text-warning-content"
      role="status"
    >
      <DatabaseBackup className="size-5 shrink-0" aria-hidden="true" />
      <span>{troubles.join(' ')}</span>
      <Link className="btn touch-always btn-sm" to="/shop/backup">
        Backups
      </Link>
    </p>
  );
}
