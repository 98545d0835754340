import type { SectionMeasure } from '@lone-heron/contract';
import type { PictureReading } from '@lone-heron/core';
import { ScanLine } from 'lucide-react';
import { useId } from 'react';
import { TypedField } from '../../../shared/form/TypedField.js';
import { bareUnitOf, type TypedValue } from '../../../shared/figures/readTyped.js';
import { sectionFields } from '../tests/testFields.js';
import { measureToolList, setTools, type ToolName } from './measureTools.js';
import type { Placed } from './placed.js';
import { NextPress } from './NextPress.js';
import { ToolButton } from './ToolButton.js';

interface ToolPanelProps {
  placed: Placed;
  active: ToolName | null;
  knownLength: TypedValue;
  scaleFault: string | null;
  readings: Readonly<Partial<Record<SectionMeasure, PictureReading>>>;
  trace: { readonly isRunning: boolean; readonly said: string | null; readonly canStart: boolean };
  onActive: (tool: ToolName) => void;
  onKnownLength: (text: string) => void;
  onTrace: () => void;
  onCancelTrace: () => void;
  onUndo: (() => void) | null;
}

/** What is placed and what it comes to, in the order it is done: scale, face, then each length. */
export function ToolPanel(props: ToolPanelProps) {
  const { placed, active, readings, onActive, onUndo } = props;
  return (
    <section className="sheet flex flex-col gap-2 px-4 py-3" aria-label="What is measured">
      <NextPress placed={placed} active={active} onUndo={onUndo} />
      {setTools.map((tool) => (
        <ToolButton
          key={tool.name}
          tool={tool}
          placed={placed}
          active={active}
          value={null}
          onActive={onActive}
        />
      ))}
      <TypedField
        label="Known length, such as the sheet’s thickness"
        unit={bareUnitOf(sectionFields.depth.quantity)}
        text={placed.knownLength}
        read={props.knownLength}
        onType={props.onKnownLength}
      />
      {props.scaleFault !== null && (
        <p role="alert" className="fault text-sm">
          {props.scaleFault}
        </p>
      )}
      <TraceButton {...props} />
      {measureToolList.map((tool) => (
        <ToolButton
          key={tool.name}
          tool={tool}
          placed={placed}
          active={active}
          value={readings[tool.name] ?? null}
          onActive={onActive}
        />
      ))}
    </section>
  );
}

function TraceButton({ trace, onTrace, onCancelTrace }: ToolPanelProps) {
  const about = useId();
  return (
    <>
      <button
        type="button"
        className="btn touch-always btn-primary"
        aria-describedby={about}
        disabled={!trace.canStart && !trace.isRunning}
        onClick={trace.isRunning ? onCancelTrace : onTrace}
      >
        <ScanLine className="size-5" aria-hidden="true" />
        {trace.isRunning ? 'Stop tracing' : 'Trace the fusion line'}
      </button>
      <p id={about} className="text-sm text-soft" aria-live="polite">
        {trace.said ?? 'Once scale and face are placed. Look at the line, and drag it where it went astray.'}
      </p>
    </>
  );
}
