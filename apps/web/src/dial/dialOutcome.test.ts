import { houseStarts } from '@lone-heron/contract';
import { firstWords as words } from '../shared/saidJoint/dialWords.js';
import { readSentence, type Said } from '../shared/saidJoint/readSentence.js';
import { sampleMachine } from '../testing/sampleMachine.js';
import { dialOutcome, noHand, suggestFor, type Hand } from './dialOutcome.js';
import { handMath } from './handMath.js';
import { watchFor } from './odds/watchFor.js';

const machines = [sampleMachine];
const read = (change: Partial<typeof words>, shop = machines) => readSentence({ ...words, ...change }, shop);

describe('what the core makes of it', () => {
  const behind = { learn: null, math: handMath };
  const said = read({}).said as Said;
  const outcomeOf = (turns: Hand['turns'], what = said, hand: Partial<Hand> = {}) => {
    const answer = dialOutcome(suggestFor(what, houseStarts, behind), { ...noHand, turns, ...hand });
    if ('refusal' in answer) throw new Error(answer.refusal);
    return answer.outcome;
  };

  it('lets turned knobs change setting, forecast and record alike', () => {
    const computed = outcomeOf({});
    const turned = outcomeOf({ power: 600 });
    expect(turned.setting.power).toBe(600);
    expect(turned.recorded.powerW).toBe(600);
    expect(turned.forecast.prediction.depth).toBeLessThan(computed.forecast.prediction.depth);
    expect(turned.suggestion.setting).toEqual(computed.suggestion.setting);
  });

  it('leaves out a turn that the machine cannot take or the setting does not have', () => {
    expect(outcomeOf({ power: 9000, travel: 0.01 }).setting).toEqual(outcomeOf({}).setting);
  });

  it('tells effects for the knobs there are', () => {
    expect(Object.keys(outcomeOf({}).effects).sort()).toEqual([
      'power',
      'wireSpeed',
      'wobbleRate',
      'wobbleWidth',
    ]);
    const byHand = read({ wire: 'none' }).said as Said;
    expect(Object.keys(outcomeOf({}, byHand).effects).sort()).toEqual([
      'power',
      'travel',
      'wobbleRate',
      'wobbleWidth',
    ]);
  });

  it('keeps a held knob and adapts the others to it', () => {
    const computed = outcomeOf({});
    const held = outcomeOf({}, said, { held: { power: 1200 } });
    expect(held.setting.power).toBe(1200);
    expect(held.setting.pace).not.toEqual(computed.setting.pace);
    expect(held.forecast.loss).toBeLessThan(outcomeOf({ power: 1200 }).forecast.loss);
  });

  it('dials a named alternative, and the suggestion where there is none of that name', () => {
    const cool = outcomeOf({}, said, { alternative: 'coolAndQuick' });
    expect(cool.forecast.heat).toBeLessThan(outcomeOf({}).forecast.heat);
    expect(outcomeOf({}, said, { alternative: 'yesterday' }).setting).toEqual(outcomeOf({}).setting);
  });

  it('goes by the house: its gas, its nozzle and wire, and a gas that spoils the metal is said', () => {
    const house = {
      ...houseStarts,
      practice: { ...houseStarts.practice, gasOnStainless: 'nitrogen' } as const,
      wire: [{ filler: '316L', diameterMm: 0.8, kilograms: 2, batch: '' } as const],
    };
    const answer = dialOutcome(suggestFor(said, house, behind), noHand);
    if ('refusal' in answer) throw new Error(answer.refusal);
    expect(answer.outcome.recorded.gas).toBe('nitrogen');
    expect(answer.outcome.filler?.filler).toBe('316L');
    const air = read({ gas: 'dryAir' }).said as Said;
    expect(watchFor(outcomeOf({}, air)).join(' ')).toContain('Dry air spoils this metal');
  });

  it('starts two eases cooler where the shop starts cool, and says where it could end', () => {
    const house = { ...houseStarts, practice: { ...houseStarts.practice, startFrom: 'cool' } as const };
    const answer = dialOutcome(suggestFor(said, house, behind), noHand);
    if ('refusal' in answer) throw new Error(answer.refusal);
    const { setting, suggestion } = answer.outcome;
    expect(setting.power).toBeLessThan(0.92 * suggestion.setting.power);
    expect(setting.power).toBeGreaterThan(0.85 * suggestion.setting.power);
  });

  it('takes pulses as a duty that is held', () => {
    const profile = {
      ...sampleMachine.profile,
      dutyPercent: { least: 10, most: 100, step: 5 },
      pulseOnMs: { least: 1, most: 500, step: 1 },
      pulseOffMs: { least: 1, most: 500, step: 1 },
    };
    const pulsed = { run: 'pulsed', pulseOn: '100 ms', pulseOff: '60' };
    const with60 = read(pulsed, [{ ...sampleMachine, profile }]).said as Said;
    expect(outcomeOf({}, with60).setting.duty).toBeCloseTo(100 / 160, 9);
    expect(read(pulsed).faults.pulseOn).toContain('this machine’s panel has none');
    expect(
      read({ ...pulsed, pulseOff: '0.1 ms' }, [{ ...sampleMachine, profile }]).faults.pulseOff,
    ).toContain('allowed is 1 to 500 ms');
  });

  it('passes a refusal of the core on in its own words', () => {
    const thin = read({ first: '0.5 mm', second: '0.5 mm', aim: 'share-70' }).said as Said;
    expect(dialOutcome(suggestFor(thin, houseStarts), noHand)).toEqual({
      refusal: expect.stringContaining('A thinner sheet tips from cold to through'),
    });
  });
});
