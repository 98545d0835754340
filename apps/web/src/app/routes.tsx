import { createBrowserRouter, Navigate } from 'react-router';
import { DialScreen } from '../dial/DialScreen.js';
import { Loading } from '../shared/Loading.js';
import { NotYet } from '../shared/NotYet.js';
import { Broken } from './Broken.js';
import { Lost } from './Lost.js';
import { Shell } from './Shell.js';
import { promises } from './stations.js';

/** Dial is what most people open first and comes with the page; the other stations are fetched when asked for. */
export function createRouter() {
  return createBrowserRouter([
    {
      element: <Shell />,
      errorElement: <Broken />,
      HydrateFallback: () => <Loading what="the station" />,
      children: [
        { index: true, element: <Navigate to="/dial" replace /> },
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
        { path: 'dial', element: <DialScreen /> },
        {
          path: 'coupons',
          lazy: async () => ({ Component: (await import('../coupons/CouponsScreen.js')).CouponsScreen }),
        },
        { path: 'cards', element: <NotYet station="Cards" promise={promises['/cards']} /> },
        { path: 'jobs', element: <NotYet station="Jobs" promise={promises['/jobs']} /> },
        {
          path: 'optics',
          lazy: async () => ({ Component: (await import('../optics/OpticsScreen.js')).OpticsScreen }),
        },
        {
          path: 'shop',
          lazy: async () => ({ Component: (await import('../shop/ShopScreen.js')).ShopScreen }),
        },
        {
          path: 'shop/machines/:id',
          lazy: async () => ({ Component: (await import('../shop/MachineScreen.js')).MachineScreen }),
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
          path: 'shop/training',
          lazy: async () => ({
            Component: (await import('../shop/training/TrainingScreen.js')).TrainingScreen,
          }),
        },
        {
          path: 'shop/history',
          lazy: async () => ({ Component: (await import('../shop/HistoryScreen.js')).HistoryScreen }),
        },
        { path: '*', element: <Lost /> },
      ],
    },
  ]);
}
