import { emptyLink, linkFormOf, readLinkForm, type LinkForm } from './linkForm.js';

const map = {
  ...{ format: 'lone-heron-map', version: 1, name: 'a made-up one', unitId: 1 },
  points: [
    {
      ...{ key: 'power', area: 'holding', address: 1, type: 'u16', byteOrder: 'ABCD' },
      ...{ bit: 0, scale: 1, offset: 0 },
    },
  ],
};
const form = (changes: Partial<LinkForm> = {}): LinkForm => ({
  ...emptyLink,
  ...{ host: '192.168.10.20', map: JSON.stringify(map) },
  ...changes,
});

describe('a link that is typed', () => {
  it('comes back as it was', () => {
    const read = readLinkForm(form({ mayWrite: true, allowed: ['power'] }));
    if ('faults' in read) throw new Error(read.faults.join());
    expect(read.draft).toMatchObject({ host: '192.168.10.20', port: 502, mayWrite: true });
    expect(readLinkForm(linkFormOf(read.draft))).toEqual(read);
  });

  it.each<[Partial<LinkForm>, string]>([
    [{ map: '' }, 'The map is wanted'],
    [{ map: '{"format"' }, 'The map is no JSON'],
    [{ map: JSON.stringify({ ...map, points: [] }) }, 'The map, points: one point or more'],
    [{ host: '' }, 'host: '],
    [{ port: '' }, 'port: '],
    [{ port: '70000' }, 'port: '],
  ])('says what is wrong and what is allowed: %j', (changes, said) => {
    const read = readLinkForm(form(changes));
    expect('faults' in read ? read.faults.join() : '').toContain(said);
  });
});
