import {
  dialChanged,
  dialHistorySlice,
  dialRedone,
  dialUndone,
  selectRedo,
  selectUndo,
} from './dialHistorySlice.js';

const { reducer } = dialHistorySlice;
type State = ReturnType<typeof reducer>;
const start = reducer(undefined, { type: 'start' });
const seen = (state: State) => ({
  undo: selectUndo({ dialHistory: state }),
  redo: selectRedo({ dialHistory: state }),
});

describe('undoing on Dial', () => {
  it('goes back change by change and forth again', () => {
    let state = reducer(start, dialChanged({ from: 'a', of: 'word metal' }));
    state = reducer(state, dialChanged({ from: 'b', of: 'turn power' }));
    expect(seen(state)).toEqual({ undo: 'b', redo: null });
    state = reducer(state, dialUndone('c'));
    expect(seen(state)).toEqual({ undo: 'a', redo: 'c' });
    state = reducer(state, dialRedone('b'));
    expect(seen(state)).toEqual({ undo: 'b', redo: null });
  });

  it('takes a run of keys in one word for one change, and a new change clears what could be done again', () => {
    let state = reducer(start, dialChanged({ from: 'a', of: 'word gap' }));
    state = reducer(state, dialChanged({ from: 'b', of: 'word gap' }));
    expect(seen(state).undo).toBe('a');
    state = reducer(state, dialUndone('c'));
    state = reducer(state, dialChanged({ from: 'a', of: 'word gap' }));
    expect(seen(state)).toEqual({ undo: 'a', redo: null });
  });

  it('takes each change of its own for one', () => {
    let state = reducer(start, dialChanged({ from: 'a', of: '' }));
    state = reducer(state, dialChanged({ from: 'b', of: '' }));
    expect(seen(state).undo).toBe('b');
    expect(seen(reducer(state, dialUndone('c'))).undo).toBe('a');
  });

  it('does nothing where there is nothing to undo', () => {
    expect(reducer(start, dialUndone('x'))).toEqual(start);
    expect(reducer(start, dialRedone('x'))).toEqual(start);
  });
});
