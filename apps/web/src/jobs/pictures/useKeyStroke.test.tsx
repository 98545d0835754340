/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import type { Stroke } from './placeOnPicture.js';
import { crossInWords, useKeyStroke } from './useKeyStroke.js';

function Picture({ onEnd }: { onEnd: (stroke: Stroke) => void }) {
  const { cross, drawn, keys } = useKeyStroke(onEnd);
  return (
    <div role="application" tabIndex={0} {...keys}>
      {cross === null ? 'no cross' : crossInWords(cross, drawn !== null)}
    </div>
  );
}

function drawn(...keys: readonly (string | { key: string; shiftKey: boolean })[]) {
  const ended: Stroke[] = [];
  render(<Picture onEnd={(stroke) => ended.push(stroke)} />);
  for (const key of keys)
    fireEvent.keyDown(screen.getByRole('application'), typeof key === 'string' ? { key } : key);
  return ended;
}

it('draws from where Enter begins it to where Enter ends it', () => {
  const far = { key: 'ArrowRight', shiftKey: true };
  expect(drawn('ArrowLeft', 'Enter', far, far, 'ArrowDown', 'Enter')).toEqual([
    { from: { x: 0.49, y: 0.5 }, to: { x: 0.59, y: 0.51 } },
  ]);
});

it('says where it stands, and leaves a stroke with Escape or when the eye goes elsewhere', () => {
  expect(drawn('ArrowUp', 'Enter', 'Escape')).toEqual([]);
  const picture = screen.getByRole('application');
  expect(picture.textContent).toBe('50 % from the left, 49 % from the top. Enter begins the seam here.');
  fireEvent.keyDown(picture, { key: 'Enter' });
  expect(picture.textContent).toContain('Enter ends the seam here.');
  fireEvent.blur(picture);
  expect(picture.textContent).toBe('no cross');
});

it('stays on the picture', () => {
  const left = Array.from({ length: 30 }, () => ({ key: 'ArrowLeft', shiftKey: true }));
  drawn(...left);
  expect(screen.getByRole('application').textContent).toContain('0 % from the left');
});
