import { houseStarts, type Bottle } from '@lone-heron/contract';
import { speakIn } from '../../shared/figures/shopUnits.js';
import { bottleSize, spokenSize } from './bottleSize.js';
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
    expect([id, readAt, goneAt, readBottle(typedBottle(bottle), bottle).draft]).toEqual([
      id,
      readAt,
      goneAt,
      draft,
    ]);
  });

  it('takes pressure in any unit and catches the wrong one', () => {
    const typed = { ...typedBottle(bottle), pressure: '2900 psi' };
    expect(readBottle(typed, bottle).draft?.pressureBar).toBeCloseTo(199.948, 3);
    const slipped = readBottle({ ...typed, pressure: '2900' }, bottle);
    expect(slipped.draft).toBeNull();
    expect(slipped.pressure).toEqual({ fault: expect.stringContaining('Probably 2900 psi') });
  });

  it('waits for size and pressure, not for a price', () => {
    expect(readBottle(typedBottle(null), null).draft).toBeNull();
    expect(readBottle({ ...typedBottle(null), litres: '20', pressure: '200' }, null).draft).toMatchObject({
      price: null,
    });
    expect(readBottle({ ...typedBottle(bottle), price: 'dear' }, bottle).draft).toBeNull();
  });
});

describe('in a shop that buys gas by the cubic foot', () => {
  beforeEach(() => speakIn({ ...houseStarts.units, gasFlow: 'CFH', pressure: 'psi', length: 'in' }));
  afterEach(() => speakIn(houseStarts.units));

  it('a size is the gas that the bottle holds when it is full', () => {
    expect(bottleSize().range).toMatchObject({ unit: 'ft³', min: 3, max: 2114 });
    const read = readBottle({ ...typedBottle(null), litres: '125', pressure: '2200' }, null);
    expect(read.draft?.litres).toBeCloseTo(23.644, 2);
    expect(spokenSize(read.draft?.litres ?? 0)).toBe('125 ft³');
    expect(readBottle({ ...typedBottle(null), litres: '2' }, null).litres).toEqual({
      fault: expect.stringContaining('allowed is 3 to 2114 ft³'),
    });
  });

  it('what nobody touched stays to its last digit', () => {
    const { draft } = readBottle({ ...typedBottle(bottle), batch: 'ebb 99' }, bottle);
    expect(draft).toMatchObject({ litres: 50, pressureBar: 128.4, batch: 'ebb 99' });
  });
});
