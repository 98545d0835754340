import { render, screen } from '@testing-library/react';
import { Broken } from './Broken.js';

const shownFor = (error: Error) => {
  render(<Broken error={error} resetErrorBoundary={() => undefined} />);
  return screen.getByRole('alert').textContent;
};

describe('a screen that failed', () => {
  it.each([
    'Failed to fetch dynamically imported module: http://127.0.0.1/assets/CardsScreen-1.js',
    'Importing a module script failed.',
  ])('says in plain words that it could not be fetched, and not “%s”', (message) => {
    const said = shownFor(new TypeError(message));
    expect(said).toContain('could not be fetched');
    expect(said).not.toContain(message);
  });

  it('says what went wrong where it is ours', () => {
    expect(shownFor(new Error('depth of nothing'))).toContain('depth of nothing');
  });
});
