import type { RouteObject } from 'react-router';

/** The pages of Coupons, each fetched when asked for. */
export const couponRoutes: RouteObject[] = [
  {
    path: 'coupons',
    lazy: async () => ({ Component: (await import('../coupons/CouponsScreen.js')).CouponsScreen }),
  },
  {
    path: 'coupons/files',
    lazy: async () => ({ Component: (await import('../coupons/couponFiles/FilesScreen.js')).FilesScreen }),
  },
  {
    path: 'coupons/side-by-side',
    lazy: async () => ({ Component: (await import('../coupons/sideBySide/SideBySide.js')).SideBySide }),
  },
  {
    path: 'coupons/evidence',
    lazy: async () => ({ Component: (await import('../coupons/evidence/EvidenceScreen.js')).EvidenceScreen }),
  },
  {
    path: 'coupons/ladders',
    lazy: async () => ({ Component: (await import('../coupons/ladders/LaddersScreen.js')).LaddersScreen }),
  },
  {
    path: 'coupons/ladders/new',
    lazy: async () => ({ Component: (await import('../coupons/ladders/NewLadder.js')).NewLadder }),
  },
  {
    path: 'coupons/ladders/:id',
    lazy: async () => ({ Component: (await import('../coupons/ladders/LadderScreen.js')).LadderScreen }),
  },
  {
    path: 'coupons/:id',
    lazy: async () => ({ Component: (await import('../coupons/sheet/CouponSheet.js')).CouponSheet }),
  },
  {
    path: 'coupons/:id/pressure',
    lazy: async () => ({
      Component: (await import('../coupons/inspection/tests/PressureScreen.js')).PressureScreen,
    }),
  },
  {
    path: 'coupons/:id/tint',
    lazy: async () => ({ Component: (await import('../coupons/inspection/tint/TintScreen.js')).TintScreen }),
  },
  {
    path: 'coupons/:id/measure',
    lazy: async () => ({
      Component: (await import('../coupons/inspection/measure/MeasureScreen.js')).MeasureScreen,
    }),
  },
];
