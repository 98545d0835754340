/** What a machine can be asked over a wire, and told. */
export interface LinkPoint {
  readonly said: string;
  readonly unit: string;
  /** A parameter can be written by who may; a state is yes or no; a reading is a figure; a counter only rises. */
  readonly is: 'parameter' | 'state' | 'reading' | 'counter';
  /** What such a figure can be at all, in its unit. */
  readonly least: number;
  readonly most: number;
}

const yesNo = { unit: '', is: 'state', least: 0, most: 1 } as const;

/** Every point that a map can place, by its key. A machine’s map places those that it has. */
export const linkPoints = {
  power: { said: 'power', unit: 'W', is: 'parameter', least: 0, most: 6000 },
  duty: { said: 'duty', unit: '%', is: 'parameter', least: 0, most: 100 },
  wobbleWidth: { said: 'wobble width', unit: 'mm', is: 'parameter', least: 0, most: 20 },
  wobbleRate: { said: 'wobble rate', unit: 'Hz', is: 'parameter', least: 0, most: 1000 },
  wireSpeed: { said: 'wire speed', unit: 'mm/s', is: 'parameter', least: 0, most: 300 },
  keyOn: { ...yesNo, said: 'key on' },
  interlocksClosed: { ...yesNo, said: 'interlocks closed' },
  workClamped: { ...yesNo, said: 'work clamped' },
  emissionReady: { ...yesNo, said: 'ready for emission' },
  lightOn: { ...yesNo, said: 'light on' },
  gasOn: { ...yesNo, said: 'gas on' },
  takesWrites: { ...yesNo, said: 'takes writes' },
  alarm: { said: 'alarm', unit: '', is: 'reading', least: 0, most: 65535 },
  realPower: { said: 'power at the gun', unit: 'W', is: 'reading', least: 0, most: 6000 },
  gasFlow: { said: 'gas flow', unit: 'L/min', is: 'reading', least: 0, most: 60 },
  coolant: { said: 'coolant', unit: '°C', is: 'reading', least: -10, most: 90 },
  windowHolder: { said: 'window holder', unit: '°C', is: 'reading', least: -10, most: 200 },
  lightSeconds: { said: 'light-on time', unit: 's', is: 'counter', least: 0, most: 1e9 },
  writesTaken: { said: 'writes taken', unit: '', is: 'counter', least: 0, most: 65535 },
} as const satisfies Readonly<Record<string, LinkPoint>>;

export type LinkKey = keyof typeof linkPoints;
export const linkKeys = Object.keys(linkPoints) as [LinkKey, ...LinkKey[]];

/** Keys of what can be dialled. */
export const parameterKeys = [
  'power',
  'duty',
  'wobbleWidth',
  'wobbleRate',
  'wireSpeed',
] as const satisfies readonly LinkKey[];
export type ParameterKey = (typeof parameterKeys)[number];
