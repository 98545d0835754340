/** Simulations and laws of the core that take seconds each: left out where quick answers are wanted. */
export const slowTests = [
  ...['simulatedShops', 'severalWorkshops', 'otherShops', 'exactOdds'],
  ...['settings/laws', 'finderSaves'],
];
