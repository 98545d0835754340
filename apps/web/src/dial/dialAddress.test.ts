import fc from 'fast-check';
import { knobs } from '@lone-heron/core';
import { readAddress, writeAddress, type DialAddress } from './dialAddress.js';
import { noHand } from './dialOutcome.js';
import { houseStarts } from '@lone-heron/contract';
import { speakIn } from '../shared/figures/shopUnits.js';
import { firstWords, pickedWords, wordNames, type DialWords } from '../shared/saidJoint/dialWords.js';

const read = (search: string) => readAddress(new URLSearchParams(search));

describe('what a newcomer finds', () => {
  afterEach(() => speakIn(houseStarts.units));

  it('is said in the shop’s unit', () => {
    const lengths = () => {
      const { first, second, gap } = readAddress(new URLSearchParams('')).address.words;
      return [first, second, gap];
    };
    expect(lengths()).toEqual(['1.5 mm', '1.5 mm', '0.1 mm']);
    speakIn({ ...houseStarts.units, length: 'in' });
    expect(lengths()).toEqual(['1/16 in', '1/16 in', '0.004 in']);
    const stitched = readAddress(new URLSearchParams('run=stitched')).address.words;
    expect([stitched.stitch, stitched.pitch]).toEqual(['0.75 in', '2.5 in']);
  });

  it('is what an address left out that was written elsewhere', () => {
    const before = readAddress(new URLSearchParams('run=stitched')).address;
    const written = new URLSearchParams(writeAddress(before));
    speakIn({ ...houseStarts.units, length: 'in' });
    expect(readAddress(written).address.words).toEqual(before.words);
  });
});

describe('the address of Dial', () => {
  it('starts a newcomer on a joint every shop knows', () => {
    const { address, dropped } = read('');
    expect(address.words).toMatchObject({
      metal: 'stainless304',
      first: '1.5 mm',
      wire: '0.8',
      aim: 'reach',
    });
    expect(address).toMatchObject({ ...noHand, pins: [] });
    expect(dropped).toEqual([]);
  });

  it('brings back whatever was said, picked, turned, held and put aside', () => {
    const typed = fc.string({ maxLength: 40 });
    const words = fc.record(
      Object.fromEntries(
        wordNames.map((name) => [
          name,
          pickedWords[name] === undefined ? typed : fc.constantFrom(...(pickedWords[name] ?? [])),
        ]),
      ),
    ) as unknown as fc.Arbitrary<DialWords>;
    const hand = fc.record(
      Object.fromEntries(knobs.map((knob) => [knob, fc.integer({ min: 1, max: 6000 })])),
      { requiredKeys: [] },
    );
    const pins = fc.array(
      hand.filter((pin) => Object.keys(pin).length > 0),
      { maxLength: 2 },
    );
    fc.assert(
      fc.property(
        words,
        hand,
        hand,
        pins,
        fc.constantFrom('', 'steady'),
        (said, turns, held, aside, alternative) => {
          const address: DialAddress = { words: said, turns, held, pins: aside, alternative };
          expect(read(writeAddress(address))).toEqual({ address, dropped: [] });
        },
      ),
    );
  });

  it('says the joint itself even where it is as a newcomer finds it', () => {
    const { address } = read('');
    expect(writeAddress(address)).toContain('metal=stainless304');
    expect(writeAddress(address)).toContain('gap=0.1+mm');
  });

  it('opens an address of another version or another hand with what is valid, and names what it dropped', () => {
    const { address, dropped } = read(
      'metal=unobtainium&first=2+mm&shade=11&turn-power=lots&turn-travel=0.008&hold-power=-3&pin=power_0&kind=lap&alternative=fast',
    );
    expect(address.words).toEqual({ ...firstWords, first: '2 mm', kind: 'lap' });
    expect(address.turns).toEqual({ travel: 0.008 });
    expect(address.held).toEqual({});
    expect(address.pins).toEqual([]);
    expect(dropped).toEqual([
      'metal “unobtainium”',
      'turn-power “lots”',
      'hold-power “-3”',
      'alternative “fast”',
      'pin “power_0”',
      'shade “11”',
    ]);
  });

  it('leaves out words nobody would type, and more settings than stand side by side', () => {
    const { address, dropped } = read(`gap=${'9'.repeat(500)}&pin=power_1&pin=power_2&pin=power_3`);
    expect(address.words.gap).toBe('0.1 mm');
    expect(address.pins).toHaveLength(2);
    expect(dropped).toHaveLength(2);
  });
});
