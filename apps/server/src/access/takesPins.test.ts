import type { Request } from 'express';
import { signInOf } from '../start/signInSettings.js';
import { takesPins } from './takesPins.js';

const { pinFrom } = signInOf({ HERON_PIN_FROM: '192.168.10.0/24, fd00:10::/32,10.1.2.3' });
const from = (remoteAddress: string | undefined, headers: Request['headers'] = {}) =>
  ({ socket: { remoteAddress }, headers }) as unknown as Request;

describe('where PINs are taken', () => {
  it.each([
    ['192.168.10.77', true],
    ['::ffff:192.168.10.77', true],
    ['192.168.11.77', false],
    ['10.1.2.3', true],
    ['10.1.2.4', false],
    ['fd00:10::5', true],
    ['fd00:11::5', false],
    ['203.0.113.9', false],
    [undefined, false],
    ['127.0.0.1', true],
    ['::1', true],
    ['::ffff:127.0.0.1', true],
  ])('%s: %s', (address, isTaken) => {
    expect(takesPins(pinFrom, from(address))).toBe(isTaken);
  });

  it('is everywhere where nobody says', () => {
    expect(takesPins(null, from('203.0.113.9'))).toBe(true);
  });

  it.each([{ 'x-forwarded-for': '192.168.10.77' }, { forwarded: 'for=192.168.10.77' }])(
    'is not what a proxy on this machine passes on, whoever it says it comes from: %j',
    (headers) => {
      expect(takesPins(pinFrom, from('127.0.0.1', headers))).toBe(false);
    },
  );
});
