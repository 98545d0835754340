import type { Bottle } from '@lone-heron/contract';
import { readBottle, typedBottle } from './typedBottle.js';

const bottle: Bottle = {
  id: 'b',
  gas: 'nitrogen',
  litres: 50,
  pressureBar: 128.4,
  purity: '5.0',
  batch: 'ebb 98',
  supplier: 'the gas yard',
  price: 41,
  machineId: null,
  readAt: '2026-11-25T06:00:00.000Z',
  goneAt: null,
};

describe('a bottle as it is typed', () => {
  it('comes back as it was', () => {
    const { id, readAt, goneAt, ...draft } = bottle;
    expect([id, readAt, goneAt, readBottle(typedBottle(bottle)).draft]).toEqual([id, readAt, goneAt, draft]);
  });

  it('takes pressure in any unit and catches the wrong one', () => {
    const typed = { ...typedBottle(bottle), pressure: '2900 psi' };
    expect(readBottle(typed).draft?.pressureBar).toBeCloseTo(199.948, 3);
    const slipped = readBottle({ ...typed, pressure: '2900' });
    expect(slipped.draft).toBeNull();
    expect(slipped.pressure).toEqual({ fault: expect.stringContaining('Probably 2900 psi') });
  });

  it('waits for size and pressure, not for a price', () => {
    expect(readBottle(typedBottle(null)).draft).toBeNull();
    expect(readBottle({ ...typedBottle(null), litres: '20', pressure: '200' }).draft).toMatchObject({
      price: null,
    });
    expect(readBottle({ ...typedBottle(bottle), price: 'dear' }).draft).toBeNull();
  });
});
