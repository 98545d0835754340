import { waitFor } from '@testing-library/react';
import type { Place } from './freePlace.js';
import { keepFree } from './keepFree.js';

/** jsdom lays nothing out: a button lies where it is said to. */
function button(left: number, top: number): HTMLButtonElement {
  const made = document.createElement('button');
  made.getBoundingClientRect = () => new DOMRect(left, top, 160, 48);
  return made;
}

const underTheFoot = () => button(window.innerWidth / 2 - 80, window.innerHeight - 60);

afterEach(() => {
  document.body.replaceChildren();
});

describe('what is said', () => {
  it('moves off a button that comes later, under the same name', async () => {
    const say = jest.fn();
    keepFree(say);
    expect(say).toHaveBeenCalledWith(
      expect.objectContaining({ at: { position: 'bottom-center', raised: 0 } }),
    );
    document.body.append(underTheFoot());
    await waitFor(() => expect(say).toHaveBeenCalledTimes(2));
    const [[first], [second]] = say.mock.calls as [[{ id: string }], [{ id: string; at: Place }]];
    expect(second.at).toEqual({ position: 'bottom-left', raised: 0 });
    expect(second.id).toBe(first.id);
  });

  it('stays where it is while that is free, and once it is gone', async () => {
    const [staying, gone] = [jest.fn(), jest.fn()];
    keepFree(staying);
    keepFree(gone);
    (gone.mock.calls as [[{ end: () => void }]])[0][0].end();
    document.body.append(button(10, 100));
    const moving = jest.fn();
    keepFree(moving);
    document.body.append(underTheFoot());
    await waitFor(() => expect(moving).toHaveBeenCalledTimes(2));
    expect(staying).toHaveBeenCalledTimes(2);
    expect(gone).toHaveBeenCalledTimes(1);
  });
});
