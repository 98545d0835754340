import { inMm } from '@lone-heron/core';
import { Timer } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import type { DialOutcome } from '../dialOutcome.js';
import { phoneLeaves, TurnTo } from '../section/TurnTo.js';
import type { SheetName } from '../sheets/SheetName.js';
import type { Dial } from '../useDial.js';
import { KnobRow } from './KnobRow.js';
import { TenPercent } from './TenPercent.js';
import { behindPanel, panelRows, type PanelRow } from '../../shared/panel/panelKnobs.js';

/** Fetched after the page: what goes with the knobs and why, and the other ways, which take a search each. */
const FactList = lazy(() => import('./FactList.js'));
const Alternatives = lazy(() => import('./Alternatives.js'));
const NewNumbers = lazy(() => import('./NewNumbers.js'));

interface DialPlateProps {
  dial: Dial;
  outcome: DialOutcome;
  onSheet: (sheet: SheetName) => void;
}

/** The numbers to set, in the order and the units of this machine's panel; why each is what it is on request. */
export function DialPlate({ dial, outcome, onSheet }: DialPlateProps) {
  const [asked, setAsked] = useState<string | null>(null);
  const [isDetailed, setDetailed] = useState(false);
  const { said, setting, house } = outcome;
  const { turns, held, alternative } = dial.address;
  const isTurned = Object.keys({ ...turns, ...held }).length > 0 || alternative !== '';
  const ask = (name: string) => setAsked(asked === name ? null : name);
  return (
    <section id={phoneLeaves.numbers} className="sheet flex flex-col" aria-label="Dial these">
      <PlateHeader outcome={outcome} onSheet={onSheet} />
      {isTurned && (
        <button type="button" className="btn touch mx-3 mb-1 btn-sm btn-primary" onClick={dial.releaseAll}>
          Back to computed
        </button>
      )}
      <Suspense fallback={null}>
        <NewNumbers dial={dial} outcome={outcome} />
      </Suspense>
      <ul className={isDetailed ? '' : 'knobs-plain'}>
        {panelRows(said.machine.profile, setting, house.units).map((row) => (
          <KnobRow
            key={row.knob}
            row={row}
            {...saidOf(outcome, row.knob)}
            aside={behindPanel(row)}
            isTurned={turns[row.knob] !== undefined}
            isHeld={held[row.knob] !== undefined}
            onTurn={(value) => dial.turn(row.knob, value)}
            onRelease={() => dial.release(row.knob)}
            onHold={(isHeld) => dial.hold(row.knob, isHeld)}
            onWhy={() => ask(row.knob)}
          />
        ))}
      </ul>
      <button
        type="button"
        className="btn touch-always justify-start px-4 font-normal text-soft btn-ghost sm:hidden"
        aria-pressed={isDetailed}
        onClick={() => setDetailed(!isDetailed)}
      >
        {isDetailed ? 'The figures alone' : 'What lands, what a turn does, hold'}
      </button>
      <Suspense fallback={<div className="h-28" />}>
        <FactList outcome={outcome} asked={asked} onAsk={ask} />
      </Suspense>
      <Suspense fallback={null}>
        <Alternatives dial={dial} outcome={outcome} />
      </Suspense>
    </section>
  );
}

/** Where a knob lands, and what a tenth more of it does. */
function saidOf({ effects, house }: DialOutcome, knob: PanelRow['knob']) {
  const effect = effects[knob];
  const hint = effect !== undefined && (
    <TenPercent depthMm={inMm(effect.depthForTenPercent)} units={house.units} />
  );
  return { usable: effect?.usable ?? null, hint };
}

/** What the plate is for, and the sheets that go with it. */
function PlateHeader({ outcome: { said, setting }, onSheet }: Pick<DialPlateProps, 'outcome' | 'onSheet'>) {
  return (
    <header className="flex min-h-10 flex-wrap items-center justify-between gap-2 pr-3 pl-4">
      <h2 className="font-semibold max-sm:sr-only">
        Dial these <span className="font-normal text-soft max-sm:hidden">on {said.machine.name}</span>
      </h2>
      <span className="flex gap-1.5 max-sm:w-full max-sm:justify-end max-sm:py-1 print:hidden">
        {setting.pace.by === 'hand' && (
          <button
            type="button"
            className="btn btn-square touch btn-sm"
            aria-label="Pace of the hand"
            title="Pace of the hand"
            onClick={() => onSheet('pace')}
          >
            <Timer size={17} className="shrink-0" aria-hidden="true" />
          </button>
        )}
        <button type="button" className="btn touch px-2 btn-sm" onClick={() => onSheet('ease')}>
          Ease off
        </button>
        <button
          type="button"
          className="btn touch px-2 btn-sm"
          aria-keyshortcuts="C"
          onClick={() => onSheet('compare')}
        >
          Compare
        </button>
        <TurnTo leaf="drawing" />
      </span>
    </header>
  );
}
