import { Suspense } from 'react';
import { useSelector } from 'react-redux';
import { NavLink } from 'react-router';
import { HeronMark } from '../shared/page/HeronMark.js';
import { selectDialSearch } from '../shared/memory/deskSlice.js';
import { DeskControls } from './DeskControls.js';
import { stations, type StationPath } from './stations.js';
import { useStationStates } from './useStationStates.js';

/** The way round: the stations in the order a day runs, each with its live state; the heron stands where you are. */
export function Waterline() {
  const states = useStationStates();
  const dialSearch = useSelector(selectDialSearch);
  const addressOf = (path: StationPath) =>
    path === '/dial' && dialSearch !== '' ? `${path}?${dialSearch}` : path;
  return (
    <header className="flex items-stretch gap-2 border-b-2 border-primary px-4 sm:px-6 lg:gap-3">
      <p className="flex items-center py-3 text-lg font-bold whitespace-nowrap md:max-lg:sr-only">
        Lone Heron
      </p>
      <nav
        aria-label="Stations"
        className="fixed inset-x-0 bottom-0 z-40 flex border-t-2 border-primary bg-base-200 pb-[env(safe-area-inset-bottom)] md:static md:border-0 lg:mx-auto md:pb-0"
      >
        {stations.map(({ path, name }) => (
          <NavLink
            key={path}
            to={addressOf(path)}
            className="group relative flex min-h-14 min-w-0 grow basis-0 flex-col items-center justify-center px-0.5 md:min-h-16 md:grow-0 md:basis-auto md:items-start md:px-2.5 lg:px-3 md:aria-[current=page]:pr-9"
          >
            {({ isActive }) => (
              <>
                {isActive && <HeronMark className="h-5 text-primary md:hidden" />}
                <span
                  className={`text-[0.8rem] md:text-base ${isActive ? 'font-bold text-primary' : 'font-medium'}`}
                >
                  {name}
                </span>
                <span className="hidden text-sm whitespace-nowrap text-soft lg:block">
                  <Suspense fallback={null}>{states[path]}</Suspense>
                </span>
                {isActive && (
                  <HeronMark className="pointer-events-none absolute right-0 -bottom-0.5 hidden h-11 text-primary md:block" />
                )}
              </>
            )}
          </NavLink>
        ))}
      </nav>
      <DeskControls />
    </header>
  );
}
