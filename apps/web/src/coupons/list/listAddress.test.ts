import { isNarrowed, readListAddress } from './listAddress.js';

const read = (address: string) => readListAddress(new URLSearchParams(address));

describe('the address of the list', () => {
  it('is asked for what it says', () => {
    const address = read('metal=copper&thinnestMm=1.5&sort=powerW&order=up&group=metal&hide=travel,who');
    expect(address).toEqual({
      query: { metal: 'copper', thinnestMm: 1.5, sort: 'powerW', order: 'up' },
      group: 'metal',
      hidden: ['travel', 'who'],
    });
    expect(isNarrowed(address)).toBe(true);
  });

  it('leaves out what cannot be, and keeps the rest', () => {
    const address = read(
      'back=lovely&from=yesterday&sort=colour&thinnestMm=-3&group=colour&hide=all&machineId=bench',
    );
    expect(address).toEqual({ query: { machineId: 'bench' }, group: null, hidden: [] });
    expect(isNarrowed(read('sort=powerW'))).toBe(false);
  });
});
