import { useEffect, useState } from 'react';

/** A glove that taps twice does so within this, ms. */
const doubleTap = 600;

/**
 * Whether something was only just shown, or only just pressed: a second tap of the same hand is then for what was there before, and
 * would write the next seam down as welded.
 *
 * @param of what is shown; another one is fresh anew
 */
export function useIsFresh(of: string): boolean {
  const [settled, setSettled] = useState<string | null>(null);
  useEffect(() => {
    const later = setTimeout(() => setSettled(of), doubleTap);
    return () => clearTimeout(later);
  }, [of]);
  return settled !== of;
}
