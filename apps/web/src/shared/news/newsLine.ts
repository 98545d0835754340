import { newsSchema, type News, type NewsKind } from '@lone-heron/contract';

/** Whoever listens. */
export interface Listener {
  readonly hear: (news: News) => void;
  /** Whether news come by themselves now. */
  readonly tellOpen: (isOpen: boolean) => void;
}

/** What tabs of this browser say to each other: the one that has the line what it hears, and one that begins what it may have missed. */
type SaidToTabs =
  | { readonly news: News }
  | { readonly isOpen: boolean }
  // By a tab that begins: so long ago it did, ms.
  | { readonly age: number };

const lockName = 'lone-heron-news';
/**
 * When this tab heard something last, ms since it began; it begins with what was fetched then. On a slow network, or a busy machine, a
 * line is open seconds later, and what others stored in between was told to nobody here.
 */
let heardAt = 0;
/** An answer that was under way may be older than the moment it came at, ms. */
const underWay = 2000;
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
  let hasLine = false;
  const tellSince = (age: number) => {
    const news = heardSince(age);
    if (news !== null) tabs.postMessage({ news } satisfies SaidToTabs);
  };
  tabs.onmessage = ({ data }: MessageEvent<SaidToTabs>) => {
    if ('news' in data) hearNow(listener, data.news);
    else if ('isOpen' in data) listener.tellOpen(data.isOpen);
    else if (hasLine) tellSince(data.age);
  };
  const both: Listener = {
    hear: (news) => {
      hearNow(listener, news);
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
      hasLine = true;
      const end = line(both);
      leaving.signal.addEventListener('abort', () => {
        end();
        resolve();
      });
    });
  tabs.postMessage({ age: ageNow() } satisfies SaidToTabs);
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

/** When news of a kind came last, and what came last, for a tab that begins later. */
const kindsHeardAt = new Map<NewsKind, number>();
let lastNews: News | null = null;

function hearNow({ hear }: Listener, news: News): void {
  heardAt = performance.now();
  lastNews = news;
  for (const kind of news.kinds) kindsHeardAt.set(kind, heardAt);
  hear(news);
}

/** What was heard so long ago or since, ms; null for nothing. */
function heardSince(age: number): News | null {
  const from = performance.now() - age;
  const kinds = [...kindsHeardAt].filter(([, at]) => at >= from).map(([kind]) => kind);
  return kinds.length === 0 || lastNews === null ? null : { ...lastNews, kinds, page: '' };
}

/** Longer ago the server says no more than that everything may have changed, ms. */
const longestAge = 24 * 3_600_000;

const ageNow = (): number => Math.round(Math.min(performance.now() - heardAt + underWay, longestAge));

const address = (): string => `/api/news?age=${ageNow()}`;

/** One line to the server, made anew as long as nobody ends it. */
function line(listener: Listener): () => void {
  const { tellOpen } = listener;
  let source: EventSource;
  let waiting: ReturnType<typeof setTimeout> | undefined;
  const open = () => {
    source = new EventSource(address());
    source.onopen = () => tellOpen(true);
    source.onmessage = ({ data }: MessageEvent<string>) =>
      hearNow(listener, newsSchema.parse(JSON.parse(data)));
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
