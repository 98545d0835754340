import { act, render, screen } from '@testing-library/react';
import { Provider } from 'react-redux';
import { heardShopClock } from '../shared/clock/shopClock.js';
import { keptShown } from '../shared/kept/keptSlice.js';
import { ServerAway } from './ServerAway.js';
import { createStore } from './store.js';

const hour = 3_600_000;
const evening = new Date(2026, 10, 30, 22, 40);

beforeEach(() => jest.useFakeTimers({ now: evening }));
afterEach(() => jest.useRealTimers());

/** What is said of what this device kept twenty minutes ago, by its own clock. */
function saidOfTwentyMinutes(): string {
  const store = createStore();
  store.dispatch(keptShown(new Date(evening.getTime() - hour / 3).toISOString()));
  render(
    <Provider store={store}>
      <ServerAway />
    </Provider>,
  );
  return screen.getByRole('status').textContent;
}

describe('while the server is away', () => {
  it('what is shown is of the moment it was kept', () => {
    expect(saidOfTwentyMinutes()).toContain('as it was today 22:20, 20 minutes ago');
  });

  it('that moment is the shop’s on a device whose clock is wrong', () => {
    const asked = evening.getTime();
    heardShopClock(new Date(asked + 1.5 * hour).toUTCString(), asked, asked);
    expect(saidOfTwentyMinutes()).toContain('as it was 30 Nov 23:50, 20 minutes ago');
    act(() => heardShopClock(new Date(asked).toUTCString(), asked, asked));
  });

  it('nothing is said while it answers', () => {
    render(
      <Provider store={createStore()}>
        <ServerAway />
      </Provider>,
    );
    expect(screen.queryByRole('status')).toBeNull();
  });
});
