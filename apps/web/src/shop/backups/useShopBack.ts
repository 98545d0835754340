import { useEffect } from 'react';

/** How often it is looked whether the shop is open again, and when for the first time: it answers a little longer, ms. */
const lookEvery = 1500;

/** Opens the application anew once the shop, which was closed, is open again. */
export function useShopBack(isAwaited: boolean): void {
  useEffect(() => {
    if (!isAwaited) return undefined;
    const again = setInterval(() => void openOnceBack(), lookEvery);
    return () => clearInterval(again);
  }, [isAwaited]);
}

async function openOnceBack(): Promise<void> {
  try {
    const { ok } = await fetch('/api/health', { cache: 'no-store' });
    if (ok) window.location.assign('/shop/backup');
  } catch {
    // It is still closed: looked again.
  }
}
