import type { KnobEffect } from '@lone-heron/core';
import { Lock, LockOpen, Minus, Plus, Undo2, type LucideIcon } from 'lucide-react';
import { useId, useState, type KeyboardEvent, type ReactNode } from 'react';
import { panelFigure, type PlateRow } from '../../shared/panel/panelKnobs.js';
import { readTypedKnob, turnedBy } from '../../shared/panel/typedKnob.js';

type Usable = KnobEffect['usable'];

interface KnobRowProps {
  row: PlateRow;
  /** Where it lands, with the others as they are; null where nowhere. */
  usable: Usable;
  /** What a small turn does; said under the band. */
  hint: ReactNode;
  /** What the figure is in other words, such as the watts of a percentage. */
  aside?: string | undefined;
  isTurned: boolean;
  /** Held: the search keeps it and adapts the rest. Left out where nothing is adapted. */
  isHeld?: boolean;
  onTurn: (value: number) => void;
  onRelease: () => void;
  onHold?: (isHeld: boolean) => void;
  /** Left out where there is no more to say. */
  onWhy?: () => void;
}

/** Steps that Page Up and Page Down turn at once. */
const pageSteps = 10;

/** One knob: its figure large, a step either way, where it may stand, and what a turn does. */
export function KnobRow({ row, usable, hint, aside, isTurned, isHeld = false, ...acts }: KnobRowProps) {
  const { onTurn, onRelease, onHold, onWhy } = acts;
  const [typed, setTyped] = useState<string | null>(null);
  const faultId = useId();
  const read = typed === null ? null : readTypedKnob(typed, row);
  const fault = read !== null && 'fault' in read ? read.fault : null;
  const turnBy = (steps: number) => {
    setTyped(null);
    onTurn(turnedBy(steps, row));
  };
  const enter = () => {
    if (read === null || !('value' in read)) return;
    onTurn(read.value);
    setTyped(null);
  };
  return (
    <li className="knob-row">
      <div className="leading-tight">
        <KnobName name={row.name} aside={aside} onWhy={onWhy} />
        {isTurned && <ReleaseButton name={row.name} onRelease={onRelease} />}
      </div>
      <StepButton name={`Less ${row.name}`} icon={Minus} onPress={() => turnBy(-1)} />
      <div className="flex items-baseline justify-center gap-1">
        <KnobFigure
          row={row}
          typed={typed}
          faultId={fault === null ? null : faultId}
          onType={setTyped}
          onEnter={enter}
          onTurnBy={turnBy}
        />
        <span className="text-sm text-soft">{row.scale.unit}</span>
      </div>
      <StepButton name={`More ${row.name}`} icon={Plus} onPress={() => turnBy(1)} />
      <div className="knob-more text-[0.83rem] leading-tight text-soft">
        <UsableBand row={row} usable={usable} />
        {fault === null ? (
          hint
        ) : (
          <span id={faultId} role="alert" className="fault">
            {fault}
          </span>
        )}
      </div>
      {onHold !== undefined && <HoldButton name={row.name} isHeld={isHeld} onHold={onHold} />}
    </li>
  );
}

/** What a knob is called, and the way to why it stands so where there is more to say. */
function KnobName({
  name,
  aside,
  onWhy,
}: {
  name: string;
  aside: string | undefined;
  onWhy: (() => void) | undefined;
}) {
  const words = (
    <>
      {name}
      {aside !== undefined && (
        <span className="block text-sm font-normal text-soft tabular-nums">{aside}</span>
      )}
    </>
  );
  if (onWhy === undefined) return <span className="knob-name">{words}</span>;
  return (
    <button type="button" className="knob-name" aria-label={`Why ${name}`} onClick={onWhy}>
      {words}
    </button>
  );
}

/** Keeps a knob where it is while the search adapts the others. */
function HoldButton({
  name,
  isHeld,
  onHold,
}: {
  name: string;
  isHeld: boolean;
  onHold: (isHeld: boolean) => void;
}) {
  const Icon = isHeld ? Lock : LockOpen;
  return (
    <button
      type="button"
      className={`btn knob-hold ${isHeld ? 'btn-primary' : 'text-soft btn-ghost'}`}
      aria-label={`Hold ${name}`}
      aria-pressed={isHeld}
      onClick={() => onHold(!isHeld)}
    >
      <Icon size={18} className="shrink-0" aria-hidden="true" />
    </button>
  );
}

