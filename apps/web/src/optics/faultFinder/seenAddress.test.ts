import { readSeen, withSeen } from './seenAddress.js';

describe('what was answered on the way to a fault', () => {
  it('comes back out of its address, with the machine beside it', () => {
    const seen = { powerFades: 'yes', alarm: 'no', gasAtTheGun: 'no' };
    const address = withSeen(new URLSearchParams('machine=bench'), seen);
    expect(readSeen(address)).toEqual(seen);
    expect(address.get('machine')).toBe('bench');
    expect([...withSeen(address, {}).keys()]).toEqual(['machine']);
  });

  it('leaves out what nobody knows, and believes a yes', () => {
    expect(readSeen(new URLSearchParams('yes=bats.soot&no=soot.gunAngle'))).toEqual({
      ...{ soot: 'yes', gunAngle: 'no' },
    });
  });
});
