import fc from 'fast-check';
import {
  clearanceFor,
  dayEntryDraftSchema,
  dayProgress,
  entryRefusal,
  houseStarts,
  readingVerdict,
  sequenceDraftSchema,
  startingProfiles,
  usualSequence,
  type Clearance,
  type Day,
  type DayEntry,
  type MachineProfile,
  type Step,
  type StepReading,
} from '../index.js';

const [bench, barrow] = startingProfiles.map(({ profile }) => profile) as [MachineProfile, MachineProfile];

const step = (id: string, weight: Step['weight'] = 'warn', reads: Step['reads'] = 'none'): Step => ({
  id,
  title: id,
  why: '',
  weight,
  reads,
  circuit: 1,
});
const day = (entries: DayEntry[] = []): Pick<Day, 'startUp' | 'shutDown' | 'entries'> => ({
  startUp: [step('guard', 'stop'), step('coolant', 'stop', 'coolant'), step('gas')],
  shutDown: [step('off', 'stop'), step('cap')],
  entries,
});
const entry = (stepId: string, changes: Partial<DayEntry> = {}): DayEntry => ({
  id: stepId,
  stepId,
  outcome: 'done',
  reading: { reads: 'none' },
  reason: '',
  isMet: true,
  words: '',
  at: '2026-11-25T06:00:00.000Z',
  personId: 'ines',
  ...changes,
});
const draft = (stepId: string, changes: Partial<DayEntry> = {}) => {
  const { outcome, reading, reason } = entry(stepId, changes);
  return { stepId, outcome, reading, reason };
};
const cold: Partial<DayEntry> = { reading: { reads: 'coolant', coolantC: 17 }, isMet: false };
const warm: Partial<DayEntry> = { reading: { reads: 'coolant', coolantC: 25 } };

describe('a day', () => {
  it('goes from start-up over work to its end', () => {
    const all = [
      entry('guard'),
      entry('coolant', warm),
      entry('gas', { outcome: 'skipped', isMet: false, reason: 'none today' }),
      entry('off'),
      entry('cap'),
    ];
    const phases = all.map((_, count) => dayProgress(day(all.slice(0, count + 1))).phase);
    expect(dayProgress(day()).phase).toBe('startUp');
    expect(phases).toEqual(['startUp', 'startUp', 'open', 'shutDown', 'closed']);
  });

  it('is held by a step that stops and is not met, until it is', () => {
    const held = dayProgress(day([entry('guard'), entry('coolant', cold)]));
    expect(held).toMatchObject({
      settled: 1,
      total: 3,
      next: { id: 'coolant' },
      stoppedBy: { id: 'coolant' },
    });
    const again = dayProgress(day([entry('guard'), entry('coolant', cold), entry('coolant', warm)]));
    expect(again).toMatchObject({ settled: 2, next: { id: 'gas' }, stoppedBy: null });
  });

  it('goes on past a step that only warns', () => {
    const warned = day([entry('guard'), entry('coolant', warm), entry('gas', { isMet: false })]);
    expect(dayProgress(warned)).toMatchObject({ phase: 'open', standings: { gas: 'unmet' } });
  });

  it('counts a step that was taken back as not done', () => {
    const back = day([entry('guard'), entry('guard', { outcome: 'undone', isMet: false })]);
    expect(dayProgress(back)).toMatchObject({ settled: 0, standings: { guard: 'todo' } });
  });

  it.each<[string, DayEntry[], ReturnType<typeof draft>, string | null]>([
    ['the first step', [], draft('guard'), null],
    ['a step before its turn', [], draft('gas'), '“guard” comes first.'],
    [
      'a step behind one that stops',
      [entry('guard'), entry('coolant', cold)],
      draft('gas'),
      '“coolant” is not met and stops the sequence: do it again first.',
    ],
    ['a stopping step again', [entry('guard'), entry('coolant', cold)], draft('coolant', warm), null],
    [
      'leaving out a step that stops',
      [],
      draft('guard', { outcome: 'skipped', reason: 'in a hurry' }),
      '“guard” stops the sequence until it is met: it cannot be left out.',
    ],
    [
      'leaving out one that warns',
      [entry('guard'), entry('coolant', warm)],
      draft('gas', { outcome: 'skipped', reason: 'x' }),
      null,
    ],
    ['another kind of reading', [entry('guard')], draft('coolant'), '“coolant” reads coolant, not none.'],
    ['a step of no day', [], draft('dance'), 'There is no step dance in this day.'],
    [
      'taking back what later steps rest on',
      [entry('guard'), entry('coolant', warm)],
      draft('guard', { outcome: 'undone' }),
      'Later steps rest on it: take those back first.',
    ],
    [
      'taking back what was not done',
      [],
      draft('guard', { outcome: 'undone' }),
      '“guard” has not been done.',
    ],
    ['shutting down early', [], draft('off'), null],
  ])('%s is answered', (_, entries, entered, refusal) => {
    expect(entryRefusal(day(entries), entered)).toBe(refusal);
  });

  it('never settles more steps than it has, whatever is entered', () => {
    const ids = ['guard', 'coolant', 'gas', 'off', 'cap'];
    const anyEntry = fc.record({
      stepId: fc.constantFrom(...ids),
      outcome: fc.constantFrom('done' as const, 'skipped' as const, 'undone' as const),
      isMet: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.array(anyEntry, { maxLength: 20 }), (changes) => {
        const { settled, total, next } = dayProgress(day(changes.map((each) => entry(each.stepId, each))));
        expect(settled).toBeLessThanOrEqual(total);
        expect(next === null).toBe(settled === total);
      }),
    );
  });
});

