import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { decodeHeic } from './heicDecoding.js';

const sent = readFileSync(join(__dirname, '../../../fixtures/pictures/blueCorner.heic'));

it('reads the pixels of an HEIC picture', async () => {
  const { data, width, height } = await decodeHeic(sent);
  expect([width, height]).toEqual([640, 480]);
  const [red, , blue] = data;
  expect(blue).toBeGreaterThan(2 * Number(red));
  const [lastRed, , lastBlue] = data.slice(-4);
  expect(lastRed).toBeGreaterThan(2 * Number(lastBlue));
});

it.each([
  ['cut off', sent.subarray(0, 300)],
  ['another', Buffer.from('MZ this is a program')],
])('refuses one that is %s', async (_, bytes) => {
  await expect(decodeHeic(bytes)).rejects.toThrow();
});
