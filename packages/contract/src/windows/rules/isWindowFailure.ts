import type { WindowReason } from '../protectiveWindow.js';

/** Whether a window that came out for this had reached its end; a sound one had lasted at least so long. */
export function isWindowFailure(reason: WindowReason): boolean {
  return reason !== 'sound' && reason !== 'planned' && reason !== 'other';
}
