import { useKeepingTroubles } from '../shared/keeping/useKeepingTroubles.js';

/** How many machines there are, for the waterline; or that the shop's backups want to be looked at. */
export default function ShopState({ machines }: { machines: number }) {
  if (useKeepingTroubles().length > 0) return 'see backups';
  return `${machines} ${machines === 1 ? 'machine' : 'machines'}`;
}
