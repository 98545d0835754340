import type { GlassSpot } from '@lone-heron/contract';
import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { WindowDisc } from './WindowDisc.js';

const box = { left: 100, top: 50, width: 210, height: 210, right: 310, bottom: 260, x: 100, y: 50 };

function Kept({ onChange, begin }: { onChange: (spots: GlassSpot[]) => void; begin: GlassSpot[] }) {
  const [spots, setSpots] = useState(begin);
  return (
    <WindowDisc
      spots={spots}
      isPale={false}
      onChange={(next) => {
        onChange(next);
        setSpots(next);
      }}
    />
  );
}

function show(begin: GlassSpot[] = []) {
  const onChange = jest.fn<undefined, [GlassSpot[]]>();
  render(<Kept onChange={onChange} begin={begin} />);
  const disc = screen.getByRole('button', { name: /Where on the glass/ });
  disc.getBoundingClientRect = () => ({ ...box, toJSON: () => box });
  /** Presses so many radii right of the middle and above it. */
  const press = (right: number, up: number) =>
    fireEvent.click(disc, { clientX: 205 + right * 100, clientY: 155 - up * 100, detail: 1 });
  return { press, disc, last: () => onChange.mock.calls.at(-1)?.[0], onChange };
}

describe('the glass that is tapped', () => {
  it('keeps where it was tapped, in radii from the middle, to the right and upwards', () => {
    const { press, last } = show();
    press(0.5, 0.25);
    expect(last()).toEqual([{ right: 0.5, up: 0.25 }]);
    press(-0.75, -0.5);
    expect(last()).toEqual([
      { right: 0.5, up: 0.25 },
      { right: -0.75, up: -0.5 },
    ]);
  });

  it('takes a mark off where it is tapped again, as near as a glove comes', () => {
    const { press, last } = show([
      { right: 0.5, up: 0.25 },
      { right: -0.5, up: 0 },
    ]);
    press(0.58, 0.33);
    expect(last()).toEqual([{ right: -0.5, up: 0 }]);
  });

  it('keeps nothing of a tap beside the glass, nor a thirteenth mark', () => {
    const twelve = Array.from({ length: 12 }, (_, i) => ({ right: -0.9 + i * 0.16, up: 0 }));
    const { press, onChange } = show(twelve);
    press(0.9, 0.9);
    press(0, 0.6);
    expect(onChange).not.toHaveBeenCalled();
  });

  it('marks the middle from the keyboard, and clears all at once', async () => {
    const { disc, last } = show();
    disc.focus();
    await userEvent.keyboard('{Enter}');
    expect(last()).toEqual([{ right: 0, up: 0 }]);
    await userEvent.click(screen.getByRole('button', { name: 'Clear the 1' }));
    expect(last()).toEqual([]);
  });
});
