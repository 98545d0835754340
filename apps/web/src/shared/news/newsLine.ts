import { newsSchema, type News } from '@lone-heron/contract';

/** Whoever listens. */
export interface Listener {
  readonly hear: (news: News) => void;
  /** Whether news come by themselves now. */
  readonly tellOpen: (isOpen: boolean) => void;
}

/** What the tab that has the line says to the other tabs of this browser. */
type SaidToTabs = { readonly news: News } | { readonly isOpen: boolean };

const lockName = 'lone-heron-news';
/** A browser asks again by itself where a line broke, and not where it was refused, ms. */
const askAgainAfter = 5000;

/**
 * Listens to the server over one line for all tabs of this browser: it gives each server few. One tab has it and says what it hears to
 * the others. Where a browser knows no locks, as over plain http from another machine, each tab in sight has one of its own.
 *
 * @returns ends it
 */
export function openNewsLine(listener: Listener): () => void {
  return 'locks' in navigator ? sharedLine(listener) : ownLineInSight(listener);
}

function sharedLine(listener: Listener): () => void {
  const tabs = new BroadcastChannel(lockName);
  const leaving = new AbortController();
  tabs.onmessage = ({ data }: MessageEvent<SaidToTabs>) => {
    if ('news' in data) listener.hear(data.news);
    else listener.tellOpen(data.isOpen);
  };
  const both: Listener = {
    hear: (news) => {
      listener.hear(news);
      // A tab that opened since knows from it that there is a line.
      tabs.postMessage({ isOpen: true } satisfies SaidToTabs);
      tabs.postMessage({ news } satisfies SaidToTabs);
    },
    tellOpen: (isOpen) => {
      listener.tellOpen(isOpen);
      tabs.postMessage({ isOpen } satisfies SaidToTabs);
    },
  };
  const hold = () =>
    new Promise<void>((resolve) => {
      const end = line(both);
      leaving.signal.addEventListener('abort', () => {
        end();
        resolve();
      });
    });
  // It waits until the tab that has it leaves.
  navigator.locks.request(lockName, { signal: leaving.signal }, hold).catch(() => undefined);
  return () => {
    leaving.abort();
    tabs.close();
  };
}

function ownLineInSight(listener: Listener): () => void {
  let end: (() => void) | null = null;
  const follow = () => {
    const isInSight = document.visibilityState === 'visible';
    if (isInSight && end === null) end = line(listener);
    if (isInSight || end === null) return;
    end();
    end = null;
    listener.tellOpen(false);
  };
  document.addEventListener('visibilitychange', follow);
  follow();
  return () => {
    document.removeEventListener('visibilitychange', follow);
    end?.();
  };
}

/** One line to the server, made anew as long as nobody ends it. */
function line({ hear, tellOpen }: Listener): () => void {
  let source: EventSource;
  let waiting: ReturnType<typeof setTimeout> | undefined;
  const open = () => {
    source = new EventSource('/api/news');
    source.onopen = () => tellOpen(true);
    source.onmessage = ({ data }: MessageEvent<string>) => hear(newsSchema.parse(JSON.parse(data)));
    source.onerror = () => {
      tellOpen(false);
      if (source.readyState === EventSource.CLOSED) waiting = setTimeout(open, askAgainAfter);
    };
  };
  open();
  return () => {
    clearTimeout(waiting);
    source.close();
  };
}
