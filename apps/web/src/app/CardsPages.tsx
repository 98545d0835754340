import { useRoutes } from 'react-router';
import { Lost } from './Lost.js';
import { page } from './page.js';

const routes = [
  { index: true, element: page(async () => (await import('../cards/CardsScreen.js')).CardsScreen) },
  { path: 'new', element: page(async () => (await import('../cards/edit/NewCard.js')).NewCard) },
  { path: 'chart', element: page(async () => (await import('../cards/wall/PrintChart.js')).PrintChart) },
  {
    path: 'exchange',
    element: page(async () => (await import('../cards/exchange/ExchangeScreen.js')).ExchangeScreen),
  },
  {
    path: 'slots',
    element: page(async () => (await import('../cards/programSlots/SlotsScreen.js')).SlotsScreen),
  },
  {
    path: 'slots/compare',
    element: page(async () => (await import('../cards/programSlots/CompareSlot.js')).CompareSlot),
  },
  {
    path: 'slots/labels',
    element: page(async () => (await import('../cards/programSlots/PrintLabels.js')).PrintLabels),
  },
  {
    path: 'modes/:id',
    element: page(async () => (await import('../cards/modes/ModeCardSheet.js')).ModeCardSheet),
  },
  { path: ':id', element: page(async () => (await import('../cards/sheet/CardSheet.js')).CardSheet) },
  { path: ':id/change', element: page(async () => (await import('../cards/edit/ChangeCard.js')).ChangeCard) },
  { path: ':id/carry', element: page(async () => (await import('../cards/edit/CarryCard.js')).CarryCard) },
  {
    path: ':id/procedure',
    element: page(async () => (await import('../cards/procedures/ProcedureScreen.js')).ProcedureScreen),
  },
  { path: ':id/wall', element: page(async () => (await import('../cards/wall/PrintCard.js')).PrintCard) },
  { path: '*', element: <Lost /> },
];

/** The pages of Cards, each fetched when asked for. */
export default function CardsPages() {
  return useRoutes(routes);
}
