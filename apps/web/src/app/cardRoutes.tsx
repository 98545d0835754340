import type { RouteObject } from 'react-router';

/** The pages of Cards, each fetched when asked for. */
export const cardRoutes: RouteObject[] = [
  {
    path: 'cards',
    lazy: async () => ({ Component: (await import('../cards/CardsScreen.js')).CardsScreen }),
  },
  {
    path: 'cards/new',
    lazy: async () => ({ Component: (await import('../cards/edit/NewCard.js')).NewCard }),
  },
  {
    path: 'cards/chart',
    lazy: async () => ({ Component: (await import('../cards/wall/PrintChart.js')).PrintChart }),
  },
  {
    path: 'cards/exchange',
    lazy: async () => ({ Component: (await import('../cards/exchange/ExchangeScreen.js')).ExchangeScreen }),
  },
  {
    path: 'cards/slots',
    lazy: async () => ({ Component: (await import('../cards/programSlots/SlotsScreen.js')).SlotsScreen }),
  },
  {
    path: 'cards/slots/compare',
    lazy: async () => ({ Component: (await import('../cards/programSlots/CompareSlot.js')).CompareSlot }),
  },
  {
    path: 'cards/slots/labels',
    lazy: async () => ({ Component: (await import('../cards/programSlots/PrintLabels.js')).PrintLabels }),
  },
  {
    path: 'cards/:id',
    lazy: async () => ({ Component: (await import('../cards/sheet/CardSheet.js')).CardSheet }),
  },
  {
    path: 'cards/:id/change',
    lazy: async () => ({ Component: (await import('../cards/edit/ChangeCard.js')).ChangeCard }),
  },
  {
    path: 'cards/:id/carry',
    lazy: async () => ({ Component: (await import('../cards/edit/CarryCard.js')).CarryCard }),
  },
  {
    path: 'cards/:id/procedure',
    lazy: async () => ({
      Component: (await import('../cards/procedures/ProcedureScreen.js')).ProcedureScreen,
    }),
  },
  {
    path: 'cards/:id/wall',
    lazy: async () => ({ Component: (await import('../cards/wall/PrintCard.js')).PrintCard }),
  },
];
