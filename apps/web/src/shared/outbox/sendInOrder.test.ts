import type { OutboxItem } from './outboxStore.js';
import { sendInOrder, type SendEnd } from './sendInOrder.js';

const coupon = (id: string, changes: Partial<OutboxItem> = {}): OutboxItem =>
  ({
    id,
    kind: 'coupon',
    personId: 'ines',
    at: 1,
    words: id,
    refused: null,
    isHeldUp: false,
    draft: {},
    ...changes,
  }) as OutboxItem;
const photo = (id: string, couponId: string): OutboxItem => ({
  ...coupon(id),
  kind: 'photo',
  couponId,
  subject: 'face',
  picture: new Blob(),
});

const idsOf = (items: readonly OutboxItem[]) => items.map(({ id }) => id);

function post(ends: Record<string, SendEnd> = {}) {
  const log = {
    sent: [] as string[],
    forgotten: [] as string[],
    refused: [] as string[],
    heldUp: [] as string[],
  };
  return {
    log,
    send: (item: OutboxItem) => {
      log.sent.push(item.id);
      return Promise.resolve(ends[item.id] ?? ({ kind: 'taken' } as const));
    },
    forget: (id: string) => Promise.resolve(void log.forgotten.push(id)),
    keepRefusal: (id: string, why: string) => Promise.resolve(void log.refused.push(`${id}: ${why}`)),
    keepHeldUp: (id: string) => Promise.resolve(void log.heldUp.push(id)),
  };
}

describe('sending what waits', () => {
  it('goes in order and forgets only what was taken', async () => {
    const office = post({ b: { kind: 'refused', why: 'too hot' } });
    expect(idsOf(await sendInOrder([coupon('a'), coupon('b'), coupon('c')], 'ines', office))).toEqual([
      'a',
      'c',
    ]);
    expect(office.log).toEqual({
      sent: ['a', 'b', 'c'],
      forgotten: ['a', 'c'],
      refused: ['b: too hot'],
      heldUp: [],
    });
  });

  it('stops where the server does not answer, so that nothing overtakes', async () => {
    const office = post({ b: { kind: 'later' } });
    expect(idsOf(await sendInOrder([coupon('a'), coupon('b'), coupon('c')], 'ines', office))).toEqual(['a']);
    expect(office.log.sent).toEqual(['a', 'b']);
    expect(office.log.forgotten).toEqual(['a']);
    // So that its owner hears when it has arrived at last.
    expect(office.log.heldUp).toEqual(['b']);
  });

  it('sends nothing in somebody else’s name, and nothing while nobody is signed in', async () => {
    const office = post();
    await sendInOrder([coupon('a', { personId: 'maren' }), coupon('b')], 'ines', office);
    expect(office.log.sent).toEqual(['b']);
    expect(await sendInOrder([coupon('c')], null, office)).toEqual([]);
    expect(office.log.sent).toEqual(['b']);
  });

  it('holds a photo back until its coupon has arrived', async () => {
    const office = post({ a: { kind: 'refused', why: 'no' } });
    await sendInOrder([coupon('a'), photo('p', 'a'), photo('q', 'other')], 'ines', office);
    expect(office.log.sent).toEqual(['a', 'q']);
    const later = post();
    await sendInOrder([coupon('a', { refused: 'no' }), photo('p', 'a')], 'ines', later);
    expect(later.log.sent).toEqual([]);
  });
});
