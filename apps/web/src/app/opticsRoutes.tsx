import type { RouteObject } from 'react-router';

/** The pages of Optics, each fetched when asked for. */
export const opticsRoutes: RouteObject[] = [
  {
    path: 'optics',
    lazy: async () => ({ Component: (await import('../optics/OpticsScreen.js')).OpticsScreen }),
  },
  {
    path: 'optics/wrong',
    lazy: async () => ({
      Component: (await import('../optics/faultFinder/SomethingWrong.js')).SomethingWrong,
    }),
  },
  {
    path: 'optics/lives',
    lazy: async () => ({ Component: (await import('../optics/windows/lives/LivesScreen.js')).LivesScreen }),
  },
  {
    path: 'optics/drawer',
    lazy: async () => ({ Component: (await import('../optics/stock/DrawerScreen.js')).DrawerScreen }),
  },
  {
    path: 'optics/drawer/order',
    lazy: async () => ({ Component: (await import('../optics/stock/PrintOrder.js')).PrintOrder }),
  },
  {
    path: 'optics/upkeep',
    lazy: async () => ({ Component: (await import('../optics/upkeep/UpkeepScreen.js')).UpkeepScreen }),
  },
  {
    path: 'optics/upkeep/year',
    lazy: async () => ({ Component: (await import('../optics/upkeep/UpkeepYear.js')).UpkeepYear }),
  },
  {
    path: 'optics/upkeep/plan/:machineId',
    lazy: async () => ({ Component: (await import('../optics/upkeep/PlanScreen.js')).PlanScreen }),
  },
  {
    path: 'optics/guide/:part',
    lazy: async () => ({ Component: (await import('../optics/guide/GuideScreen.js')).GuideScreen }),
  },
  {
    path: 'optics/glass',
    lazy: async () => ({
      Component: (await import('../optics/windows/specks/SpecksScreen.js')).SpecksScreen,
    }),
  },
];
