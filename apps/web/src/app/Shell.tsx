import { lazy, Suspense, useEffect } from 'react';
import { useSelector } from 'react-redux';
import { useHouseQuery } from '../shared/api/houseApi.js';
import { speakIn, useSpokenUnits } from '../shared/figures/shopUnits.js';
import { selectTheme } from '../shared/memory/deskSlice.js';
import { Door } from './door/Door.js';
import { ReadingClosed } from './door/ReadingClosed.js';
import { Pages } from './Pages.js';
import { useKeptPlace } from './useKeptPlace.js';
import { Waterline } from './Waterline.js';

/** Fetched after the page. */
const Notices = lazy(() => import('./Notices.js'));

/** The frame of every screen: the waterline, and the station below it. */
export function Shell() {
  useTheme();
  useKeptPlace();
  return (
    <div className="flex min-h-dvh flex-col pb-20 md:pb-0">
      <a
        href="#station"
        className="btn fixed top-1 left-1 z-50 -translate-y-16 btn-primary focus:translate-y-0"
      >
        Skip to the station
      </a>
      <Waterline />
      <Suspense fallback={null}>
        <Notices />
      </Suspense>
      <main id="station" tabIndex={-1} className="grow outline-none">
        <ReadingClosed>
          <PagesInShopUnits />
        </ReadingClosed>
      </main>
      <Door />
    </div>
  );
}

/** The pages in the shop's units; drawn anew when they change. */
function PagesInShopUnits() {
  const { data } = useHouseQuery(undefined);
  const units = data?.units.content;
  useEffect(() => {
    if (units !== undefined) speakIn(units);
  }, [units]);
  return <Pages key={JSON.stringify(useSpokenUnits())} />;
}

/** The chosen theme, or the device's own. */
function useTheme(): void {
  const theme = useSelector(selectTheme);
  useEffect(() => {
    const dark = window.matchMedia('(prefers-color-scheme: dark)');
    const apply = () => {
      document.documentElement.dataset.theme = theme === 'device' ? (dark.matches ? 'dusk' : 'marsh') : theme;
    };
    apply();
    dark.addEventListener('change', apply);
    return () => dark.removeEventListener('change', apply);
  }, [theme]);
}
