import type { Coupon } from '@lone-heron/contract';
import { couponDraft, newId, startSampleServer } from '../testing/sampleServer.js';
import { asStored, parsedAsStored } from './asStored.js';

describe('what was sent', () => {
  it('is taken as the database gives it back', () => {
    expect(asStored({ a: ['x\ud800y', -0, '\udc00'], b: { c: -0, d: 'n\0ne' } })).toEqual({
      a: ['x\ufffdy', 0, '\ufffd'],
      b: { c: 0, d: 'n\ufffdne' },
    });
    expect(asStored('😀 whole')).toBe('😀 whole');
    expect(asStored(null)).toBeNull();
    const bytes = Buffer.from('bytes');
    expect(asStored(bytes)).toBe(bytes);
  });

  it('is taken so out of a file as well', () => {
    expect(parsedAsStored('{"a":"n\\u0000ne","b":["\\ud83d"]}')).toEqual({ a: 'n\ufffdne', b: ['\ufffd'] });
    expect(parsedAsStored('{"a":"plain"}')).toEqual({ a: 'plain' });
  });

  it('with half a letter or minus nothing is the same save when it is sent again', async () => {
    const server = await startSampleServer();
    const id = newId();
    const text = JSON.stringify(couponDraft({ remark: 'half a letter' })).replace(
      'half a letter',
      'half \\ud83d, \\u0000',
    );
    const json = text.replace('"gapMm":0.1', '"gapMm":-0');
    const save = () =>
      server.http.put(`/api/coupons/${id}`).set('Content-Type', 'application/json').send(json);
    expect(((await save().expect(201)).body as Coupon).remark).toBe('half \ufffd, \ufffd');
    await save().expect(200);
    await server.stop();
  });
});
