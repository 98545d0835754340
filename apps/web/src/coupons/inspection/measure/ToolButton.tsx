import type { PictureReading } from '@lone-heron/core';
import { Check, CircleDashed } from 'lucide-react';
import { spokenReading } from '../../../shared/figures/spokenRange.js';
import { allTools, type MeasureTool, type ToolName } from './measureTools.js';
import { isPlaced, type Placed } from './placed.js';

/** What is pressed next. */
export function nextWords(placed: Placed, active: ToolName | null): string {
  const tool = allTools.find(({ name }) => name === active);
  if (tool === undefined) return 'Pick what to measure.';
  const done = placed.points[tool.name]?.length ?? 0;
  const next = tool.points[done >= tool.points.length ? 0 : done] ?? '';
  return done >= tool.points.length
    ? `${tool.label} is placed: drag its points, or go on.`
    : `Press on ${next}.`;
}

interface ToolButtonProps {
  tool: MeasureTool;
  placed: Placed;
  active: ToolName | null;
  value: PictureReading | null;
  onActive: (tool: ToolName) => void;
}

/** A tool with what it reads. */
export function ToolButton({ tool, placed, active, value, onActive }: ToolButtonProps) {
  const isActive = active === tool.name;
  const [size, ...give] = value === null ? [] : spokenReading(value.mm, value.sdMm).split(' ');
  const Mark = isPlaced(placed, tool.name) || value !== null ? Check : CircleDashed;
  return (
    <button
      type="button"
      aria-pressed={isActive}
      className={`flex min-h-12 items-center gap-2 rounded-box border px-3 text-left ${
        isActive ? 'border-primary outline-2 outline-primary' : 'border-base-300'
      }`}
      onClick={() => onActive(tool.name)}
    >
      <Mark className="size-5 shrink-0 text-soft" aria-hidden="true" />
      <span className="grow leading-tight">{tool.label}</span>
      {value !== null && (
        <strong className="whitespace-nowrap tabular-nums">
          {size} <span className="font-normal text-soft">{give.join(' ')}</span>
        </strong>
      )}
    </button>
  );
}
