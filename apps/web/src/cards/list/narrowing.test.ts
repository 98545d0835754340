import type { Card } from '@lone-heron/contract';
import { narrowed, readNarrowing } from './narrowing.js';

const card = (number: number, retiredAt: string | null) =>
  ({
    ...{ id: String(number), number, retiredAt },
    versions: [
      {
        ...{ version: 1, signedAt: null, verdicts: [] },
        content: { machineId: 'bench', joint: { kind: 'butt', metal: 'stainless304' }, tags: ['galley'] },
      },
    ],
  }) as unknown as Card;
const cards = [card(1, null), card(2, '2026-11-02T08:00:00.000Z')];
const numbers = (search: string) =>
  narrowed(cards, readNarrowing(new URLSearchParams(search))).map(({ number }) => number);

describe('the list of cards', () => {
  it('leaves retired cards out until they are asked for', () => {
    expect(numbers('')).toEqual([1]);
    expect(numbers('state=retired')).toEqual([2]);
    expect(numbers('state=draft')).toEqual([1]);
  });

  it('is narrowed by machine, metal, joint and tag, and not by a state that is none', () => {
    expect(numbers('machine=bench&metal=stainless304&kind=butt&tag=galley')).toEqual([1]);
    expect(numbers('tag=duct')).toEqual([]);
    expect(numbers('state=lost')).toEqual([1]);
  });
});
