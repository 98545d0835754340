/** What is said at the "?" of a page: the two things to know, and where the handbook goes on. */
export interface PageHelp {
  readonly title: string;
  readonly know: readonly [string, string];
  /** Name of the handbook's chapter, as its address has it. */
  readonly chapter: string;
}

/** By the beginning of the address; the longest that fits is taken. */
const helpOf: Readonly<Record<string, PageHelp>> = {
  '/dial': {
    title: 'Dial',
    know: [
      'Press any underlined word to change the joint, or press / and write it: “304 1.5 lap 2 steel”.',
      'The odds are a first guess until your own coupons speak. Weld scrap, press Log, say what the back looked like.',
    ],
    chapter: '3-dial',
  },
  '/dial/clean': {
    title: 'Cleaning',
    know: [
      'Stay between where the coat comes off and where the metal is marked. Both bars are guesses until your strips speak.',
      'Clean a strip of scrap, press Log, say what you see. A coat that nobody knows is not cleaned by numbers.',
    ],
    chapter: '4-modes',
  },
  '/dial/cut': {
    title: 'Cutting',
    know: [
      'Sparks that come back up mean too quick. A beard means more pressure, a smaller bore, or a pace nearer the limit.',
      'The beam goes on far behind the cut: brick or metal there, and nobody. Ready asks what cutting needs first.',
    ],
    chapter: '4-modes',
  },
  '/dial/spot': {
    title: 'Lamp spots',
    know: [
      'Depth is said once an energy of a pulse stands under Shop: one from the manual is enough to begin.',
      'After every change send it, wait for ready, press here; then it can be logged.',
    ],
    chapter: '4-modes',
  },
  '/dial/seam': {
    title: 'Lamp seams',
    know: [
      'The line through the spots is where they cross: so deep the seam is sealed. A slower pace overlaps them more.',
      'After every change send it, wait for ready, press here; then it can be logged.',
    ],
    chapter: '4-modes',
  },
  '/coupons/trials': {
    title: 'Strips, pieces, pulses',
    know: [
      'Everything that was tried beside welding, newest first. What is taken back counts no more and stays in the list.',
      '“Dial it” opens its work with its numbers.',
    ],
    chapter: '4-modes',
  },
  '/cards/modes': {
    title: 'A card of a mode',
    know: [
      'Its numbers stand large, in the order of the panel. “Dial it” opens them to try and to log.',
      'It is borne out by trials that were set as it says. From Dial, Keep it writes its next version.',
    ],
    chapter: '4-modes',
  },
  '/ready/switch': {
    title: 'Switching over',
    know: [
      'Confirm each step where it is done, not from memory; what is read is typed in.',
      'Dial asks whether the machine was switched to a mode today.',
    ],
    chapter: '4-modes',
  },
  '/ready': {
    title: 'Ready',
    know: [
      'Tick what was done and type the values; the day is open for work once every step is done or skipped with a reason.',
      'The test on scrap centres the dot and finds the focus. Nobody looks while the light is on.',
    ],
    chapter: '2-ready',
  },
  '/coupons': {
    title: 'Coupons',
    know: [
      'A coupon is scrap welded at settings known exactly. Press its number to test it, measure it or amend it.',
      'Narrow the list by machine, metal, look, day or words; /coupons/133 in the address opens coupon 133.',
    ],
    chapter: '4-coupons',
  },
  '/coupons/ladders': {
    title: 'Ladders',
    know: [
      'A ladder changes one knob in steps, from a coupon you have: weld its pieces in the order given.',
      'What the knob does is read off once enough pieces are logged; until then nothing is claimed.',
    ],
    chapter: '4-coupons',
  },
  '/coupons/evidence': {
    title: 'What the coupons say',
    know: [
      'How much deeper each machine welds a metal than the model; a wide bar means that few coupons have spoken.',
      'Whether “80 %” comes out even in eight of ten is drawn below, from the odds said before each weld.',
    ],
    chapter: '4-coupons',
  },
  '/cards': {
    title: 'Cards',
    know: [
      'A card is proven once its coupons’ tests meet its level, and signed by a lead. A change makes the next version.',
      'To weld a card, open it and press Weld it: the coupon then counts as its proof.',
    ],
    chapter: '5-cards',
  },
  '/jobs': {
    title: 'Jobs',
    know: [
      'Type the welds of a part, one a line: “W3 304 1.5 T 240 mm x2”. Each gets its setting, its place in the order and its price.',
      'To the bench shows one seam at a time, on a phone too, without the network. Its clock times; it switches nothing.',
    ],
    chapter: '5-jobs',
  },
  '/optics': {
    title: 'Optics',
    know: [
      'Say when a window was changed and what was seen on the old one: that tells what kills them.',
      'Something is wrong asks few questions and says what to look at first.',
    ],
    chapter: '6-optics',
  },
  '/optics/upkeep': {
    title: 'Upkeep',
    know: [
      'The most pressing is on top: by days, or by hours of light that were written down.',
      'A lead changes a machine’s plan; records keep what they were done by.',
    ],
    chapter: '6-optics',
  },
  '/shop': {
    title: 'Shop',
    know: [
      'A change of a machine makes a revision; coupons keep the one they were welded with.',
      'Units, practice, levels and prices are the shop’s own: a lead changes them, with undo.',
    ],
    chapter: '7-shop',
  },
  '/shop/phones': {
    title: 'On phones',
    know: [
      'Over https the phone keeps Lone Heron for when the server is away; over http PINs cross the network readable.',
      'Before you trust the certificate compare its fingerprint with what the computer printed.',
    ],
    chapter: '8-phones-and-no-network',
  },
  '/shop/backup': {
    title: 'Backup',
    know: [
      'Every night the whole shop is copied. Copy one to another disk now and then.',
      './heron restore looks at a backup before anything moves, and sets aside what was there.',
    ],
    chapter: '9-keeping-it',
  },
};

const anywhere: PageHelp = {
  title: 'Lone Heron',
  know: [
    'Ready opens the day, Dial says what to set, Coupons and Cards keep what was learned, Optics keeps the glass.',
    'Whatever is underlined or in a box can be pressed; what was saved can be taken back at the foot of the page.',
  ],
  chapter: '1-first-hour',
};

/** Help of the page at an address. */
export function pageHelp(pathname: string): PageHelp {
  const fitting = Object.keys(helpOf)
    .filter((path) => pathname === path || pathname.startsWith(`${path}/`))
    .toSorted((a, b) => b.length - a.length);
  return helpOf[fitting[0] ?? ''] ?? anywhere;
}

/** Every chapter that some page goes on to. */
export const chaptersHelped: readonly string[] = [anywhere, ...Object.values(helpOf)].map(
  ({ chapter }) => chapter,
);
