import { addMilliseconds, formatDistanceToNowStrict } from 'date-fns';
import { CloudOff } from 'lucide-react';
import { useEffect } from 'react';
import { useDispatch, useSelector } from 'react-redux';
import { everything, heronApi } from '../shared/api/heronApi.js';
import { shownMoment } from '../shared/figures/moments.js';
import { selectKeptSince } from '../shared/kept/keptSlice.js';
import { useShopClockAhead } from '../shared/clock/shopClock.js';
import { useNow } from '../shared/clock/useNow.js';

/** How often it is looked whether the server is back, ms. */
const lookEvery = 10_000;

/** Above every page while the server is away: that this is what was last known, and how old it is. */
export function ServerAway() {
  const now = useNow();
  const aheadMs = useShopClockAhead();
  const since = useSelector(selectKeptSince);
  const dispatch = useDispatch();
  useEffect(() => {
    if (since === null) return undefined;
    const again = setInterval(() => dispatch(heronApi.util.invalidateTags([...everything])), lookEvery);
    return () => clearInterval(again);
  }, [since, dispatch]);
  if (since === null) return null;
  // This device noted when it was kept, by its own clock.
  const asOf = addMilliseconds(since, aheadMs).toISOString();
  return (
    <p
      className="flex items-center justify-center gap-2 bg-warning px-4 py-2 text-warning-content"
      role="status"
    >
      <CloudOff className="size-5 shrink-0" aria-hidden="true" />
      <span>
        The server does not answer. This is as it was {shownMoment(asOf, now)},{' '}
        {formatDistanceToNowStrict(new Date(since))} ago. Coupons you log wait here and are sent when it is
        back.
      </span>
    </p>
  );
}
