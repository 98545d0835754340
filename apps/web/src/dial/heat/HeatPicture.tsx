import { faceInto, rasterInto, sectionRaster, tints } from '@lone-heron/core';
import { contours } from 'd3-contour';
import { useEffect, useMemo, useRef, type MouseEvent } from 'react';
import type { BoxSize } from '../../shared/drawing/useBoxSize.js';
import { ScaleBar } from '../section/ScaleBar.js';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import { heatInk, heatShare, scaleRises } from '../../shared/heat/heatInk.js';
import { heatWindow, type HeatLook } from './heatWindow.js';
import type { ShownField } from './useField.js';

/** A place that was touched: across the seam, and down in the section or behind the gun on a face; m. */
export interface HeatPoint {
  readonly y: number;
  readonly other: number;
}

interface HeatPictureProps {
  shown: ShownField;
  look: HeatLook;
  frame: number;
  page: BoxSize;
  /** What the picture says, for who cannot see it. */
  words: string;
  point: HeatPoint | null;
  onPoint: (point: HeatPoint) => void;
}

/** Temperatures on a section or a face, with the edge of the melt and a few lines of equal heat. */
export function HeatPicture({ shown, look, frame, page, words, point, onPoint }: HeatPictureProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { window, scale } = useMemo(() => heatWindow(shown, look, page), [shown, look, page]);
  const raster = useMemo(
    () => (look === 'section' ? sectionRaster(shown.answer.heat, window) : null),
    [shown, look, window],
  );
  const rises = useMemo(() => {
    const into = new Float32Array(window.columns * window.rows);
    const { heat } = shown.answer;
    if (raster !== null) return rasterInto(raster, heat.frames[frame] ?? [], into);
    return faceInto(heat, look === 'above' ? 'front' : 'back', shown.task.travel, window, into);
  }, [shown, look, window, raster, frame]);
  useEffect(() => paint(canvas.current, rises, window.columns, shown), [rises, window, shown]);
  const perPoint = page.width / window.columns;
  const touch = (event: MouseEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const across = window.left + ((event.clientX - box.left) / box.width) * (page.width / scale);
    const down = window.top + ((event.clientY - box.top) / box.height) * (page.height / scale);
    onPoint(look === 'section' ? { y: across, other: down } : { y: down, other: across });
  };
  const [pointX, pointY] = look === 'section' ? [point?.y, point?.other] : [point?.other, point?.y];
  return (
    <>
      <canvas
        ref={canvas}
        width={window.columns}
        height={window.rows}
        className="absolute inset-0 size-full"
      />
      <svg
        viewBox={`0 0 ${page.width} ${page.height}`}
        className="absolute inset-0 size-full cursor-crosshair"
        role="img"
        aria-label={words}
        onClick={touch}
      >
        <Isolines rises={rises} window={window} perPoint={perPoint} shown={shown} />
        {look !== 'section' && <GunMark x={-window.left * scale} y={page.height / 2} />}
        {look !== 'section' && <LeftColour shown={shown} look={look} page={page} scale={scale} />}
        <ScaleBar page={page} scale={scale / 1000} units={shopUnits()} isOverPicture />
        {pointX !== undefined && pointY !== undefined && (
          <circle
            cx={(pointX - window.left) * scale}
            cy={(pointY - window.top) * scale}
            r={9}
            fill="none"
            stroke="#ffffff"
            strokeWidth={3}
          />
        )}
      </svg>
    </>
  );
}

function paint(
  canvas: HTMLCanvasElement | null,
  rises: Float32Array,
  columns: number,
  { answer }: ShownField,
): void {
  const ink = canvas?.getContext('2d');
  if (ink === null || ink === undefined) return;
  const { liquidus } = answer.heat.law;
  const picture = new ImageData(columns, rises.length / columns);
  rises.forEach((rise, at) => {
    if (Number.isNaN(rise)) return;
    picture.data.set([...heatInk(heatShare(rise, liquidus)), 255], 4 * at);
  });
  ink.putImageData(picture, 0, 0);
}

interface IsolinesProps {
  rises: Float32Array;
  window: ReturnType<typeof heatWindow>['window'];
  perPoint: number;
  shown: ShownField;
}

/** The edge of the melt, and lines of equal heat at the temperatures of the scale. */
function Isolines({ rises, window, perPoint, shown }: IsolinesProps) {
  const { start, liquidus } = shown.answer.heat.law;
  const found = useMemo(() => {
    const grid = Array.from(rises, (rise) => (Number.isNaN(rise) ? -1 : rise));
    const draw = contours().size([window.columns, window.rows]);
    const levels = [liquidus, ...scaleRises({ start, liquidus })];
    return levels.map((level) => ({ level, rings: draw.contour(grid, level).coordinates.flat() }));
  }, [rises, window, start, liquidus]);
  return (
    <g pointerEvents="none">
      {found.map(({ level, rings }) => {
        const path = rings.map(
          (ring) =>
            `M${ring.map(([x = 0, y = 0]) => `${round(x * perPoint)} ${round(y * perPoint)}`).join('L')}Z`,
        );
        const isMelt = level === liquidus;
        return (
          <path
            key={level}
            d={path.join('')}
            fill="none"
            stroke={isMelt ? 'var(--melt-edge)' : '#ffffff'}
            strokeWidth={isMelt ? 2.5 : 1}
            strokeOpacity={isMelt ? 1 : 0.65}
            strokeDasharray={isMelt ? undefined : '5 4'}
          />
        );
      })}
    </g>
  );
}

function round(value: number): number {
  return Math.round(value * 10) / 10;
}

/** Where the gun stands and which way it goes. */
function GunMark({ x, y }: { x: number; y: number }) {
  return (
    <g pointerEvents="none" stroke="#ffffff" strokeWidth={2.5} fill="none">
      <circle cx={x} cy={y} r={6} />
      <path d={`M${x - 10} ${y}h-24m8 -6l-8 6l8 6`} />
    </g>
  );
}

interface LeftColourProps {
  shown: ShownField;
  look: HeatLook;
  page: BoxSize;
  scale: number;
}

/** How wide the strips of colour are drawn, pixels. */
const leftWidth = 34;

/** What colour stays on the face, as strips at the picture's far end. */
function LeftColour({ shown, look, page, scale }: LeftColourProps) {
  const tint = shown.answer.tint?.[look === 'above' ? 'front' : 'back'];
  if (tint === undefined) return null;
  return (
    <g pointerEvents="none">
      {tints.map((colour) => {
        const edges = tint[colour];
        if (edges === null) return null;
        const top = page.height / 2 + edges.left * scale;
        return (
          <rect
            key={colour}
            x={page.width - leftWidth}
            y={top}
            width={leftWidth}
            height={(edges.right - edges.left) * scale}
            fill={`var(--tint-${colour})`}
          />
        );
      })}
    </g>
  );
}
