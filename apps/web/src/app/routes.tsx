import { createBrowserRouter, Navigate, type RouteObject } from 'react-router';
import { DialScreen } from '../dial/DialScreen.js';
import { Loading } from '../shared/page/Loading.js';
import { NotYet } from '../shared/page/NotYet.js';
import { Broken } from './Broken.js';
import { Lost } from './Lost.js';
import { Shell } from './Shell.js';
import { promises } from './stations.js';

/** The pages of each station, by the first word of their address. */
const stationRoutes: Readonly<Record<string, () => Promise<RouteObject[]>>> = {
  ready: async () => (await import('./readyRoutes.js')).readyRoutes,
  cards: async () => (await import('./cardRoutes.js')).cardRoutes,
  coupons: async () => (await import('./couponRoutes.js')).couponRoutes,
  optics: async () => (await import('./opticsRoutes.js')).opticsRoutes,
  shop: async () => (await import('./shopRoutes.js')).shopRoutes,
};

/**
 * Dial is what most people open first and comes with the page; which pages the other stations have is fetched, as the
 * pages are, when one is asked for.
 */
export function createRouter() {
  return createBrowserRouter(firstRoutes(), {
    patchRoutesOnNavigation: async ({ path, patch }) => {
      const routes = await stationRoutes[path.split('/')[1] ?? '']?.();
      if (routes !== undefined) patch(shellId, routes);
    },
  });
}

const shellId = 'shell';

function firstRoutes(): RouteObject[] {
  return [
    {
      id: shellId,
      element: <Shell />,
      errorElement: <Broken />,
      HydrateFallback: () => <Loading what="the station" />,
      children: [
        { index: true, element: <Navigate to="/dial" replace /> },
        { path: 'dial', element: <DialScreen /> },
        { path: 'jobs', element: <NotYet station="Jobs" promise={promises['/jobs']} /> },
        { path: '*', element: <Lost /> },
      ],
    },
  ];
}
