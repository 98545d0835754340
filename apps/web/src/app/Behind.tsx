import { useEffect } from 'react';
import OutboxSender from '../shared/outbox/OutboxSender.js';
import Toasts from './Toasts.js';

/** What comes right behind the first page: its words about what was done, and what waits in this browser. */
export default function Behind() {
  useOpenOffline();
  return (
    <>
      <Toasts />
      <OutboxSender />
    </>
  );
}

/** Once the page is there: what it takes to open without the server is fetched behind everything else. */
function useOpenOffline(): void {
  useEffect(() => {
    const start = async () => {
      // A server that went away meanwhile is asked at the next load.
      const offline = await import('./openOffline.js').catch(() => null);
      void offline?.openOffline();
    };
    const waiting = setTimeout(() => void start(), settledAfter);
    return () => clearTimeout(waiting);
  }, []);
}

/** The first page and what it asks have come by then, ms. */
const settledAfter = 3000;
