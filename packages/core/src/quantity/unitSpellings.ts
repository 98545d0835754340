/** What a typed quantity can be a quantity of. */
export type Dimension =
  | 'length'
  | 'speed'
  | 'flow'
  | 'pressure'
  | 'temperature'
  | 'power'
  | 'duration'
  | 'frequency'
  | 'mass'
  | 'volume';

/** How to turn a number in some unit into the dimension's shop unit: value x factor + offset. */
interface UnitScale {
  readonly factor: number;
  readonly offset?: number;
}

interface DimensionUnits {
  /** The unit in which values of this dimension are handed on. */
  readonly shopUnit: string;
  /** Shown to a person when a unit is not understood. */
  readonly examples: string;
  /** Spelling in lower case without spaces, to scale. */
  readonly scales: ReadonlyMap<string, UnitScale>;
}

export const inchMm = 25.4;
export const cubicFootLitres = 28.316846592;
export const psiBar = 0.0689475729316836;
export const poundKilograms = 0.45359237;
/** The gallon of the United States, 231 cubic inches. */
export const gallonLitres = 3.785411784;

/** Spreads one scale over the spellings people use for it. */
function spellings(rows: readonly (readonly [names: string, factor: number, offset?: number])[]) {
  return new Map<string, UnitScale>(
    rows.flatMap(([names, factor, offset]) =>
      names
        .split(' ')
        .map((name): [string, UnitScale] => [name, offset === undefined ? { factor } : { factor, offset }]),
    ),
  );
}

/**
 * The units of the shop floor with every spelling we accept. Exact by definition: inch 25.4 mm, cubic foot
 * 28.316846592 L, psi from 4.4482216152605 N per square inch, kgf 9.80665 N, pound 0.45359237 kg, gallon 231 in³.
 */
export const dimensionUnits: Readonly<Record<Dimension, DimensionUnits>> = {
  length: {
    shopUnit: 'mm',
    examples: '1.5 mm, 0.063 in, 1/16, 63 thou, 16 ga',
    scales: spellings([
      ['mm millimetre millimetres millimeter millimeters', 1],
      ['cm centimetre centimetres', 10],
      ['m metre metres meter meters', 1000],
      ['µm um micron microns', 1e-3],
      ["in inch inches \" ''", inchMm],
      ['thou mil mils', inchMm / 1000],
      ["ft foot feet '", inchMm * 12],
    ]),
  },
  speed: {
    shopUnit: 'mm/s',
    examples: '10 mm/s, 60 cm/min, 1.2 m/min, 24 in/min',
    scales: spellings([
      ['mm/s mm/sec mmps', 1],
      ['mm/min', 1 / 60],
      ['cm/s', 10],
      ['cm/min cpm', 10 / 60],
      ['m/min mpm', 1000 / 60],
      ['m/s', 1000],
      ['in/min ipm inch/min inches/min "/min', inchMm / 60],
      ['in/s ips', inchMm],
    ]),
  },
  flow: {
    shopUnit: 'L/min',
    examples: '15 L/min, 32 CFH',
    scales: spellings([
      ['l/min lpm l/m litre/min litres/min liter/min liters/min', 1],
      ['cfh scfh ft3/h ft³/h', cubicFootLitres / 60],
      ['cfm scfm ft3/min ft³/min', cubicFootLitres],
      ['m3/h m³/h', 1000 / 60],
    ]),
  },
  pressure: {
    shopUnit: 'bar',
    examples: '4 bar, 0.4 MPa, 60 psi, 4 kgf/cm2',
    scales: spellings([
      ['bar barg bar(g)', 1],
      ['mbar', 1e-3],
      ['mpa', 10],
      ['kpa', 0.01],
      ['pa', 1e-5],
      ['psi psig', psiBar],
      ['kgf/cm2 kg/cm2 at', 0.980665],
    ]),
  },
  temperature: {
    shopUnit: '°C',
    examples: '22 °C, 72 °F',
    scales: spellings([
      ['°c c degc celsius', 1],
      ['°f f degf fahrenheit', 5 / 9, (-32 * 5) / 9],
      ['k kelvin', 1, -273.15],
    ]),
  },
  power: {
    shopUnit: 'W',
    examples: '900 W, 1.5 kW',
    scales: spellings([
      ['w watt watts', 1],
      ['kw', 1000],
    ]),
  },
  duration: {
    shopUnit: 'ms',
    examples: '250 ms, 0.3 s',
    scales: spellings([
      ['ms', 1],
      ['s sec secs second seconds', 1000],
      ['min minute minutes', 60_000],
      ['h hr hour hours', 3_600_000],
      ['µs us', 1e-3],
    ]),
  },
  frequency: {
    shopUnit: 'Hz',
    examples: '60 Hz, 20 kHz',
    scales: spellings([
      ['hz', 1],
      ['khz', 1000],
      ['mhz', 1e6],
    ]),
  },
  mass: {
    shopUnit: 'kg',
    examples: '5 kg, 800 g, 11 lb',
    scales: spellings([
      ['kg kilogram kilograms', 1],
      ['g gram grams', 1e-3],
      ['lb lbs pound pounds', poundKilograms],
      ['oz ounce ounces', poundKilograms / 16],
    ]),
  },
  volume: {
    shopUnit: 'L',
    examples: '20 L, 5 gal, 0.7 ft³',
    scales: spellings([
      ['l litre litres liter liters', 1],
      ['ml cm3 cm³ cc', 1e-3],
      ['m3 m³', 1000],
      ['gal gallon gallons', gallonLitres],
      ['qt quart quarts', gallonLitres / 4],
      ['ft3 ft³', cubicFootLitres],
      ['in3 in³', gallonLitres / 231],
    ]),
  },
};
