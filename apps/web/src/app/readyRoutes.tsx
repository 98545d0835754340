import type { RouteObject } from 'react-router';

/** The pages of Ready, each fetched when asked for. */
export const readyRoutes: RouteObject[] = [
  {
    path: 'ready',
    lazy: async () => ({ Component: (await import('../ready/ReadyScreen.js')).ReadyScreen }),
  },
  {
    path: 'ready/day/:id',
    lazy: async () => ({ Component: (await import('../ready/record/DayRecord.js')).DayRecord }),
  },
  {
    path: 'ready/record/:id',
    lazy: async () => ({ Component: (await import('../ready/record/DaysList.js')).DaysList }),
  },
  {
    path: 'ready/template/:id',
    lazy: async () => ({
      Component: (await import('../ready/template/TemplateScreen.js')).TemplateScreen,
    }),
  },
  {
    path: 'ready/scrap/:id',
    lazy: async () => ({ Component: (await import('../ready/scrap/ScrapScreen.js')).ScrapScreen }),
  },
];