describe('an entry', () => {
  it('that leaves a step out says why', () => {
    expect(
      dayEntryDraftSchema.safeParse(draft('gas', { outcome: 'skipped' })).error?.issues[0]?.message,
    ).toBe('why the step was left out');
    expect(
      dayEntryDraftSchema.safeParse(draft('gas', { reading: { reads: 'bottle', bottleBar: 2600 } })).success,
    ).toBe(false);
  });
});

describe('what a reading means on a machine', () => {
  const verdict = (reading: StepReading, entries: DayEntry[] = [], circuit: 1 | 2 = 1) =>
    readingVerdict(
      reading,
      { ...step('s'), circuit },
      { profile: barrow, entries, bottle: null, saidIn: houseStarts.units },
    );
  const damp = entry('room', { reading: { reads: 'room', roomC: 29, humidityPercent: 80 } });

  it('takes the limits of the circuit that is read', () => {
    expect(verdict({ reads: 'coolant', coolantC: 23 }).isMet).toBe(true);
    expect(verdict({ reads: 'coolant', coolantC: 23 }, [], 2).words).toContain(
      '1 °C below the lower limit of 24 °C',
    );
  });

  it('takes the dew point from the room that was read before it', () => {
    expect(verdict({ reads: 'coolant', coolantC: 25 }, [damp]).words).toContain('dew point, 25.2 °C');
    expect(verdict({ reads: 'coolant', coolantC: 25 }, []).isMet).toBe(true);
    expect(verdict({ reads: 'room', roomC: 29, humidityPercent: 80 }).isMet).toBe(false);
  });

  it('takes the flow that was read for the hours in the bottle', () => {
    const flow = entry('flow', { reading: { reads: 'flow', flowLMin: 20, torchBar: 1, boreMm: 4 } });
    const judged = readingVerdict({ reads: 'bottle', bottleBar: 120 }, step('s'), {
      profile: bench,
      entries: [flow],
      bottle: { litres: 50, gas: 'argon' },
      saidIn: houseStarts.units,
    });
    expect(judged.words).toBe('120 bar: about 4.2 h of gas at 20 L/min.');
  });

  it('says every reading in the shop’s units, and what it tells from it too', () => {
    const american = { ...houseStarts.units, gasFlow: 'CFH', pressure: 'psi', temperature: '°F' } as const;
    const said = (reading: StepReading, entries: DayEntry[] = []) =>
      readingVerdict(reading, step('s'), {
        profile: barrow,
        entries,
        bottle: { litres: 50, gas: 'argon' },
        saidIn: { ...american, length: 'in' },
      }).words;
    const words = [
      said({ reads: 'coolant', coolantC: 15 }),
      said({ reads: 'coolant', coolantC: 25 }, [damp]),
      said({ reads: 'room', roomC: 29, humidityPercent: 80 }),
      said({ reads: 'bottle', bottleBar: 120 }),
      said({ reads: 'flow', flowLMin: 15, torchBar: 1.5, boreMm: 4 }),
      said({ reads: 'flow', flowLMin: 900, torchBar: 1, boreMm: 4 }),
    ];
    expect(words[0]).toContain('59 °F is 12.6 °F below the lower limit of 71.6 °F');
    expect(words[1]).toContain('dew point, 77.4 °F');
    expect(words[3]).toBe('1740 psi: about 5.6 h of gas at 32 CFH.');
    expect(words[4]).toMatch(/^32 CFH; a 0\.157 in bore passes up to about \d+ CFH at that pressure\.$/);
    for (const each of words) expect(each).not.toMatch(/°C|\bbar\b|L\/min|\d mm/);
  });

  it('catches a flow that was read in another unit', () => {
    expect(verdict({ reads: 'flow', flowLMin: 1500, torchBar: 1, boreMm: 4 }).isMet).toBe(false);
  });
});

