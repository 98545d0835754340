import type { Photo } from '@lone-heron/contract';
import type { PicturePoint } from '@lone-heron/core';
import { useRef, useState, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import { pictureAddress } from '../../../shared/api/photosApi.js';
import { Loupe } from './Loupe.js';
import { allTools, type MeasureTool, type ToolName } from './measureTools.js';
import type { Placed } from './placed.js';

/** A point that can be taken hold of. */
export interface Held {
  readonly tool: ToolName | 'line';
  readonly index: number;
}

interface MeasureBoardProps {
  photo: Photo;
  placed: Placed;
  active: MeasureTool | null;
  /** How much larger than the board's width the picture is shown. */
  zoom: number;
  onPlace: (point: PicturePoint) => void;
  /** @param isFirst whether the drag, or the press of a key, begins with it */
  onMove: (held: Held, point: PicturePoint, isFirst: boolean) => void;
  /** What else is drawn on the picture, in its pixels. */
  children?: ReactNode;
}

/** The photo with everything that is placed on it; a press places the next point, a point can be dragged or nudged. */
export function MeasureBoard({ photo, placed, active, zoom, onPlace, onMove, children }: MeasureBoardProps) {
  const svg = useRef<SVGSVGElement>(null);
  const dragged = useRef<{ held: Held; hasMoved: boolean } | null>(null);
  const [under, setUnder] = useState<PicturePoint | null>(null);
  const { widthPx, heightPx } = photo;
  const place = (event: PointerEvent): PicturePoint => {
    const box = svg.current?.getBoundingClientRect() ?? new DOMRect(0, 0, 1, 1);
    return {
      x: clamp(((event.clientX - box.left) / box.width) * widthPx, widthPx),
      y: clamp(((event.clientY - box.top) / box.height) * heightPx, heightPx),
    };
  };
  const move = (event: PointerEvent) => {
    const point = place(event);
    setUnder(point);
    const drag = dragged.current;
    if (drag === null) return;
    onMove(drag.held, point, !drag.hasMoved);
    drag.hasMoved = true;
  };
  const hold = (held: Held) => (event: PointerEvent<SVGElement>) => {
    event.stopPropagation();
    event.currentTarget.setPointerCapture(event.pointerId);
    dragged.current = { held, hasMoved: false };
  };
  const unit = widthPx / 900 / zoom;
  return (
    <div className="sheet relative max-h-[calc(100dvh-9rem)] overflow-auto overscroll-contain">
      <svg
        ref={svg}
        viewBox={`0 0 ${widthPx} ${heightPx}`}
        style={{ width: `${zoom * 100}%` }}
        className={`block touch-none ${active === null ? '' : 'cursor-crosshair'}`}
        role="group"
        aria-label="The picture with what is placed on it"
        onPointerMove={move}
        onPointerLeave={() => setUnder(null)}
        onPointerUp={(event) => {
          if (dragged.current === null && active !== null) onPlace(place(event));
          dragged.current = null;
        }}
      >
        <image href={pictureAddress(photo.hash)} width={widthPx} height={heightPx} />
        <TracedLine placed={placed} unit={unit} onHold={hold} onMove={onMove} />
        {allTools.map((tool) => (
          <ToolPoints
            key={tool.name}
            tool={tool}
            points={placed.points[tool.name] ?? []}
            unit={unit}
            onHold={hold}
            onMove={onMove}
          />
        ))}
        {children}
      </svg>
      {under !== null && <Loupe photo={photo} at={under} isLeft={under.x > widthPx / 2} />}
    </div>
  );
}

function clamp(value: number, most: number): number {
  return Math.min(Math.max(value, 0), most);
}

interface PointsProps {
  unit: number;
  onHold: (held: Held) => (event: PointerEvent<SVGElement>) => void;
  onMove: MeasureBoardProps['onMove'];
}

function ToolPoints({
  tool,
  points,
  unit,
  onHold,
  onMove,
}: PointsProps & { tool: MeasureTool; points: readonly PicturePoint[] }) {
  const [one, other] = points;
  const colour = tool.reading === null ? 'var(--straw)' : 'var(--melt-hot)';
  return (
    <g>
      {one !== undefined && other !== undefined && (
        <>
          <line x1={one.x} y1={one.y} x2={other.x} y2={other.y} stroke="#000" strokeWidth={3.5 * unit} />
          <line x1={one.x} y1={one.y} x2={other.x} y2={other.y} stroke={colour} strokeWidth={1.5 * unit} />
        </>
      )}
      {points.map((point, index) => (
        <Grip
          key={index}
          point={point}
          unit={unit}
          colour={colour}
          label={`${tool.label}: ${tool.points[index] ?? ''}`}
          onHold={onHold({ tool: tool.name, index })}
          onNudge={(moved, isFirst) => onMove({ tool: tool.name, index }, moved, isFirst)}
        />
      ))}
    </g>
  );
}

/** Every so manyth point of a traced line has a grip. */
const gripEvery = 6;

function TracedLine({ placed, unit, onHold, onMove }: PointsProps & { placed: Placed }) {
  if (placed.line.length === 0) return null;
  const path = `M${placed.line.map(({ x, y }) => `${x} ${y}`).join('L')}`;
  return (
    <g>
      <path d={path} fill="none" stroke="#000" strokeWidth={4 * unit} strokeOpacity={0.6} />
      <path d={path} fill="none" stroke="var(--melt-hot)" strokeWidth={2 * unit} />
      {placed.line.map((point, index) =>
        index % gripEvery === 0 ? (
          <Grip
            key={index}
            point={point}
            unit={unit * 0.7}
            colour="var(--melt-hot)"
            label={`Traced line, point ${index / gripEvery + 1}`}
            onHold={onHold({ tool: 'line', index })}
            onNudge={(moved, isFirst) => onMove({ tool: 'line', index }, moved, isFirst)}
          />
        ) : null,
      )}
    </g>
  );
}

interface GripProps {
  point: PicturePoint;
  unit: number;
  colour: string;
  label: string;
  onHold: (event: PointerEvent<SVGElement>) => void;
  onNudge: (point: PicturePoint, isFirst: boolean) => void;
}

const nudges: Readonly<Record<string, readonly [x: number, y: number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** A point with room for a glove around it; arrow keys nudge it by a pixel, with Shift by ten. */
function Grip({ point, unit, colour, label, onHold, onNudge }: GripProps) {
  const nudge = (event: KeyboardEvent) => {
    const way = nudges[event.key];
    if (way === undefined) return;
    event.preventDefault();
    const by = event.shiftKey ? 10 : 1;
    onNudge({ x: point.x + way[0] * by, y: point.y + way[1] * by }, !event.repeat);
  };
  return (
    <g
      transform={`translate(${point.x} ${point.y}) scale(${unit})`}
      className="cursor-grab outline-none focus-visible:[&>circle]:stroke-[4]"
      tabIndex={0}
      role="button"
      aria-label={label}
      onPointerDown={onHold}
      onKeyDown={nudge}
    >
      <circle r={22} fill="transparent" stroke="none" />
      <circle r={9} fill="none" stroke="#000" strokeWidth={3.5} />
      <circle r={9} fill="none" stroke={colour} strokeWidth={1.8} />
      <path d="M-5 0H5M0-5V5" stroke={colour} strokeWidth={1.2} />
    </g>
  );
}
