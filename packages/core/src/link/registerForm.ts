import { RangeFault, requireWithin } from '../fault/index.js';

/** How a number stands in 16-bit registers; a bit is one of a register, or a coil. */
export const registerTypes = ['u16', 'i16', 'u32', 'i32', 'f32', 'bit'] as const;
export type RegisterType = (typeof registerTypes)[number];

/** Which byte comes first, A being the one that counts most; one register has AB or BA alone. */
export const byteOrders = ['ABCD', 'CDAB', 'BADC', 'DCBA'] as const;
type ByteOrder = (typeof byteOrders)[number];

/** How a value is written in registers. */
export interface RegisterForm {
  readonly type: RegisterType;
  readonly byteOrder: ByteOrder;
  /** Value = scale x what stands there + offset; not 0. */
  readonly scale: number;
  readonly offset: number;
  /** Which bit of a register, 0 the one that counts least; without meaning for other types. */
  readonly bit: number;
}

/** What each type holds, before scale and offset. */
const holds: Readonly<Record<RegisterType, { readonly least: number; readonly most: number }>> = {
  u16: { least: 0, most: 0xffff },
  i16: { least: -0x8000, most: 0x7fff },
  u32: { least: 0, most: 0xffffffff },
  i32: { least: -0x80000000, most: 0x7fffffff },
  f32: { least: -3.4028234663852886e38, most: 3.4028234663852886e38 },
  bit: { least: 0, most: 1 },
};

/**
 * How many registers a type takes.
 *
 * @example
 * registersOf('f32') // => 2
 */
export function registersOf(type: RegisterType): 1 | 2 {
  return type === 'u32' || type === 'i32' || type === 'f32' ? 2 : 1;
}

/**
 * Reads a value out of its registers.
 *
 * @param words one register or two, 0 to 65535, as they came
 * @throws RangeFault where there are more or fewer words than the type takes, or one is no register
 * @example
 * readRegisters({ type: 'u16', byteOrder: 'ABCD', scale: 0.1, offset: 0, bit: 0 }, [855]).toFixed(1) // => '85.5'
 */
export function readRegisters(form: RegisterForm, words: readonly number[]): number {
  requireWords(form, words);
  if (form.type === 'bit') return scaled(form, ((words[0] as number) >> form.bit) & 1);
  const view = new DataView(new ArrayBuffer(4));
  bytesIn(form, words).forEach((byte, at) => view.setUint8(at, byte));
  return scaled(form, rawOf(form.type, view));
}

/**
 * Writes a value as registers, to the nearest that they hold; what they hold can be read back with {@link readRegisters}.
 *
 * @throws RangeFault for a value that they do not hold: it is refused, never wrapped round
 * @example
 * writeRegisters({ type: 'u16', byteOrder: 'ABCD', scale: 0.1, offset: 0, bit: 0 }, 85.5) // => [855]
 */
export function writeRegisters(form: RegisterForm, value: number): number[] {
  const raw = (value - form.offset) / form.scale;
  const { least, most } = holds[form.type];
  const whole = form.type === 'f32' ? raw : Math.round(raw);
  if (!(whole >= least && whole <= most)) {
    const bounds = [scaled(form, least), scaled(form, most)].toSorted((one, other) => one - other);
    throw new RangeFault({
      quantity: 'value for a register',
      given: String(value),
      allowed: `${bounds.join(' to ')}, as ${form.type} times ${form.scale} plus ${form.offset} holds`,
    });
  }
  if (form.type === 'bit') return [whole << form.bit];
  const view = new DataView(new ArrayBuffer(4));
  if (form.type === 'f32') view.setFloat32(0, whole);
  else if (registersOf(form.type) === 2) view.setUint32(0, whole >>> 0);
  else view.setUint16(0, whole & 0xffff);
  return wordsIn(form, view);
}

function scaled({ scale, offset }: RegisterForm, raw: number): number {
  return scale * raw + offset;
}

function rawOf(type: Exclude<RegisterType, 'bit'>, view: DataView): number {
  switch (type) {
    case 'u16':
      return view.getUint16(0);
    case 'i16':
      return view.getInt16(0);
    case 'u32':
      return view.getUint32(0);
    case 'i32':
      return view.getInt32(0);
    case 'f32':
      return view.getFloat32(0);
  }
}

/** Where each byte of ABCD stands on the wire. */
function placesOf({ type, byteOrder }: RegisterForm): readonly number[] {
  if (registersOf(type) === 2) return (['A', 'B', 'C', 'D'] as const).map((byte) => byteOrder.indexOf(byte));
  return byteOrder.indexOf('A') < byteOrder.indexOf('B') ? [0, 1] : [1, 0];
}

/** Bytes as they count, from the one that counts most. */
function bytesIn(form: RegisterForm, words: readonly number[]): number[] {
  const onWire = words.flatMap((word) => [word >> 8, word & 0xff]);
  return placesOf(form).map((place) => onWire[place] as number);
}

function wordsIn(form: RegisterForm, view: DataView): number[] {
  const onWire: number[] = [];
  placesOf(form).forEach((place, at) => {
    onWire[place] = view.getUint8(at);
  });
  return Array.from(
    { length: registersOf(form.type) },
    (_, word) => ((onWire[2 * word] as number) << 8) | (onWire[2 * word + 1] as number),
  );
}

function requireWords({ type }: RegisterForm, words: readonly number[]): void {
  const count = registersOf(type);
  if (words.length !== count)
    throw new RangeFault({
      quantity: 'registers',
      given: String(words.length),
      allowed: `${count}, which ${type} takes`,
    });
  for (const word of words) requireWithin(word, { quantity: 'register', min: 0, max: 0xffff, unit: '' });
}
