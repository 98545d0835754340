import type { MetalId } from '../metal/index.js';

/** Filler wires by their standard class. */
export const fillers = [
  'G3Si1',
  '308L',
  '316L',
  '309L',
  '4043',
  '5356',
  '4047',
  'CuSi3',
  'CuAl8',
  'CuSn1',
  'NiCr22Mo9',
  'TiGr2',
] as const;
export type Filler = (typeof fillers)[number];

/** What a filler is chosen for. */
export const fillerPurposes = ['allRound', 'crackSafe', 'strength', 'anodising', 'food', 'lowHeat'] as const;
type FillerPurpose = (typeof fillerPurposes)[number];

/** One filler for a pair of metals. */
export interface FillerOption {
  readonly filler: Filler;
  readonly purpose: FillerPurpose;
  readonly why: string;
}

/** A filler class as the shop says it. */
export interface FillerRow {
  readonly name: string;
  readonly density: number;
  readonly source: string;
}

const standard = 'Class of the filler standards; density ±2 %.';

/** Fillers by class; density in kg/m3. */
export const fillerTable: Readonly<Record<Filler, FillerRow>> = {
  G3Si1: { name: 'mild steel wire', density: 7850, source: standard },
  '308L': { name: '308L stainless wire', density: 7900, source: standard },
  '316L': { name: '316L stainless wire', density: 7950, source: standard },
  '309L': { name: '309L stainless wire', density: 7900, source: standard },
  '4043': { name: '4043 silicon-aluminium wire', density: 2690, source: standard },
  '4047': { name: '4047 silicon-aluminium wire', density: 2660, source: standard },
  '5356': { name: '5356 magnesium-aluminium wire', density: 2640, source: standard },
  CuSi3: { name: 'silicon bronze wire', density: 8530, source: standard },
  CuAl8: { name: 'aluminium bronze wire', density: 7700, source: standard },
  CuSn1: { name: 'deoxidised copper wire', density: 8900, source: standard },
  NiCr22Mo9: { name: 'nickel 625 wire', density: 8440, source: standard },
  TiGr2: { name: 'titanium grade 2 wire', density: 4510, source: standard },
};

/** What a metal is to its filler: sister alloys and coats make no difference to the table. */
export type FillerGroup =
  'steel' | '304' | '316' | 'al3' | 'al5' | 'al6' | 'brass' | 'copper' | 'titanium' | 'nickel';

export const fillerGroup: Readonly<Record<MetalId, FillerGroup>> = {
  lowCarbonSteel: 'steel',
  galvanised: 'steel',
  stainless304: '304',
  stainless316: '316',
  aluminium3003: 'al3',
  aluminium5052: 'al5',
  aluminium5083: 'al5',
  aluminium6061: 'al6',
  aluminium6082: 'al6',
  brass: 'brass',
  copper: 'copper',
  titanium2: 'titanium',
  nickel625: 'nickel',
};

const option = (filler: Filler, purpose: FillerPurpose, why: string): FillerOption => ({
  filler,
  purpose,
  why,
});

const stainless304: readonly FillerOption[] = [
  option('308L', 'allRound', 'matches 304, and its ferrite keeps it from cracking'),
  option('308L', 'food', 'low carbon: stays rust-free where it is washed'),
  option('316L', 'strength', 'stands salt and washing better than the sheet itself'),
];

const magnesiumAluminium: readonly FillerOption[] = [
  option('5356', 'strength', 'as strong as the sheet'),
  option('5356', 'anodising', 'comes out the same colour after anodising'),
  option('4043', 'lowHeat', 'flows easily; weaker on magnesium alloys, and grey after anodising'),
];

const softAluminium: readonly FillerOption[] = [
  option('4043', 'crackSafe', 'silicon flows and closes cracks'),
  option('5356', 'strength', 'stronger'),
  option('5356', 'anodising', 'comes out the same colour after anodising; silicon wire turns dark'),
];

const steelToStainless: readonly FillerOption[] = [
  option('309L', 'crackSafe', 'bears the mixing with mild steel without turning hard'),
  option('NiCr22Mo9', 'strength', 'bears heat and cycling better, at a price'),
];

const bronze: readonly FillerOption[] = [
  option('CuSi3', 'lowHeat', 'melts below the steel: more a braze, little zinc boils'),
  option('CuAl8', 'strength', 'stronger, needs more heat'),
];

/** Fillers by pair of groups; the first is where one starts. Pairs that are not here are not welded by fusion. */
export const fillersByPair: Readonly<
  Partial<Record<`${FillerGroup}+${FillerGroup}`, readonly FillerOption[]>>
> = {
  'steel+steel': [
    option('G3Si1', 'allRound', 'silicon and manganese take oxygen out of the melt'),
    option('CuSi3', 'lowHeat', 'brazes thin or galvanised sheet with far less heat; not as strong'),
  ],
  '304+304': stainless304,
  '304+316': [option('316L', 'allRound', 'the better of the two sides'), ...stainless304.slice(0, 2)],
  '316+316': [
    option('316L', 'allRound', 'matches 316'),
    option('316L', 'food', 'low carbon: stays rust-free where it is washed'),
  ],
  '304+steel': steelToStainless,
  '316+steel': steelToStainless,
  'al3+al3': softAluminium,
  'al3+al5': magnesiumAluminium,
  'al3+al6': softAluminium,
  'al5+al5': magnesiumAluminium,
  'al5+al6': [
    option('5356', 'strength', 'suits both alloys'),
    option('5356', 'anodising', 'comes out the same colour after anodising'),
    option('4043', 'crackSafe', 'closes cracks on the 6000 side; weaker on the 5000 side'),
  ],
  'al6+al6': [
    option('4043', 'crackSafe', 'silicon keeps 6000 alloys from cracking down the middle'),
    option('5356', 'strength', 'stronger, and does not crack if enough of it goes in'),
    option('5356', 'anodising', 'comes out the same colour after anodising; silicon wire turns dark'),
    option('4047', 'lowHeat', 'flows furthest; for tight lap and corner joints'),
  ],
  'brass+brass': [
    option('CuSi3', 'lowHeat', 'melts before much zinc boils'),
    option('CuAl8', 'strength', 'stronger'),
  ],
  'brass+copper': [option('CuSi3', 'lowHeat', 'bears both sides')],
  'brass+steel': bronze,
  'copper+copper': [
    option('CuSn1', 'allRound', 'takes oxygen out of the melt and still carries current'),
    option('CuSi3', 'strength', 'stronger; carries current badly'),
  ],
  'copper+steel': bronze,
  '304+copper': bronze,
  '316+copper': bronze,
  'titanium+titanium': [option('TiGr2', 'allRound', 'matches; bright wire, degreased')],
  'nickel+nickel': [option('NiCr22Mo9', 'allRound', 'matches 625')],
  'nickel+steel': [option('NiCr22Mo9', 'crackSafe', 'bears the mixing')],
  '304+nickel': [option('NiCr22Mo9', 'crackSafe', 'bears the mixing')],
  '316+nickel': [option('NiCr22Mo9', 'crackSafe', 'bears the mixing')],
};
