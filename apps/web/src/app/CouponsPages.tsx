import { useRoutes } from 'react-router';
import { Lost } from './Lost.js';
import { page } from './page.js';

const routes = [
  { index: true, element: page(async () => (await import('../coupons/CouponsScreen.js')).CouponsScreen) },
  {
    path: 'files',
    element: page(async () => (await import('../coupons/couponFiles/FilesScreen.js')).FilesScreen),
  },
  {
    path: 'side-by-side',
    element: page(async () => (await import('../coupons/sideBySide/SideBySide.js')).SideBySide),
  },
  {
    path: 'evidence',
    element: page(async () => (await import('../coupons/evidence/EvidenceScreen.js')).EvidenceScreen),
  },
  {
    path: 'ladders',
    element: page(async () => (await import('../coupons/ladders/LaddersScreen.js')).LaddersScreen),
  },
  {
    path: 'ladders/new',
    element: page(async () => (await import('../coupons/ladders/NewLadder.js')).NewLadder),
  },
  {
    path: 'ladders/:id',
    element: page(async () => (await import('../coupons/ladders/LadderScreen.js')).LadderScreen),
  },
  {
    path: 'trials',
    element: page(async () => (await import('../coupons/trials/TrialsScreen.js')).TrialsScreen),
  },
  { path: ':id', element: page(async () => (await import('../coupons/sheet/CouponPage.js')).CouponPage) },
  {
    path: ':id/pressure',
    element: page(async () => (await import('../coupons/inspection/tests/PressureScreen.js')).PressureScreen),
  },
  {
    path: ':id/tint',
    element: page(async () => (await import('../coupons/inspection/tint/TintScreen.js')).TintScreen),
  },
  {
    path: ':id/measure',
    element: page(async () => (await import('../coupons/inspection/measure/MeasureScreen.js')).MeasureScreen),
  },
  { path: '*', element: <Lost /> },
];

/** The pages of Coupons, each fetched when asked for. */
export default function CouponsPages() {
  return useRoutes(routes);
}
