/** The stations in the order a day runs. */
export const stations = [
  { path: '/ready', name: 'Ready' },
  { path: '/dial', name: 'Dial' },
  { path: '/coupons', name: 'Coupons' },
  { path: '/cards', name: 'Cards' },
  { path: '/jobs', name: 'Jobs' },
  { path: '/optics', name: 'Optics' },
  { path: '/shop', name: 'Shop' },
] as const;

export type StationPath = (typeof stations)[number]['path'];
