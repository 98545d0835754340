import type { WeldedOrder } from '@lone-heron/contract';
import { changeWords, lostWords } from './orderWords.js';

const order = (...changes: WeldedOrder['steps'][number]['changes'][]): WeldedOrder => ({
  steps: changes.map((each, i) => ({ mark: `W${i + 1}`, changes: each })),
  minutes: 5.52,
});

it('says how often what is changed, and what is lost', () => {
  const changed = order(
    [
      { kind: 'nozzle', minutes: 2 },
      { kind: 'turn', minutes: 1 },
    ],
    [{ kind: 'nozzle', minutes: 2 }],
    [{ kind: 'rest', minutes: 4 }],
  );
  expect(lostWords(changed)).toBe('2 nozzle changes · 1 turn · 5.5 min lost · 4 min for the nozzle to cool');
  expect(lostWords(order([]))).toBe('5.5 min lost');
});

it('says before a weld what is turned, waited for and let cool, and nothing where nothing is', () => {
  expect(changeWords(null, 'W1', [])).toBeNull();
  expect(
    changeWords(null, 'W1', [
      { kind: 'turn', minutes: 1 },
      { kind: 'cool', minutes: 2.5 },
      { kind: 'rest', minutes: 2 },
    ]),
  ).toEqual({
    words:
      'turn the part; the seam beside it is warm: wait 2.5 min or go on elsewhere; near the limit: let the nozzle cool, 2 min in all',
    isTurn: true,
  });
});
