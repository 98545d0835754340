interface TourStep {
  readonly path: string;
  /** What it points at. */
  readonly at: string;
  readonly title: string;
  readonly words: string;
}

/** The way to a station, which is on the screen at every size; its heading is not. */
const stationLink = (path: string): string => `nav[aria-label="Stations"] a[href^="${path}"]`;

/** One piece of work from the sentence to the card. */
export const tourSteps: readonly [TourStep, ...TourStep[]] = [
  {
    path: '/dial',
    at: '#station h1 + *, #station form',
    title: 'Say the joint',
    words: 'Press an underlined word to change it, or press / and write it as you would say it.',
  },
  {
    path: '/dial',
    at: '[aria-label="Dial these"]',
    title: 'The numbers for your panel',
    words: 'In its order and its units. They stay until you take new ones.',
  },
  {
    path: '/dial',
    at: '[aria-label="What to expect"]',
    title: 'How sure it is',
    words: 'Odds, not a promise: wide at first, narrower with every coupon of your own.',
  },
  {
    path: '/coupons',
    at: stationLink('/coupons'),
    title: 'Coupons teach it',
    words:
      'Scrap welded at these numbers, one key for what the back looked like. Tests and photos hang on it.',
  },
  {
    path: '/cards',
    at: stationLink('/cards'),
    title: 'Cards keep what worked',
    words: 'Proven by tests, signed by a lead, printed for the wall with a code for a phone.',
  },
  {
    path: '/optics',
    at: stationLink('/optics'),
    title: 'Glass and upkeep',
    words: 'Which window is in, how long it is likely to last, and what is due. Then: Ready opens the day.',
  },
];
