import { formatDistanceStrict } from 'date-fns';
import { ClockAlert } from 'lucide-react';
import { toldFrom, useShopClockAhead } from '../shared/clock/shopClock.js';

/** Above every page while this device and the shop disagree on what time it is. */
export function ClockDiffers() {
  const aheadMs = useShopClockAhead();
  if (Math.abs(aheadMs) < toldFrom) return null;
  const by = formatDistanceStrict(0, aheadMs);
  return (
    <p
      className="flex items-center justify-center gap-2 bg-warning px-4 py-2 text-warning-content"
      role="status"
    >
      <ClockAlert className="size-5 shrink-0" aria-hidden="true" />
      <span>
        This device’s clock is {by} {aheadMs > 0 ? 'behind' : 'ahead of'} the shop’s. What you write down goes
        by the shop’s; set whichever of the two is wrong.
      </span>
    </p>
  );
}
