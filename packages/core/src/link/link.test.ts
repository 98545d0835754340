import fc from 'fast-check';
import { RangeFault } from '../fault/index.js';
import { linkKeys, linkPoints, parameterKeys } from './linkPoints.js';
import {
  byteOrders,
  readRegisters,
  registersOf,
  registerTypes,
  writeRegisters,
  type RegisterForm,
} from './registerForm.js';
import { writeRefusals, type LinkValues } from './writeGuard.js';

const form = (changes: Partial<RegisterForm> = {}): RegisterForm => ({
  ...{ type: 'u16', byteOrder: 'ABCD', scale: 1, offset: 0, bit: 0 },
  ...changes,
});
const whole = registerTypes.filter((type) => type !== 'f32' && type !== 'bit');
const bounds = {
  u16: [0, 65535],
  i16: [-32768, 32767],
  u32: [0, 4294967295],
  i32: [-2147483648, 2147483647],
} as const;

describe('a value in registers', () => {
  it('comes back to within half a step of what it was, in any order of bytes and at any scale', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...whole),
        fc.constantFrom(...byteOrders),
        fc.constantFrom(0.01, 0.1, 1, 10, -0.5),
        fc.integer({ min: -50, max: 50 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (type, byteOrder, scale, offset, share) => {
          const [least, most] = bounds[type];
          const value = scale * (least + share * (most - least)) + offset;
          const as = form({ type, byteOrder, scale, offset });
          const words = writeRegisters(as, value);
          expect(words).toHaveLength(registersOf(type));
          for (const word of words) expect(word >= 0 && word <= 0xffff && Number.isInteger(word)).toBe(true);
          const error = Math.abs(readRegisters(as, words) - value);
          expect(error).toBeLessThanOrEqual((Math.abs(scale) / 2) * (1 + 1e-6) + 1e-9);
        },
      ),
    );
  });

  it('as a float is exact where it is one', () => {
    fc.assert(
      fc.property(
        fc.float({ noNaN: true, noDefaultInfinity: true }),
        fc.constantFrom(...byteOrders),
        (value, byteOrder) => {
          const as = form({ type: 'f32', byteOrder });
          expect(readRegisters(as, writeRegisters(as, value)) === value).toBe(true);
        },
      ),
    );
  });

  it.each([
    ['ABCD', [0x1234, 0x5678]],
    ['CDAB', [0x5678, 0x1234]],
    ['BADC', [0x3412, 0x7856]],
    ['DCBA', [0x7856, 0x3412]],
  ] as const)('stands byte by byte as %s says', (byteOrder, words) => {
    expect(writeRegisters(form({ type: 'u32', byteOrder }), 0x12345678)).toEqual(words);
    expect(readRegisters(form({ type: 'u32', byteOrder }), words)).toBe(0x12345678);
  });

  it('read in another order of bytes is another value, which its range gives away', () => {
    const words = writeRegisters(form({ type: 'f32', byteOrder: 'ABCD' }), 855);
    for (const byteOrder of byteOrders.slice(1)) {
      const wrong = readRegisters(form({ type: 'f32', byteOrder }), words);
      expect(wrong > 1 && wrong < 6000).toBe(false);
    }
  });

  it('of a bit is yes or no, wherever it stands', () => {
    for (let bit = 0; bit < 16; bit++) {
      const as = form({ type: 'bit', bit });
      expect(writeRegisters(as, 1)).toEqual([1 << bit]);
      expect(readRegisters(as, [1 << bit])).toBe(1);
      expect(readRegisters(as, [0xffff ^ (1 << bit)])).toBe(0);
    }
  });

  it.each([
    [form(), -1],
    [form(), 65536],
    [form({ type: 'i16' }), 40000],
    [form({ scale: 0.1 }), 7000],
    [form({ type: 'bit' }), 2],
    [form({ type: 'f32' }), Number.NaN],
    [form(), Infinity],
  ])('that it does not hold is refused, never wrapped round: %j, %d', (as, value) => {
    expect(() => writeRegisters(as, value)).toThrow(RangeFault);
  });

  it.each([[[]], [[1, 2]], [[-1]], [[70000]], [[Number.NaN]]])(
    'is not read from what is no register: %j',
    (words) => {
      expect(() => readRegisters(form(), words)).toThrow(RangeFault);
    },
  );
});

describe('the points', () => {
  it('have a range and words each, and what can be dialled is among them', () => {
    for (const key of linkKeys) {
      expect(linkPoints[key].least).toBeLessThan(linkPoints[key].most);
      expect(linkPoints[key].said).not.toBe('');
    }
    expect(linkKeys.filter((key) => linkPoints[key].is === 'parameter')).toEqual(parameterKeys);
  });
});

describe('writing', () => {
  const idle: LinkValues = { takesWrites: 1, emissionReady: 0, lightOn: 0, alarm: 0 };
  const limits = { power: { least: 150, most: 1500 } };
  const power = (value: number) => [{ key: 'power', value } as const];
  const refusals = (said: LinkValues, value = 855) =>
    writeRefusals(said, power(value), ['power', 'duty'], limits);

  it('is let through while the machine says that it is idle and takes it', () => {
    expect(refusals(idle)).toEqual([]);
  });

  it.each([
    [{ ...idle, emissionReady: 1 }, 'ready for emission'],
    [{ ...idle, lightOn: 1 }, 'light is on'],
    [{ ...idle, takesWrites: 0 }, 'does not take writes'],
    [{ ...idle, alarm: 12 }, 'alarm 12'],
    [{ takesWrites: 1, lightOn: 0 }, 'does not say: ready for emission'],
    [{}, 'does not say: takes writes'],
  ])('is refused while it says otherwise, or nothing: %j', (said, why) => {
    expect(refusals(said).join(' ')).toContain(why);
  });

  it('is refused beyond the list and the limits, whatever the machine says', () => {
    expect(refusals(idle, 1501).join()).toContain('150 to 1500 W');
    expect(refusals(idle, Number.NaN)).toHaveLength(1);
    expect(writeRefusals(idle, [{ key: 'wireSpeed', value: 10 }], ['power'], limits).join()).toContain(
      'not on the list',
    );
    expect(writeRefusals(idle, [{ key: 'duty', value: 10 }], ['duty'], limits).join()).toContain('not known');
    expect(writeRefusals(idle, [], ['power'], limits)).toEqual(['There is nothing to send.']);
  });

  it('never happens while one state of the three is not as it has to be', () => {
    const states = fc.record({
      takesWrites: fc.constantFrom(0, 1, undefined),
      emissionReady: fc.constantFrom(0, 1, undefined),
      lightOn: fc.constantFrom(0, 1, undefined),
    });
    fc.assert(
      fc.property(states, fc.double({ min: 150, max: 1500, noNaN: true }), (said, value) => {
        const isIdle = said.takesWrites === 1 && said.emissionReady === 0 && said.lightOn === 0;
        expect(refusals(said as LinkValues, value).length === 0).toBe(isIdle);
      }),
    );
  });
});
