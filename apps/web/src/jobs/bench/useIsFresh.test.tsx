/** @jest-environment jsdom */
import { act, render, screen } from '@testing-library/react';
import { useIsFresh } from './useIsFresh.js';

function Key({ of }: { of: string }) {
  return <button type="button" disabled={useIsFresh(of)} />;
}
const key = () => screen.getByRole<HTMLButtonElement>('button');

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

it('takes no press until a second tap of the same hand has passed, and again for the next', () => {
  const { rerender } = render(<Key of="W1 1, go 1" />);
  expect(key().disabled).toBe(true);
  act(() => jest.advanceTimersByTime(700));
  expect(key().disabled).toBe(false);
  rerender(<Key of="W1 2, go 1" />);
  expect(key().disabled).toBe(true);
  act(() => jest.advanceTimersByTime(700));
  expect(key().disabled).toBe(false);
});