describe('the usual sequence', () => {
  it.each(startingProfiles)('of $name is a template the schema takes, its chiller last', ({ profile }) => {
    const usual = usualSequence(profile);
    expect(sequenceDraftSchema.safeParse({ ...usual, note: '' }).success).toBe(true);
    const coolants = usual.startUp.filter(({ reads }) => reads === 'coolant');
    expect(coolants.map(({ circuit }) => circuit)).toEqual(profile.coolant.map((_, index) => index + 1));
    expect(usual.shutDown.map(({ id }) => id).slice(0, 5)).toEqual([
      'laser-off',
      'key-out',
      'gas-closed',
      'cap-on',
      'chiller-off',
    ]);
  });

  it('refuses a template with a step twice, or with none', () => {
    const usual = usualSequence(bench);
    const [first] = usual.startUp;
    const twice = { ...usual, startUp: [...usual.startUp, first], note: '' };
    expect(sequenceDraftSchema.safeParse(twice).error?.issues[0]?.message).toContain('an id of their own');
    expect(sequenceDraftSchema.safeParse({ ...usual, shutDown: [], note: '' }).success).toBe(false);
  });
});

describe('a clearance', () => {
  const given = (changes: Partial<Clearance>): Clearance => ({
    id: 'c',
    personId: 'maren',
    machineId: 'bench',
    mode: 'weld',
    until: '2026-12-31',
    note: '',
    clearedAt: '2026-01-01T00:00:00.000Z',
    clearedBy: 'ines',
    withdrawnAt: null,
    ...changes,
  });
  const asked = { personId: 'maren', machineId: 'bench', mode: 'weld' } as const;

  it.each<[string, Partial<Clearance>, boolean]>([
    ['holds on its last day', {}, true],
    ['has run out the day after', { until: '2026-12-30' }, false],
    ['without an end holds on', { until: null }, true],
    ['that was withdrawn does not', { withdrawnAt: '2026-02-01T00:00:00.000Z' }, false],
    ['for another mode does not', { mode: 'cut' }, false],
    ['for another machine does not', { machineId: 'barrow' }, false],
  ])('%s', (_, changes, holds) => {
    expect(clearanceFor([given(changes)], asked, '2026-12-31') !== null).toBe(holds);
  });

  it('is the one that holds longest', () => {
    const all = [
      given({ id: 'short' }),
      given({ id: 'ever', until: null }),
      given({ id: 'long', until: '2027-06-30' }),
    ];
    expect(clearanceFor(all, asked, '2026-12-31')?.id).toBe('ever');
  });
});
