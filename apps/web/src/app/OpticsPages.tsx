import { useRoutes } from 'react-router';
import { Lost } from './Lost.js';
import { page } from './page.js';

const routes = [
  { index: true, element: page(async () => (await import('../optics/OpticsScreen.js')).OpticsScreen) },
  {
    path: 'wrong',
    element: page(async () => (await import('../optics/faultFinder/SomethingWrong.js')).SomethingWrong),
  },
  {
    path: 'lives',
    element: page(async () => (await import('../optics/windows/lives/LivesScreen.js')).LivesScreen),
  },
  {
    path: 'drawer',
    element: page(async () => (await import('../optics/stock/DrawerScreen.js')).DrawerScreen),
  },
  {
    path: 'drawer/order',
    element: page(async () => (await import('../optics/stock/PrintOrder.js')).PrintOrder),
  },
  {
    path: 'upkeep',
    element: page(async () => (await import('../optics/upkeep/UpkeepScreen.js')).UpkeepScreen),
  },
  {
    path: 'upkeep/year',
    element: page(async () => (await import('../optics/upkeep/UpkeepYear.js')).UpkeepYear),
  },
  {
    path: 'upkeep/plan/:machineId',
    element: page(async () => (await import('../optics/upkeep/PlanScreen.js')).PlanScreen),
  },
  {
    path: 'guide/:part',
    element: page(async () => (await import('../optics/guide/GuideScreen.js')).GuideScreen),
  },
  {
    path: 'glass',
    element: page(async () => (await import('../optics/windows/specks/SpecksScreen.js')).SpecksScreen),
  },
  { path: '*', element: <Lost /> },
];

/** The pages of Optics, each fetched when asked for. */
export default function OpticsPages() {
  return useRoutes(routes);
}
