import type { RouteObject } from 'react-router';

/** The pages of Shop, each fetched when asked for. */
export const shopRoutes: RouteObject[] = [
  {
    path: 'shop',
    lazy: async () => ({ Component: (await import('../shop/ShopScreen.js')).ShopScreen }),
  },
  {
    path: 'shop/machines/:id',
    lazy: async () => ({ Component: (await import('../shop/machines/MachineScreen.js')).MachineScreen }),
  },
  {
    path: 'shop/machines/:id/safety',
    lazy: async () => ({ Component: (await import('../shop/safety/SafetySheet.js')).SafetySheet }),
  },
  {
    path: 'shop/people',
    lazy: async () => ({ Component: (await import('../shop/people/PeopleScreen.js')).PeopleScreen }),
  },
  {
    path: 'shop/supply',
    lazy: async () => ({ Component: (await import('../shop/supply/SupplyScreen.js')).SupplyScreen }),
  },
  {
    path: 'shop/practice',
    lazy: async () => ({ Component: (await import('../shop/house/PracticeScreen.js')).PracticeScreen }),
  },
  {
    path: 'shop/acceptance',
    lazy: async () => ({
      Component: (await import('../shop/house/AcceptanceScreen.js')).AcceptanceScreen,
    }),
  },
  {
    path: 'shop/units',
    lazy: async () => ({ Component: (await import('../shop/house/UnitsScreen.js')).UnitsScreen }),
  },
  {
    path: 'shop/stock',
    lazy: async () => ({ Component: (await import('../shop/house/StockScreen.js')).StockScreen }),
  },
  {
    path: 'shop/training',
    lazy: async () => ({
      Component: (await import('../shop/training/TrainingScreen.js')).TrainingScreen,
    }),
  },
  {
    path: 'shop/backup',
    lazy: async () => ({ Component: (await import('../shop/backups/BackupScreen.js')).BackupScreen }),
  },
  {
    path: 'shop/history',
    lazy: async () => ({ Component: (await import('../shop/changes/HistoryScreen.js')).HistoryScreen }),
  },
];