interface KnobFigureProps {
  row: PlateRow;
  /** What is being typed; null while the figure is the knob's own. */
  typed: string | null;
  faultId: string | null;
  onType: (text: string | null) => void;
  onEnter: () => void;
  onTurnBy: (steps: number) => void;
}

/** The figure: typed in any unit, or turned with the arrow keys by the machine's step. */
function KnobFigure({ row, typed, faultId, onType, onEnter, onTurnBy }: KnobFigureProps) {
  const keys = (event: KeyboardEvent) => {
    const steps = { ArrowUp: 1, ArrowDown: -1, PageUp: pageSteps, PageDown: -pageSteps }[event.key];
    if (steps !== undefined) {
      event.preventDefault();
      onTurnBy(steps);
    }
    if (event.key === 'Enter') onEnter();
    if (event.key === 'Escape') onType(null);
  };
  // A notch up may stand for less.
  const ends = { least: Number(panelFigure(row, row.least)), most: Number(panelFigure(row, row.most)) };
  return (
    <input
      role="spinbutton"
      aria-label={`${row.name}, ${row.scale.unit}`}
      aria-valuenow={Number(panelFigure(row, row.value))}
      aria-valuemin={Math.min(ends.least, ends.most)}
      aria-valuemax={Math.max(ends.least, ends.most)}
      aria-valuetext={`${panelFigure(row, row.value)} ${row.scale.unit}`}
      aria-invalid={faultId !== null}
      aria-describedby={faultId ?? undefined}
      inputMode="decimal"
      autoComplete="off"
      data-untyped={typed === null ? '' : undefined}
      className={`figure knob-figure ${faultId === null ? '' : 'text-error'}`}
      value={typed ?? panelFigure(row, row.value)}
      onFocus={(event) => event.target.select()}
      onChange={(event) => onType(event.target.value)}
      onBlur={onEnter}
      onKeyDown={keys}
    />
  );
}

function StepButton({ name, icon: Icon, onPress }: { name: string; icon: LucideIcon; onPress: () => void }) {
  return (
    <button type="button" className="btn knob-step" aria-label={name} onClick={onPress}>
      <Icon size={24} strokeWidth={2.5} className="shrink-0" aria-hidden="true" />
    </button>
  );
}

function ReleaseButton({ name, onRelease }: { name: string; onRelease: () => void }) {
  return (
    <button
      type="button"
      className="btn h-7 min-h-7 px-1.5 text-xs btn-ghost"
      onClick={onRelease}
      aria-label={`Put ${name} back to the computed value`}
    >
      <Undo2 className="size-3.5" aria-hidden="true" /> by hand
    </button>
  );
}

/** The knob's whole reach as a line, the part of it that lands as a band, and where it stands as a stroke. */
function UsableBand({ row, usable }: { row: PlateRow; usable: Usable }) {
  const share = (value: number) => ((value - row.least) / (row.most - row.least)) * 100;
  const words =
    usable === null
      ? 'No setting of this knob alone lands'
      : `Lands from ${panelFigure(row, usable.from)} to ${panelFigure(row, usable.to)} ${row.scale.unit}`;
  return (
    <svg
      viewBox="0 0 100 10"
      preserveAspectRatio="none"
      className="mb-1 h-2.5 w-full"
      role="img"
      aria-label={words}
    >
      <title>{words}</title>
      <rect x="0" y="3" width="100" height="4" fill="var(--color-base-300)" />
      {usable !== null && (
        <rect
          x={share(usable.from)}
          y="1.5"
          width={Math.max(share(usable.to) - share(usable.from), 1)}
          height="7"
          fill="var(--full)"
          opacity="0.55"
        />
      )}
      <rect x={share(row.value) - 0.8} y="0" width="1.6" height="10" fill="var(--color-base-content)" />
    </svg>
  );
}
