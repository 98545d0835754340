import { findMetal, type PartHeat } from '@lone-heron/core';
import { useEffect, useRef } from 'react';
import { heatInk, heatShare } from '../../shared/heat/heatInk.js';
import type { PartHeatTask } from './partHeatTask.js';

interface PartHeatPictureProps {
  task: PartHeatTask;
  heat: PartHeat;
  frame: number;
  words: string;
}

/** The part from above at a moment, its seams as lines with their marks. */
export function PartHeatPicture({ task, heat, frame, words }: PartHeatPictureProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [columns, rows] = [heat.x.widths.length, heat.y.widths.length];
  const metal = findMetal(task.input.metal.id);
  useEffect(() => {
    const ink = canvas.current?.getContext('2d');
    const rises = heat.frames[frame];
    if (ink === null || ink === undefined || rises === undefined) return;
    const picture = new ImageData(columns, rows);
    rises.forEach((rise, at) => {
      picture.data.set([...heatInk(heatShare(rise, metal.meltingPoint - 293)), 255], 4 * at);
    });
    ink.putImageData(picture, 0, 0);
  }, [heat, frame, columns, rows, metal]);
  const [left, top] = [heat.x.edges[0] ?? 0, heat.y.edges[0] ?? 0];
  const cell = heat.x.widths[0] ?? 1;
  const at = ([x, y]: readonly [number, number]) => [(x - left) / cell, (y - top) / cell] as const;
  return (
    <div
      className="relative w-full overflow-hidden rounded-md"
      style={{ aspectRatio: `${columns} / ${rows}` }}
    >
      <canvas ref={canvas} width={columns} height={rows} className="absolute inset-0 size-full" />
      <svg
        viewBox={`0 0 ${columns} ${rows}`}
        className="absolute inset-0 size-full"
        role="img"
        aria-label={words}
      >
        {task.input.seams.map(({ mark, from, to }) => {
          const [[x1, y1], [x2, y2]] = [at(from), at(to)];
          return (
            <g key={mark}>
              <path d={`M${x1} ${y1}L${x2} ${y2}`} stroke="#ffffff" strokeWidth={0.8} strokeOpacity={0.7} />
              <text
                x={x2 > 0.88 * columns ? x2 - 1.5 : x2 + 1.5}
                textAnchor={x2 > 0.88 * columns ? 'end' : 'start'}
                y={y2 + 2}
                fontSize={columns / 24}
                fill="#ffffff"
                stroke="#2b3a42"
                strokeWidth={columns / 120}
                paintOrder="stroke"
              >
                {mark}
              </text>
            </g>
          );
        })}
      </svg>
    </div>
  );
}
