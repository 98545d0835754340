import { act, renderHook } from '@testing-library/react';
import { toast, toastFailure } from '../say/toast.js';
import { useUndoableSave } from './useUndoableSave.js';

jest.mock('../say/toast.js', () => ({ toast: jest.fn(), toastFailure: jest.fn() }));
const said = toast as unknown as jest.Mock;
beforeEach(() => jest.clearAllMocks());

const refusal = {
  status: 409,
  data: { type: 'about:blank', title: 'Conflict', status: 409, detail: 'Not now.' },
};
interface Offered {
  readonly action: { readonly onClick: () => void };
}
/** Presses Undo in what was said last, and waits for what comes of it. */
async function pressUndo(): Promise<void> {
  const [, offered] = said.mock.calls.at(-1) as [string, Offered];
  await act(async () => {
    offered.action.onClick();
    await Promise.resolve();
  });
}

function saving(send: jest.Mock, undo: jest.Mock, onSaved?: () => void) {
  const { result } = renderHook(() =>
    useUndoableSave<string, { number: number }>({
      send,
      said: ({ number }, draft) => `No ${number}: ${draft}`,
      wayBack: (id) => ({
        undo: () => undo(id) as Promise<object>,
        undone: 'Taken back.',
        stays: 'It is still in.',
      }),
      ...(onSaved === undefined ? {} : { onSaved }),
    }),
  );
  const save = async (draft: string) => {
    let isStored: boolean | undefined;
    await act(async () => {
      isStored = await result.current(draft);
    });
    return isStored;
  };
  return save;
}

describe('a save with a way back', () => {
  it('keeps its id until it is stored, so that a retry is the same save, and has another for the next', async () => {
    const send = jest
      .fn()
      .mockResolvedValueOnce({ error: { status: 'FETCH_ERROR' } })
      .mockResolvedValue({ data: { number: 4 } });
    const onSaved = jest.fn();
    const save = saving(send, jest.fn(), onSaved);
    expect(await save('first')).toBe(false);
    expect([said.mock.calls.length, onSaved.mock.calls.length]).toEqual([0, 0]);
    expect(await save('first')).toBe(true);
    expect(await save('second')).toBe(true);
    const ids = send.mock.calls.map(([id]: string[]) => id);
    expect(ids[0]).toBe(ids[1]);
    expect(ids[1]).not.toBe(ids[2]);
    expect(said.mock.calls.map(([words]: string[]) => words)).toEqual(['No 4: first', 'No 4: second']);
    expect(onSaved).toHaveBeenCalledTimes(2);
  });

  it('takes back what it stored, by its id, and says so', async () => {
    const send = jest.fn().mockResolvedValue({ data: { number: 1 } });
    const undo = jest.fn().mockResolvedValue({});
    await saving(send, undo)('one');
    await pressUndo();
    expect(undo).toHaveBeenCalledWith((send.mock.calls as [string][])[0]?.[0]);
    expect(said).toHaveBeenLastCalledWith('Taken back.');
  });

  it('never swallows a way back that failed', async () => {
    const undo = jest.fn().mockResolvedValue({ error: refusal });
    await saving(jest.fn().mockResolvedValue({ data: { number: 1 } }), undo)('one');
    await pressUndo();
    expect(toastFailure).toHaveBeenCalledWith('It is still in. Not now.');
  });

  it('goes on under the id that was sent, where the answer was lost and the sheet is opened again', async () => {
    const send = jest.fn().mockResolvedValue({ error: refusal });
    const open = (sheet: string) =>
      renderHook(() =>
        useUndoableSave<string, { number: number }>({
          ...{ sheet, send, said: () => '' },
          wayBack: () => ({ undo: () => Promise.resolve({}) }),
        }),
      );
    for (const sheet of ['window bench', 'window bench', 'window barrow']) {
      const { result, unmount } = open(sheet);
      await act(() => result.current('haze'));
      unmount();
    }
    const [first, again, other] = send.mock.calls.map(([id]: string[]) => id);
    expect(again).toBe(first);
    expect(other).not.toBe(first);
  });
});
