import { emptyListening, listeningFormOf, madePassword, readListeningForm, userOf } from './listeningForm.js';

const map = {
  ...{ format: 'lone-heron-topics', version: 1, name: 'made up', alarms: [] },
  topics: [{ topic: 'bench/said', time: '', points: [{ key: 'lightOn', path: '', scale: 1, offset: 0 }] }],
};
const form = { ...emptyListening, user: 'bench-unit', password: 'twelve letters', map: JSON.stringify(map) };

describe('how a machine is listened to, as it is typed', () => {
  it('is read back as it was shown', () => {
    const read = readListeningForm({
      ...form,
      broker: 'other',
      host: '10.0.0.4',
      port: '1884',
      user: 'heron',
    });
    if (!('draft' in read)) throw new Error(read.faults.join());
    expect(read.draft).toMatchObject({ broker: { is: 'other', host: '10.0.0.4', port: 1884 }, silenceS: 2 });
    const shown = listeningFormOf({
      ...{ ...read.draft, password: '', hasPassword: true, machineId: 'bench', revision: 1 },
      ...{ savedAt: '2026-11-24T10:00:00.000Z', savedBy: 'ines' },
    });
    expect(readListeningForm({ ...shown, password: 'twelve letters' })).toEqual(read);
  });

  it.each([
    [{ map: '' }, 'The map is wanted'],
    [{ map: '{' }, 'The map is no JSON'],
    [{ map: JSON.stringify({ ...map, topics: [] }) }, 'one topic or more'],
    [{ password: 'short' }, '12 characters or more'],
    [{ silence: '' }, '0.5 to 60'],
    [{ user: 'The bench' }, 'small letters'],
    [{ broker: 'other', port: 'x', host: '10.0.0.4' }, '1 to 65535'],
  ] as const)('says what is wrong with %j', (changes, words) => {
    const read = readListeningForm({ ...form, ...changes });
    expect('faults' in read && read.faults.join()).toContain(words);
  });
});

it('a password that is made has twenty letters, each as likely', () => {
  let next = 0;
  const counting = (bytes: Uint8Array<ArrayBuffer>) =>
    bytes.map(() => Math.imul((next += 1), 2_654_435_761) >>> 24);
  const letters = new Map<string, number>();
  for (let made = 0; made < 620; made += 1) {
    const password = madePassword(counting);
    expect(password).toMatch(/^[a-z2-9]{20}$/);
    for (const letter of password) letters.set(letter, (letters.get(letter) ?? 0) + 1);
  }
  expect(letters.size).toBe(31);
  const counts = [...letters.values()];
  expect(Math.max(...counts) / Math.min(...counts)).toBeLessThan(1.4);
});

it.each([
  ['the bench unit', 'bench-unit'],
  ['Nr. 7 (old)', 'nr-7-old'],
  ['Ü', 'machine'],
])('%s signs in as %s to begin with', (name, user) => expect(userOf(name)).toBe(user));
