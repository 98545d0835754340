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

/** What each station that is not built yet will be. */
export const promises = {
  '/jobs': 'A list of joints with lengths, in the order that spares nozzle, wire and gas changes.',
} as const satisfies Partial<Record<StationPath, string>>;
