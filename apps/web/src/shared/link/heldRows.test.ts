import { houseStarts, type MachineLink, type MapPoint } from '@lone-heron/contract';
import { sampleCoupon } from '../../testing/sampleCoupon.js';
import { sampleMachine } from '../../testing/sampleMachine.js';
import { heldRows, sendable } from './heldRows.js';

const point = (key: MapPoint['key']): MapPoint => ({
  ...{ key, area: 'holding', address: 1, type: 'u16', byteOrder: 'ABCD', bit: 0, scale: 1, offset: 0 },
});
const link: MachineLink = {
  ...{ machineId: 'bench', revision: 1, host: '127.0.0.1', port: 502, mayWrite: true },
  ...{ savedAt: '2026-11-24T09:30:00.000Z', savedBy: 'ines', allowed: ['power', 'duty', 'wobbleRate'] },
  map: {
    ...{ format: 'lone-heron-map', version: 1, name: 'a made-up one', unitId: 1 },
    points: [point('power'), point('duty'), point('wobbleWidth')],
  },
};
const { setting } = sampleCoupon();

describe('what is sent', () => {
  it('is what the map places, a lead allowed, and the machine has limits for', () => {
    // Its duty has no knob, so its limits are not known; its rate is in no register.
    expect(sendable(setting, sampleMachine, link)).toEqual([{ key: 'power', value: 1000 }]);
  });
});

describe('what the machine holds', () => {
  const reading = (value: number | null, fault: string | null = null) => ({
    at: '2026-11-24T09:30:00.000Z',
    readings: [{ key: 'power' as const, value, fault }],
  });
  const power = (read: Parameters<typeof heldRows>[3]) =>
    heldRows(setting, sampleMachine, link, read, houseStarts.units).find(({ key }) => key === 'power');

  it('is said in the figures of its panel', () => {
    expect(power(reading(1000))).toMatchObject({ unit: '%', wanted: '67', holds: '67', isSent: true });
    expect(power(reading(600))).toMatchObject({ wanted: '67', holds: '40' });
  });

  it('is nothing before it was read, and where it cannot be', () => {
    expect(power(null)).toMatchObject({ holds: null, fault: null });
    expect(power(reading(null, 'it refused'))).toMatchObject({ holds: null, fault: 'it refused' });
  });

  it('has no row for the hand’s travel', () => {
    const keys = heldRows(setting, sampleMachine, link, null, houseStarts.units).map(({ key }) => key);
    expect(keys).not.toContain('travel');
  });
});
