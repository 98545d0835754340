import type { PointMm } from '@lone-heron/core';
import { useRef, type KeyboardEvent, type PointerEvent } from 'react';

interface DragHandleProps {
  /** Where it sits on the page, px. */
  at: PointMm;
  /** Unit vector on the page along which it is drawn. */
  along: PointMm;
  name: string;
  value: number;
  least: number;
  most: number;
  valueText: string;
  /** Called with the pixels it was drawn since it was taken hold of. */
  onDrag: (px: number) => void;
  onTake: () => void;
  /** Called for the arrow keys. */
  onStep: (steps: number) => void;
}

const reachOfFinger = 24;

/** A grip on the drawing: drawn along its line, or moved with the arrow keys by the machine's step. */
export function DragHandle({ at, along, onDrag, onTake, onStep, name, ...range }: DragHandleProps) {
  const taken = useRef<PointMm | null>(null);
  const take = (event: PointerEvent<SVGGElement>) => {
    event.stopPropagation();
    event.currentTarget.setPointerCapture(event.pointerId);
    taken.current = [event.clientX, event.clientY];
    onTake();
  };
  const move = (event: PointerEvent<SVGGElement>) => {
    if (taken.current === null) return;
    const [x, y] = taken.current;
    onDrag((event.clientX - x) * along[0] + (event.clientY - y) * along[1]);
  };
  const keys = (event: KeyboardEvent) => {
    const steps = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1, PageUp: 10, PageDown: -10 }[
      event.key
    ];
    if (steps === undefined) return;
    event.preventDefault();
    onStep(steps);
  };
  const turn = (Math.atan2(along[1], along[0]) * 180) / Math.PI;
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={name}
      aria-valuenow={range.value}
      aria-valuemin={range.least}
      aria-valuemax={range.most}
      aria-valuetext={range.valueText}
      className="drag-handle"
      transform={`translate(${at[0]} ${at[1]}) rotate(${turn})`}
      onPointerDown={take}
      onPointerMove={move}
      onPointerUp={() => (taken.current = null)}
      onPointerCancel={() => (taken.current = null)}
      onKeyDown={keys}
    >
      <title>{name}</title>
      <circle r={reachOfFinger} fill="transparent" />
      <circle r={9} className="drag-knob" />
      <path d="M-4 -3L-7.5 0L-4 3M4 -3L7.5 0L4 3" className="drag-arrows" />
    </g>
  );
}
