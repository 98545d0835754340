import { useRoutes } from 'react-router';
import { Lost } from './Lost.js';
import { page } from './page.js';

const routes = [
  { index: true, element: page(async () => (await import('../shop/ShopScreen.js')).ShopScreen) },
  {
    path: 'machines/:id',
    element: page(async () => (await import('../shop/machines/MachineScreen.js')).MachineScreen),
  },
  {
    path: 'machines/:id/link',
    element: page(async () => (await import('../shop/links/LinkScreen.js')).LinkScreen),
  },
  {
    path: 'machines/:id/safety',
    element: page(async () => (await import('../shop/safety/SafetySheet.js')).SafetySheet),
  },
  { path: 'in', element: page(async () => (await import('../shop/people/AnswerPage.js')).AnswerPage) },
  {
    path: 'workshops',
    element: page(async () => (await import('../shop/workshops/WorkshopsScreen.js')).WorkshopsScreen),
  },
  {
    path: 'people',
    element: page(async () => (await import('../shop/people/PeopleScreen.js')).PeopleScreen),
  },
  {
    path: 'supply',
    element: page(async () => (await import('../shop/supply/SupplyScreen.js')).SupplyScreen),
  },
  {
    path: 'practice',
    element: page(async () => (await import('../shop/house/PracticeScreen.js')).PracticeScreen),
  },
  {
    path: 'acceptance',
    element: page(async () => (await import('../shop/house/AcceptanceScreen.js')).AcceptanceScreen),
  },
  { path: 'units', element: page(async () => (await import('../shop/house/UnitsScreen.js')).UnitsScreen) },
  { path: 'stock', element: page(async () => (await import('../shop/house/StockScreen.js')).StockScreen) },
  {
    path: 'training',
    element: page(async () => (await import('../shop/training/TrainingScreen.js')).TrainingScreen),
  },
  {
    path: 'phones',
    element: page(async () => (await import('../shop/network/PhonesScreen.js')).PhonesScreen),
  },
  {
    path: 'backup',
    element: page(async () => (await import('../shop/backups/BackupScreen.js')).BackupScreen),
  },
  {
    path: 'history',
    element: page(async () => (await import('../shop/changes/HistoryScreen.js')).HistoryScreen),
  },
  { path: '*', element: <Lost /> },
];

/** The pages of Shop, each fetched when asked for. */
export default function ShopPages() {
  return useRoutes(routes);
}
