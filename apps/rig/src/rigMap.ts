import { registerMapSchema, type MapPoint, type RegisterMap } from '@lone-heron/contract';
import { slotCount } from './RigMachine.js';

type Placed = Pick<MapPoint, 'key' | 'area' | 'address' | 'type'> & Partial<MapPoint>;

const plain = { byteOrder: 'ABCD', bit: 0, scale: 1, offset: 0 } as const;
const point = (placed: Placed): MapPoint => ({ ...plain, ...placed });

/** Where the stand-in keeps what it says: a map like any machine’s, written to show each kind of number. */
export const rigMap: RegisterMap = registerMapSchema.parse({
  format: 'lone-heron-map',
  version: 1,
  name: 'the stand-in',
  unitId: 1,
  points: [
    point({ key: 'power', area: 'holding', address: 100, type: 'u16' }),
    point({ key: 'duty', area: 'holding', address: 101, type: 'u16', scale: 0.1 }),
    point({ key: 'wobbleWidth', area: 'holding', address: 102, type: 'u16', scale: 0.01 }),
    point({ key: 'wobbleRate', area: 'holding', address: 103, type: 'u16' }),
    point({ key: 'wireSpeed', area: 'holding', address: 104, type: 'f32', byteOrder: 'CDAB' }),
    point({ key: 'keyOn', area: 'discrete', address: 0, type: 'bit' }),
    point({ key: 'interlocksClosed', area: 'discrete', address: 1, type: 'bit' }),
    point({ key: 'workClamped', area: 'discrete', address: 2, type: 'bit' }),
    point({ key: 'emissionReady', area: 'input', address: 200, type: 'bit', bit: 0 }),
    point({ key: 'lightOn', area: 'input', address: 200, type: 'bit', bit: 1 }),
    point({ key: 'gasOn', area: 'input', address: 200, type: 'bit', bit: 2 }),
    point({ key: 'takesWrites', area: 'input', address: 200, type: 'bit', bit: 3 }),
    point({ key: 'alarm', area: 'input', address: 201, type: 'u16' }),
    point({ key: 'realPower', area: 'input', address: 202, type: 'u16' }),
    point({ key: 'gasFlow', area: 'input', address: 203, type: 'u16', scale: 0.1 }),
    point({ key: 'coolant', area: 'input', address: 204, type: 'i16', scale: 0.1 }),
    point({ key: 'windowHolder', area: 'input', address: 205, type: 'i16', scale: 0.1 }),
    point({ key: 'lightSeconds', area: 'input', address: 206, type: 'u32' }),
    point({ key: 'writesTaken', area: 'input', address: 208, type: 'u16' }),
  ],
  slots: {
    count: slotCount,
    stride: 10,
    points: [
      point({ key: 'power', area: 'holding', address: 1000, type: 'u16' }),
      point({ key: 'duty', area: 'holding', address: 1001, type: 'u16', scale: 0.1 }),
      point({ key: 'wobbleWidth', area: 'holding', address: 1002, type: 'u16', scale: 0.01 }),
      point({ key: 'wobbleRate', area: 'holding', address: 1003, type: 'u16' }),
      point({ key: 'wireSpeed', area: 'holding', address: 1004, type: 'f32', byteOrder: 'CDAB' }),
    ],
  },
  feeder: [
    { ...plain, name: 'start delay', unit: 'ms', area: 'holding', address: 1200, type: 'u16' },
    { ...plain, name: 'retract', unit: 'mm', area: 'holding', address: 1201, type: 'u16', scale: 0.1 },
  ],
});
