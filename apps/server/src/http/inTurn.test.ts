import type { Request, Response } from 'express';
import { inTurn } from './inTurn.js';

/** Waits until the turns that were asked for by now are over. */
const turns = async (many: number): Promise<void> => {
  for (let i = 0; i < many; i++) await new Promise((resolve) => setImmediate(resolve));
};

function callOf(begin: ReturnType<typeof inTurn>, work: () => void): void {
  begin({} as Request, {} as Response, work);
}

it('lets what came meanwhile be looked at between two calls that came together', async () => {
  const begin = inTurn();
  const order: string[] = [];
  callOf(begin, () => {
    order.push('first');
    setImmediate(() => order.push('what came meanwhile'));
  });
  callOf(begin, () => order.push('second'));
  expect(order).toEqual([]);
  await turns(4);
  expect(order).toEqual(['first', 'what came meanwhile', 'second']);
});

it('begins calls in the order they came, also those that come while others wait, and again after a rest', async () => {
  const begin = inTurn();
  const order: number[] = [];
  const come = (call: number) => callOf(begin, () => order.push(call));
  callOf(begin, () => {
    order.push(1);
    come(3);
  });
  come(2);
  await turns(5);
  expect(order).toEqual([1, 2, 3]);
  come(4);
  await turns(2);
  expect(order).toEqual([1, 2, 3, 4]);
});
