import { startingProfiles, type MachineProfile } from '@lone-heron/contract';
import { sampleMachine } from '../testing/sampleMachine.js';
import { readAddress } from './dialAddress.js';
import { dialOutcome, suggestFor } from './dialOutcome.js';
import { readSentence, type Said } from './readSentence.js';

const words = readAddress(new URLSearchParams()).words;
const machines = [sampleMachine];
const read = (change: Partial<typeof words>, shop = machines) => readSentence({ ...words, ...change }, shop);

describe('reading the sentence', () => {
  it('understands the joint in the units it was said in', () => {
    const { said, faults } = read({
      metal: 'aluminium5052',
      first: '16 ga',
      second: '1/8',
      gap: '.004',
      wire: 'none',
    });
    expect(faults).toEqual({});
    expect(said).toMatchObject({
      joint: {
        kind: 'butt',
        metal: 'aluminium5052',
        firstThicknessMm: 1.2903,
        secondThicknessMm: 3.175,
        gapMm: 0.1016,
      },
      wireDiameterMm: null,
      machine: { id: 'bench' },
      aim: { kind: 'reach' },
    });
  });

  it('takes a gauge number by the metal it is said of', () => {
    expect(read({ metal: 'lowCarbonSteel', first: '16ga' }).lengths.first).toBe(1.5189);
    expect(read({ metal: 'stainless304', first: '16ga' }).lengths.first).toBe(1.5875);
  });

  it.each<[Partial<typeof words>, keyof typeof words, string]>([
    [
      { metal: 'butter' },
      'metal',
      'metal “butter”: allowed is low-carbon steel, 304 stainless, 5052 aluminium.',
    ],
    [{ first: '0.1 mm' }, 'first', 'thickness 0.1 mm: allowed is 0.3 to 12 mm.'],
    [{ gap: '2' }, 'gap', 'gap 2: allowed is 0 to 1.5 mm.'],
    [{ gap: '-0.1' }, 'gap', 'gap -0.1: allowed is 0 to 1.5 mm.'],
    [{ wire: '7' }, 'wire', 'wire “7”: allowed is none or 0.8, 1, 1.2, 1.6 mm.'],
    [{ machine: 'lathe' }, 'machine', 'machine “lathe”: allowed is the bench unit.'],
    [{ aim: 'share-12' }, 'aim', 'aim “share-12”: allowed is it reaches the back'],
  ])('%j is refused at its word', (change, word, message) => {
    const { said, faults } = read(change);
    expect(said).toBeNull();
    expect(Object.keys(faults)).toEqual([word]);
    expect(faults[word]).toContain(message);
  });

  it('refuses wire on a machine without a feeder, and says when the shop has no machine', () => {
    const bare = { ...sampleMachine, profile: { ...sampleMachine.profile, wireSpeedMmS: null } };
    expect(read({}, [bare]).faults.wire).toContain('this machine has no feeder');
    expect(read({}, []).faults.machine).toContain('this shop has no machine yet');
  });

  it('leaves lamp-pulsed machines to their own hint', () => {
    const lamp = startingProfiles.find(({ id }) => id === 'lamp')?.profile as MachineProfile;
    const old = { ...sampleMachine, id: 'old', name: 'the old unit', profile: lamp };
    expect(read({}, [old]).faults.machine).toContain('this shop has no fibre laser yet');
    expect(read({ machine: 'old' }, [old, sampleMachine]).faults.machine).toContain(
      `allowed is ${sampleMachine.name}`,
    );
    expect(read({}, [old, sampleMachine]).said?.machine.id).toBe('bench');
  });
});

describe('what the core makes of it', () => {
  const said = read({}).said as Said;
  const outcomeOf = (turns: Parameters<typeof dialOutcome>[1], what = said) => {
    const answer = dialOutcome(suggestFor(what), turns);
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

  it('passes a refusal of the core on in its own words', () => {
    const thin = read({ first: '0.5 mm', second: '0.5 mm', aim: 'share-70' }).said as Said;
    expect(dialOutcome(suggestFor(thin), {})).toEqual({
      refusal: expect.stringContaining('A thinner sheet tips from cold to through'),
    });
  });
});
