import { useEffect, useLayoutEffect } from 'react';
import { z } from 'zod';
import { readKept } from '../shared/memory/browserMemory.js';
import { NavigationType, useLocation, useNavigationType } from 'react-router';

const placesKey = 'lone-heron.places';

const mostKept = 100;
const placesSchema = z.array(z.tuple([z.string(), z.number()]));

function keptPlaces(): readonly (readonly [string, number])[] {
  return readKept(sessionStorage, placesKey, placesSchema) ?? [];
}

/** How far down each visited page was, by its place in this tab's history; it outlives loading the tab anew. */
const places = new Map<string, number>(keptPlaces());

/** Long enough for what a page fetches; somebody who scrolls before has chosen another place. */
const patienceMs = 2000;

/**
 * Going back finds a page as far down as it was left; a page that is gone to begins at its top. The browser's own way
 * gives up where a page has yet to fetch what makes it long.
 */
export function useKeptPlace(): void {
  const { key, pathname } = useLocation();
  const isBack = useNavigationType() === NavigationType.Pop;
  useEffect(() => {
    window.history.scrollRestoration = 'manual';
    const write = () => sessionStorage.setItem(placesKey, JSON.stringify([...places].slice(-mostKept)));
    window.addEventListener('pagehide', write);
    return () => window.removeEventListener('pagehide', write);
  }, []);
  useEffect(() => {
    const keep = () => places.set(key, window.scrollY);
    window.addEventListener('scroll', keep, { passive: true });
    return () => window.removeEventListener('scroll', keep);
  }, [key]);
  useLayoutEffect(() => {
    const place = isBack ? (places.get(key) ?? 0) : 0;
    window.scrollTo(0, place);
    return place === 0 ? undefined : onceLongEnough(place);
    // A change of the address within a page leaves it where it is.
    // oxlint-disable-next-line react-hooks/exhaustive-deps
  }, [pathname]);
}

/** Goes to a place as soon as the page reaches so far down. */
function onceLongEnough(place: number): () => void {
  const watch = new ResizeObserver(() => {
    const { scrollHeight, clientHeight } = document.documentElement;
    if (scrollHeight - clientHeight < place) return;
    window.scrollTo(0, place);
    stop();
  });
  const timer = setTimeout(() => stop(), patienceMs);
  const stop = () => {
    watch.disconnect();
    clearTimeout(timer);
    for (const act of ['wheel', 'touchmove', 'keydown']) window.removeEventListener(act, stop);
  };
  for (const act of ['wheel', 'touchmove', 'keydown']) window.addEventListener(act, stop, { passive: true });
  watch.observe(document.body);
  return stop;
}
