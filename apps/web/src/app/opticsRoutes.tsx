import type { RouteObject } from 'react-router';

/** The pages of Optics, each fetched when asked for. */
export const opticsRoutes: RouteObject[] = [
  {
    path: 'optics',
    lazy: async () => ({ Component: (await import('../optics/OpticsScreen.js')).OpticsScreen }),
  },
  {
    path: 'optics/wrong',
    lazy: async () => ({ Component: (await import('../optics/wrong/SomethingWrong.js')).SomethingWrong }),
  },
];
