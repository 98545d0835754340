import { useState, type KeyboardEvent } from 'react';
import type { Stroke } from './placeOnPicture.js';

type Point = Stroke['from'];

/** Steps of the arrow keys, as shares of the picture. */
const steps = { fine: 0.01, coarse: 0.05 };
const arrows: Readonly<Record<string, Point>> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
};

/** A stroke by keys: arrows move a cross, Shift further, Enter begins and ends the stroke, Escape leaves it. */
export function useKeyStroke(onEnd: (stroke: Stroke) => void) {
  const [cross, setCross] = useState<Point | null>(null);
  const [from, setFrom] = useState<Point | null>(null);
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    const arrow = arrows[event.key];
    const at = cross ?? { x: 0.5, y: 0.5 };
    if (arrow !== undefined) {
      event.preventDefault();
      setCross(moved(at, arrow, event.shiftKey ? steps.coarse : steps.fine));
    } else if (event.key === 'Enter') {
      event.preventDefault();
      setCross(at);
      setFrom(from === null ? at : null);
      if (from !== null) onEnd({ from, to: at });
    } else if (event.key === 'Escape' && from !== null) {
      event.stopPropagation();
      setFrom(null);
    }
  };
  const onBlur = () => {
    setCross(null);
    setFrom(null);
  };
  return {
    cross,
    drawn: cross === null || from === null ? null : { from, to: cross },
    keys: { onKeyDown, onBlur },
  };
}

function moved(at: Point, by: Point, step: number): Point {
  const within = (value: number) => Math.round(Math.min(1, Math.max(0, value)) * 1e5) / 1e5;
  return { x: within(at.x + by.x * step), y: within(at.y + by.y * step) };
}

/** Where the cross stands, for who does not see it. */
export function crossInWords(cross: Point, isBegun: boolean): string {
  const percent = (share: number) => `${Math.round(share * 100)} %`;
  const what = isBegun ? 'Enter ends the seam here' : 'Enter begins the seam here';
  return `${percent(cross.x)} from the left, ${percent(cross.y)} from the top. ${what}.`;
}
