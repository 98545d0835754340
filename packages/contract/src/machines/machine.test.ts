import {
  fieldProblems,
  machineFileSchema,
  machineProfileSchema,
  startingProfiles,
  withoutGaps,
  type MachineProfile,
} from '../index.js';

const [bench] = startingProfiles.map(({ profile }) => profile) as [MachineProfile];

const face = { knob: 'power', name: '', shows: 'relative', preset: 0, perNotch: 1, perNotchBelow: 1 };

const refusalsOf = (profile: unknown) => {
  const parsed = machineProfileSchema.safeParse(profile);
  return parsed.success ? [] : fieldProblems(parsed.error, profile);
};

describe('a machine’s profile', () => {
  it.each(startingProfiles)('$name is one to start from', ({ profile }) => {
    expect(refusalsOf(profile)).toEqual([]);
  });

  it.each<[string, Partial<Record<keyof MachineProfile, unknown>>, string, string]>([
    [
      'is configured above its rating',
      { configuredPowerW: 1800 },
      'configuredPowerW',
      'up to the rated power, 1500 W',
    ],
    [
      'gives more than it is configured to',
      { configuredPowerW: 1200 },
      'powerW.most',
      'up to the configured power, 1200 W',
    ],
    [
      'has a knob that ends before it begins',
      { wobbleWidthMm: { least: 4, most: 4, step: 0.1 } },
      'wobbleWidthMm.most',
      'more than the least, 4 mm',
    ],
    [
      'has a knob without steps',
      { wobbleRateHz: { least: 10, most: 150, step: 0 } },
      'wobbleRateHz.step',
      'a number from 0.001 to 500 Hz',
    ],
    ['has a knob twice', { panel: ['power', 'power'] }, 'panel', 'each knob once'],
    ['sweeps nothing', { wobbleShapes: [] }, 'wobbleShapes', 'one shape or more'],
    ['sweeps what no gun does', { wobbleShapes: ['spiral'] }, 'wobbleShapes.0', 'one of sideToSide, circle'],
    ['is a toy', { ratedPowerW: 5 }, 'ratedPowerW', 'a number from 50 to 6000 W'],
    [
      'has coolant outside its own limits',
      {
        coolant: [
          { name: 's', setPointC: 40, lowerC: 20, upperC: 30, changeMonths: 3, litres: null, heatingW: null },
        ],
      },
      'coolant.0.setPointC',
      'between the limits, 20 and 30 °C',
    ],
    [
      'sweeps its power',
      { panelFaces: [{ ...face, knob: 'power', shows: 'sweepSpeed' }] },
      'panelFaces.0.shows',
      'for the wobble rate alone',
    ],
    [
      'has notches that are nothing',
      { panelFaces: [{ ...face, perNotch: 0 }] },
      'panelFaces.0.perNotch',
      'not 0',
    ],
    [
      'has notches that turn round at nought',
      { panelFaces: [{ ...face, shows: 'signed', perNotchBelow: -1 }] },
      'panelFaces.0.perNotchBelow',
      'the same way as above the middle',
    ],
    ['says a knob in two ways', { panelFaces: [face, face] }, 'panelFaces', 'one face a knob'],
    ['hangs on two phases', { mains: { ...bench.mains, phases: 2 } }, 'mains.phases', '1 or 3 phases'],
  ])('that %s is refused by name', (_, change, field, allowed) => {
    const refusals = refusalsOf({ ...bench, ...change });
    expect(refusals.map((each) => each.field)).toContain(field);
    expect(refusals.find((each) => each.field === field)?.allowed).toContain(allowed);
  });

  it('in a file says what file it is', () => {
    const file = { format: 'lone-heron-machine', version: 1, name: 'the bench unit', profile: bench };
    expect(machineFileSchema.parse(JSON.parse(JSON.stringify(file)))).toEqual(file);
    const other = machineFileSchema.safeParse({ ...file, format: 'shopping list' });
    expect(other.success ? [] : fieldProblems(other.error, {})).toEqual([
      { field: 'format', given: 'nothing', allowed: 'lone-heron-machine, a machine’s own file' },
    ]);
  });
});

describe('a profile from an older version', () => {
  it('reads with what it does not know as not known', () => {
    const older: Record<string, unknown> = { ...bench };
    delete older['lamp'];
    older['coolant'] = [{ name: 's', setPointC: 25, lowerC: 20, upperC: 30, changeMonths: 3 }];
    expect(machineProfileSchema.parse(withoutGaps(older))).toMatchObject({
      lamp: null,
      coolant: [{ litres: null, heatingW: null, setPointC: 25 }],
    });
  });

  it.each([null, 42, 'text', ['a']])('that is %j is left for the schema to refuse', (profile) => {
    expect(withoutGaps(profile)).toBe(profile);
  });
});
