import { barGauge, litre } from '../quantity/index.js';
import { metalTable } from '../metal/index.js';
import {
  etchantFacts,
  etchants,
  etchantsFor,
  judgeAcceptance,
  pressureFinding,
  type AcceptanceLevel,
  type InspectionFound,
  type PressureHold,
} from './index.js';

const hold = (changes: Partial<PressureHold> = {}): PressureHold => ({
  gauge: { fullScale: barGauge(16), classPercent: 1.6, division: barGauge(0.5) },
  volume: litre(5),
  start: barGauge(10),
  end: barGauge(10),
  needle: 'steady',
  leak: 'none',
  minutes: 10,
  ...changes,
});

describe('a pressure that was held', () => {
  it('claims the lower end of what the gauge allows, and says what it could not have seen', () => {
    const { verdict, atLeastBar, words } = pressureFinding(hold());
    expect(verdict).toBe('held');
    expect(atLeastBar).toBeCloseTo(10 - 0.256, 6);
    expect(words).toContain('A drop under 0.25 bar cannot be seen');
    expect(pressureFinding(hold({ end: barGauge(9.8) })).atLeastBar).toBeCloseTo(9.8 - 0.256, 6);
  });

  it.each([
    [{ leak: 'weld' }, 'leaked', 'The weld leaked.'],
    [{ leak: 'fitting' }, 'nothingSaid', 'says nothing of the weld'],
    [{ leak: 'notFound' }, 'leaked', 'find it before anything is claimed'],
    [{ needle: 'swinging' }, 'nothingSaid', 'no pressure can be claimed'],
    [{ end: barGauge(9) }, 'nothingSaid', 'The reading fell by 1.00 bar'],
    [{ end: barGauge(9), leak: 'notFound' }, 'leaked', 'The reading fell'],
  ] as const)('claims no number with %j', (changes, verdict, words) => {
    const finding = pressureFinding(hold(changes));
    expect(finding).toMatchObject({ verdict, atLeastBar: null });
    expect(finding.words).toContain(words);
  });

  it('cannot have been beyond the dial', () => {
    expect(() => pressureFinding(hold({ start: barGauge(17) }))).toThrow('gauge reading');
  });
});

describe('etchants', () => {
  it('are there for every metal, each with a caution, and none is always possible', () => {
    for (const { family } of Object.values(metalTable)) {
      const mine = etchantsFor(family);
      expect(mine.length).toBeGreaterThan(1);
      expect(mine.at(-1)).toBe('none');
    }
    for (const etchant of etchants) expect(etchantFacts(etchant).caution.length).toBeGreaterThan(20);
  });

  it('with hydrofluoric acid are left to a laboratory', () => {
    expect(etchantFacts('kroll').caution).toContain('laboratory');
  });
});

describe('acceptance', () => {
  const level: AcceptanceLevel = {
    leastReach: 1,
    mostUndercut: 0.1,
    mostCrown: 0.5,
    mostMisalignment: 0.2,
    bendAngle: 120,
    longestIndication: 0,
    asksTight: true,
  };
  const sound: InspectionFound = {
    reach: { value: 1, isAtLeast: true },
    undercut: 0.05,
    crown: 0.2,
    misalignment: 0.1,
    bends: [{ angle: 130, isSound: true }],
    indication: 0,
    isTight: true,
  };
  const nothing: InspectionFound = {
    reach: null,
    undercut: null,
    crown: null,
    misalignment: null,
    bends: [],
    indication: null,
    isTight: null,
  };
  const verdicts = (found: InspectionFound, asked = level) =>
    judgeAcceptance(asked, found).map(({ verdict }) => verdict);

  it('is met where every thing is, and open where nobody tested', () => {
    expect(new Set(verdicts(sound))).toEqual(new Set(['met']));
    expect(new Set(verdicts(nothing))).toEqual(new Set(['notTested']));
    expect(verdicts(sound)).toHaveLength(7);
  });

  it('says of each thing which it is', () => {
    expect(judgeAcceptance(level, sound).map(({ criterion }) => criterion)).toEqual([
      ...['reach', 'undercut', 'crown', 'misalignment', 'bend', 'indication', 'tight'],
    ]);
    const worse = { ...sound, undercut: 0.11, crown: 0.51, misalignment: 0.21 };
    expect(judgeAcceptance(level, worse).slice(1, 4)).toEqual([
      { criterion: 'undercut', verdict: 'notMet', asked: '10 % of the thickness or less', found: '11 %' },
      { criterion: 'crown', verdict: 'notMet', asked: '50 % of the thickness or less', found: '51 %' },
      { criterion: 'misalignment', verdict: 'notMet', asked: '20 % of the thickness or less', found: '21 %' },
    ]);
    const just = { ...sound, undercut: 0.1, crown: 0.5, misalignment: 0.2 };
    expect(new Set(verdicts(just))).toEqual(new Set(['met']));
  });

  it('asks nothing that the level does not ask', () => {
    const easy: AcceptanceLevel = {
      leastReach: null,
      mostUndercut: null,
      mostCrown: null,
      mostMisalignment: null,
      bendAngle: null,
      longestIndication: null,
      asksTight: false,
    };
    expect(judgeAcceptance(easy, nothing)).toEqual([]);
  });

  it.each([
    ['a melt that stops short', { reach: { value: 0.9, isAtLeast: false } }, 'reach', 'notMet'],
    [
      'at least too little, which says neither',
      { reach: { value: 0.9, isAtLeast: true } },
      'reach',
      'notTested',
    ],
    ['a deep undercut', { undercut: 0.2 }, 'undercut', 'notMet'],
    [
      'a bend that broke early',
      {
        bends: [
          { angle: 130, isSound: true },
          { angle: 60, isSound: false },
        ],
      },
      'bend',
      'notMet',
    ],
    ['a bend that was not far enough', { bends: [{ angle: 90, isSound: true }] }, 'bend', 'notTested'],
    ['an indication', { indication: 1.5 }, 'indication', 'notMet'],
    ['a leak', { isTight: false }, 'tight', 'notMet'],
  ] as const)('with %s says so', (_, changes, criterion, verdict) => {
    const found = { ...sound, ...changes } as InspectionFound;
    expect(judgeAcceptance(level, found).find((each) => each.criterion === criterion)?.verdict).toBe(verdict);
    expect(judgeAcceptance(level, found).filter((each) => each.verdict !== 'met')).toHaveLength(1);
  });
});
