import type { MetalFamily } from '../metal/index.js';

/** What a gas is, and what it does. */
export interface GasRow {
  readonly name: string;
  /** Within a line of figures. */
  readonly short: string;
  /** What to ask for. */
  readonly purity: string;
  readonly colour: string;
  readonly reach: string;
  /** Usual price beside argon by volume; planning figure, half to double. */
  readonly costBesideArgon: number;
  readonly cost: string;
  readonly caution: string;
  readonly source: string;
}

const practice =
  'Common practice of small shops; price ratios scatter by a factor of two with contract and place.';
const closedSpace = 'Shielding gas pushes air out of closed spaces: ventilate, never weld in one alone.';

/** Shielding gases by name. */
export const gasTable = {
  argon: {
    name: 'argon',
    short: 'argon',
    purity: '99.99 % or better (4.6 for titanium and bright backs)',
    colour: 'the brightest bead on every metal; heavy, so it stays in corners',
    reach: 'the melt model’s own case',
    costBesideArgon: 1,
    cost: 'bottled, the dearest of the three',
    caution: closedSpace,
    source: practice,
  },
  nitrogen: {
    name: 'nitrogen',
    short: 'nitrogen',
    purity: '99.99 % or better',
    colour: 'bright to straw on steel and stainless; dulls aluminium, embrittles titanium',
    reach: 'some shops find it a little deeper; the model makes no difference, coupons decide',
    costBesideArgon: 0.6,
    cost: 'bottled or made on site, cheaper than argon',
    caution: closedSpace,
    source: practice,
  },
  dryAir: {
    name: 'clean dry air',
    short: 'dry air',
    purity: 'filtered and dried; water or oil in it burns the window at once',
    colour: 'grey to blue: for beads that are ground or painted',
    reach: 'oxygen warms the melt a little; the model makes no difference, coupons decide',
    costBesideArgon: 0.05,
    cost: 'the compressor and its filters',
    caution: 'Look after filter and dryer: they are what keeps the window whole.',
    source: practice,
  },
} as const satisfies Readonly<Record<string, GasRow>>;
export type ShieldingGas = keyof typeof gasTable;

/** Gases a shop of this size keeps. */
export const shieldingGases = Object.keys(gasTable) as [ShieldingGas, ...ShieldingGas[]];

/** How a gas does on a metal family. */
export interface GasOnFamily {
  readonly gas: ShieldingGas;
  /** Null where it may be used; else why not. */
  readonly refused: string | null;
  readonly why: string;
}

const steelGases: readonly GasOnFamily[] = [
  { gas: 'argon', refused: null, why: 'the brightest bead' },
  { gas: 'nitrogen', refused: null, why: 'nearly as bright for less money' },
  { gas: 'dryAir', refused: null, why: 'enough where the bead is painted' },
];

const argonOnly = (nitrogen: string, air: string, why: string): readonly GasOnFamily[] => [
  { gas: 'argon', refused: null, why },
  { gas: 'nitrogen', refused: nitrogen, why: nitrogen },
  { gas: 'dryAir', refused: air, why: air },
];

/** Gases by metal family, the school that every practice accepts first. */
export const gasesByFamily: Readonly<Record<MetalFamily, readonly GasOnFamily[]>> = {
  steel: steelGases,
  stainless: [
    { gas: 'argon', refused: null, why: 'the brightest face and back' },
    { gas: 'nitrogen', refused: null, why: 'cheaper, and it holds austenite' },
    {
      gas: 'dryAir',
      refused: 'scale that rusts: the chromium burns',
      why: 'scale that rusts: the chromium burns',
    },
  ],
  aluminium: argonOnly(
    'dull, sooty and porous',
    'oxide skins in the melt',
    'aluminium takes nothing but argon well',
  ),
  copperAlloy: [
    { gas: 'argon', refused: null, why: 'keeps the melt clean; it calms the jump as the keyhole opens' },
    { gas: 'nitrogen', refused: null, why: 'copper does not mind it, and it is cheaper' },
    { gas: 'dryAir', refused: 'pores from oxygen', why: 'pores from oxygen' },
  ],
  titanium: argonOnly(
    'titanium takes nitrogen up and turns brittle',
    'titanium takes air up and turns brittle',
    'argon in front, behind and trailing until the seam has cooled',
  ),
  nickel: [
    { gas: 'argon', refused: null, why: 'clean face and back' },
    { gas: 'nitrogen', refused: 'pores in many nickel alloys', why: 'pores in many nickel alloys' },
    { gas: 'dryAir', refused: 'oxide skins and cracks', why: 'oxide skins and cracks' },
  ],
};
