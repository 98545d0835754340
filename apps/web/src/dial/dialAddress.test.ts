import fc from 'fast-check';
import { readAddress, writeAddress, type DialAddress } from './dialAddress.js';

const read = (search: string) => readAddress(new URLSearchParams(search));

describe('the address of Dial', () => {
  it('starts a newcomer on a joint every shop knows', () => {
    expect(read('').words).toMatchObject({
      metal: 'stainless304',
      first: '1.5 mm',
      wire: '0.8',
      aim: 'reach',
    });
    expect(read('').turns).toEqual({});
  });

  it('brings back whatever was said and turned', () => {
    const word = fc.string({ minLength: 1, maxLength: 40 });
    const words = fc.record({
      metal: word,
      first: word,
      second: word,
      gap: word,
      wire: word,
      machine: word,
      aim: word,
    });
    const turns = fc.record(
      { power: fc.integer({ min: 1, max: 6000 }), wireSpeed: fc.constant(0.0125) },
      { requiredKeys: [] },
    );
    fc.assert(
      fc.property(words, turns, (said, turned) => {
        const address: DialAddress = { words: said, turns: turned };
        expect(read(writeAddress(address))).toEqual(address);
      }),
    );
  });

  it('leaves out turns that are no numbers and cuts words nobody would type', () => {
    const address = read(`turn-power=lots&turn-travel=-1&turn-wobbleRate=&gap=${'9'.repeat(500)}`);
    expect(address.turns).toEqual({});
    expect(address.words.gap).toHaveLength(60);
  });
});
