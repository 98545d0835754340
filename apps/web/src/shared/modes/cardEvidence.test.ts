import type { SettingOf, Trial, WorkOf } from '@lone-heron/contract';
import { cardEvidence, evidenceWords } from './cardEvidence.js';

const work: WorkOf<'spot'> = {
  mode: 'spot',
  metal: 'stainless304',
  thicknessMm: 0.5,
  underMm: 1,
  wantedMm: 0.7,
};
const setting: SettingOf<'spot'> = { mode: 'spot', currentA: 200, pulseMs: 5, rateHz: 2, spotMm: 0.9 };
const trial = (changes: Partial<Trial> = {}): Trial => ({
  ...{ machineId: 'lamp', work, setting, look: 'joined', isTintLeft: null, kerfMm: null, wasSent: true },
  ...{
    lightOnS: null,
    stated: null,
    ladder: null,
    photoIds: [],
    remark: '',
    madeAt: '2026-11-29T10:00:00.000Z',
  },
  ...{ id: 'x', personId: 'ines', number: 1, machineRevision: 1, windowId: null },
  ...{ recordedAt: '2026-11-29T10:00:00.000Z', withdrawnAt: null, ...changes },
});
const of = (...trials: Trial[]) => cardEvidence({ machineId: 'lamp', work, setting }, trials);

describe('what trials say of a card', () => {
  it('counts those that were set as it says, within a hand’s doubt', () => {
    const near = trial({ setting: { ...setting, currentA: 204 }, look: 'loose' });
    expect(of(trial(), near)).toMatchObject({ wanted: 1, trials: [{}, {}] });
  });

  it.each([
    ['another machine', trial({ machineId: 'other' })],
    ['a taken-back one', trial({ withdrawnAt: '2026-11-29T11:00:00.000Z' })],
    ['another current', trial({ setting: { ...setting, currentA: 230 } })],
    ['another sheet below', trial({ work: { ...work, underMm: 2 } })],
    ['another metal', trial({ work: { ...work, metal: 'copper' } })],
  ])('leaves %s out', (_, other) => {
    expect(of(other).trials).toEqual([]);
  });

  it('says so in words', () => {
    expect(evidenceWords(of(), 'spot', 'spots')).toBe('not tried yet: no spot was set so');
    expect(evidenceWords(of(trial()), 'spot', 'spots')).toBe('1 of one spot came out as wanted');
    expect(evidenceWords(of(trial(), trial({ look: 'loose' })), 'spot', 'spots')).toBe(
      '1 of 2 spots came out as wanted',
    );
  });
});
