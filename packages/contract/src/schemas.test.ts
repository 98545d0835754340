import { forecastWeld, inMm, suggestSetting, wobbleFrom, hertz, mm } from '@lone-heron/core';
import {
  beyondMachine,
  coreJob,
  coreSetting,
  couponDraftSchema,
  fieldProblems,
  nothingKnown,
  jointSchema,
  machineSchema,
  realTravelMmS,
  recordedSetting,
  settingSchema,
  type Joint,
  type Machine,
  type Setting,
} from './index.js';

const joint: Joint = {
  kind: 'butt',
  metal: 'stainless304',
  firstThicknessMm: 1.5,
  secondThicknessMm: 2,
  gapMm: 0.1,
};
const setting: Setting = {
  powerW: 870,
  dutyPercent: 80,
  wobble: { shape: 'circle', widthMm: 2.2, frequencyHz: 65 },
  pace: { by: 'wire', wireDiameterMm: 0.8, wireSpeedMmS: 11.167 },
  gas: 'argon',
  gasFlowLMin: 15,
};
const range = { least: 0, most: 100, step: 1 };
const machine: Machine = {
  id: 'one',
  name: 'the unit',
  revision: 3,
  profile: {
    ratedPowerW: 1500,
    configuredPowerW: 1200,
    powerW: { least: 100, most: 1200, step: 12 },
    powerUnit: '%',
    spotMm: 0.15,
    wobbleShapes: ['sideToSide'],
    wobbleWidthMm: { least: 0, most: 4, step: 0.1 },
    wobbleRateHz: { least: 5, most: 150, step: 1 },
    wireSpeedMmS: { ...range, least: 1 },
    wireSpeedUnit: 'cm/min',
    panel: ['power', 'wobbleWidth', 'wobbleRate', 'wireSpeed'],
    ...nothingKnown,
  },
};

const problemsOf = (value: unknown, schema = jointSchema as typeof jointSchema | typeof settingSchema) => {
  const parsed = schema.safeParse(value);
  return parsed.success ? [] : fieldProblems(parsed.error, value);
};

describe('a recorded setting', () => {
  it('comes back from the core as it went in', () => {
    expect(recordedSetting(coreSetting(setting), setting.gas, setting.gasFlowLMin)).toEqual(setting);
    const byHand: Setting = { ...setting, wobble: { shape: 'none' }, pace: { by: 'hand', travelMmS: 8.3 } };
    expect(recordedSetting(coreSetting(byHand), byHand.gas, byHand.gasFlowLMin)).toEqual(byHand);
  });

  it('forecasts the same as the setting it was recorded from', () => {
    const job = coreJob(joint, 0.8, machine.profile, { kind: 'reach' });
    const { setting: suggested, forecast } = suggestSetting(job);
    const again = forecastWeld(job, coreSetting(recordedSetting(suggested, 'argon', 15)));
    expect(inMm(again.prediction.depth)).toBeCloseTo(inMm(forecast.prediction.depth), 3);
  });

  it('keeps a wobble of nought as no wobble', () => {
    expect(wobbleFrom('circle', mm(0), hertz(60))).toEqual({ shape: 'none' });
  });
});

describe('refusals', () => {
  it('say where, what was given and what is allowed', () => {
    expect(problemsOf({ ...joint, firstThicknessMm: 400 })).toEqual([
      { field: 'firstThicknessMm', given: '400', allowed: 'a number from 0.3 to 12 mm' },
    ]);
    expect(problemsOf({ ...joint, metal: undefined })).toEqual([
      {
        field: 'metal',
        given: 'nothing',
        allowed:
          'one of lowCarbonSteel, galvanised, stainless304, stainless316, aluminium3003, aluminium5052, aluminium5083, aluminium6061, aluminium6082, copper, brass, titanium2, nickel625',
      },
    ]);
    expect(problemsOf('a butt')).toEqual([
      { field: '', given: '"a butt"', allowed: expect.stringContaining('a joint of the kind butt, lap') },
    ]);
  });

  it('say nothing of the gap where the sheet itself is refused', () => {
    expect(problemsOf({ ...joint, firstThicknessMm: -1 }).map(({ field }) => field)).toEqual([
      'firstThicknessMm',
    ]);
    expect(problemsOf({ ...joint, gapMm: 1.6 })).toEqual([
      { field: 'gapMm', given: '1.6', allowed: '0 to 1.5 mm, the thinner sheet’s thickness' },
    ]);
  });

  it('shorten what is too long to show', () => {
    const [problem] = problemsOf({ ...joint, metal: 'x'.repeat(5000) });
    expect(problem?.given.length).toBeLessThan(130);
  });

  it('name the shapes and paces there are', () => {
    const wobble = { ...setting, wobble: { shape: 'spiral', widthMm: 1, frequencyHz: 1 } };
    expect(problemsOf(wobble, settingSchema)[0]).toMatchObject({
      allowed: expect.stringContaining('sideToSide, circle, figureEight'),
    });
    const pace = { ...setting, pace: { by: 'clock' } };
    expect(problemsOf(pace, settingSchema)[0]).toMatchObject({ allowed: 'a pace set by hand or by wire' });
  });
});

describe('what a machine cannot do', () => {
  it.each<[string, Partial<Setting>, string]>([
    ['more than the configured power', { powerW: 1300 }, 'setting.powerW'],
    [
      'a wider sweep',
      { wobble: { shape: 'circle', widthMm: 4.2, frequencyHz: 60 } },
      'setting.wobble.widthMm',
    ],
    [
      'a faster sweep',
      { wobble: { shape: 'circle', widthMm: 2, frequencyHz: 160 } },
      'setting.wobble.frequencyHz',
    ],
    [
      'faster wire',
      { pace: { by: 'wire', wireDiameterMm: 1, wireSpeedMmS: 101 } },
      'setting.pace.wireSpeedMmS',
    ],
  ])('%s', (_, change, field) => {
    expect(beyondMachine(setting, machine)).toEqual([]);
    expect(beyondMachine({ ...setting, ...change }, machine).map((problem) => problem.field)).toEqual([
      field,
    ]);
  });

  it('wire without a feeder', () => {
    const bare = { ...machine, profile: { ...machine.profile, wireSpeedMmS: null } };
    expect(machineSchema.parse(bare)).toEqual(bare);
    expect(beyondMachine(setting, bare)).toEqual([
      { field: 'setting.pace.by', given: '"wire"', allowed: 'hand: the unit has no feeder' },
    ]);
  });
});

describe('real travel', () => {
  it.each([
    [12.5, 100, 8],
    [null, 100, null],
    [12.5, null, null],
  ])('of %p s and %p mm is %p mm/s', (lightOnS, runLengthMm, travel) => {
    expect(realTravelMmS({ lightOnS, runLengthMm })).toBe(travel);
  });

  it('needs a coupon that can be', () => {
    const draft = {
      machineId: 'one',
      joint,
      setting,
      back: 'even',
      lightOnS: 12,
      runLengthMm: 100,
      remark: '  flat  ',
      weldedAt: '2026-11-24T09:30:00.000Z',
    };
    expect(couponDraftSchema.parse(draft).remark).toBe('flat');
    expect(couponDraftSchema.safeParse({ ...draft, lightOnS: Infinity }).success).toBe(false);
  });
});
