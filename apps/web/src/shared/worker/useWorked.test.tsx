import { act, renderHook } from '@testing-library/react';
import { useWorked } from './useWorked.js';

/** A worker of the test's: it answers when told. */
class HeldWorker {
  onmessage: ((event: MessageEvent) => void) | null = null;
  onerror = null;
  isEnded = false;
  task: object | null = null;
  postMessage(task: object) {
    this.task = task;
  }
  terminate() {
    this.isEnded = true;
  }
}

let started: HeldWorker[] = [];
const start = () => {
  const worker = new HeldWorker();
  started.push(worker);
  return worker as unknown as Worker;
};
const work = (power: number) =>
  renderHook(({ task }) => useWorked<{ power: number }, { warm: number }>(task, start), {
    initialProps: { task: { power } },
  });
const doing = (deed: () => void) =>
  act(async () => {
    deed();
    await jest.advanceTimersByTimeAsync(0);
  });
const standStill = () => act(async () => jest.advanceTimersByTimeAsync(300));
const answer = (warm: number) =>
  act(async () => {
    started.at(-1)?.onmessage?.({ data: { warm } } as MessageEvent);
    await jest.advanceTimersByTimeAsync(0);
  });

beforeEach(() => {
  started = [];
  jest.useFakeTimers();
});
afterEach(() => jest.useRealTimers());

describe('work beside the screen', () => {
  it('begins anew once a task has stood still, and shows the answer before until then', async () => {
    const { result, rerender } = work(100);
    await answer(1);
    expect(result.current).toMatchObject({ shown: { answer: { warm: 1 } }, done: null, fault: null });
    rerender({ task: { power: 200 } });
    expect(result.current).toMatchObject({ shown: { answer: { warm: 1 } }, done: 0 });
    expect(started).toHaveLength(1);
    await standStill();
    await answer(2);
    expect(result.current).toMatchObject({ shown: { answer: { warm: 2 } }, done: null });
  });

  it('is stopped while it runs, and begins when asked', async () => {
    const { result } = work(100);
    await doing(() => result.current.stop());
    expect(result.current).toMatchObject({ done: null, fault: 'Stopped.' });
    expect(started.map(({ isEnded }) => isEnded)).toEqual([true]);
    await doing(() => result.current.again());
    await answer(1);
    expect(result.current).toMatchObject({ shown: { answer: { warm: 1 } }, fault: null });
  });

  it('is stopped before its task has stood still, and does not begin all the same', async () => {
    const { result, rerender } = work(100);
    await answer(1);
    rerender({ task: { power: 200 } });
    await doing(() => result.current.stop());
    await standStill();
    expect(result.current).toMatchObject({ done: null, fault: 'Stopped.' });
    expect(started).toHaveLength(1);
    await doing(() => result.current.again());
    await answer(2);
    expect(result.current).toMatchObject({ shown: { answer: { warm: 2 } }, done: null, fault: null });
  });

  it('is stopped while the task before still runs: both end', async () => {
    const { result, rerender } = work(100);
    rerender({ task: { power: 200 } });
    await doing(() => result.current.stop());
    await standStill();
    expect(started.map(({ isEnded }) => isEnded)).toEqual([true]);
    expect(result.current).toMatchObject({ shown: null, done: null, fault: 'Stopped.' });
  });

  it('goes on with another task after a stop, also back to the stopped one', async () => {
    const { result, rerender } = work(100);
    rerender({ task: { power: 200 } });
    await doing(() => result.current.stop());
    await standStill();
    rerender({ task: { power: 100 } });
    await standStill();
    await answer(1);
    rerender({ task: { power: 200 } });
    await standStill();
    await answer(2);
    expect(result.current).toMatchObject({ shown: { answer: { warm: 2 } }, done: null, fault: null });
  });
});
