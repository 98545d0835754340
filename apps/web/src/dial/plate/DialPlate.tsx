import { inMmPerSecond, wobbleNames } from '@lone-heron/core';
import { figure } from '../../shared/words/figures.js';
import type { DialOutcome } from '../dialOutcome.js';
import type { Dial } from '../useDial.js';
import { KnobRow } from './KnobRow.js';
import { behindPanel, panelRows } from './panelKnobs.js';

const gasNames = { argon: 'argon', nitrogen: 'nitrogen', dryAir: 'dry air' } as const;

/** The numbers to set, in the order and the units of this machine's panel. */
export function DialPlate({ dial, outcome }: { dial: Dial; outcome: DialOutcome }) {
  const { said, setting, forecast, gas, suggestion } = outcome;
  const { turns } = dial.address;
  const isTurned = Object.keys(turns).length > 0;
  return (
    <section className="sheet flex flex-col" aria-label="Dial these">
      <header className="flex min-h-11 items-center justify-between gap-2 px-4">
        <h2 className="font-semibold">
          Dial these <span className="font-normal text-soft">on {said.machine.name}</span>
        </h2>
        {isTurned && (
          <button type="button" className="btn touch btn-sm btn-primary" onClick={dial.releaseAll}>
            Back to computed
          </button>
        )}
      </header>
      <ul className="grow">
        {panelRows(said.machine.profile, setting).map((row) => (
          <KnobRow
            key={row.knob}
            row={row}
            effect={outcome.effects[row.knob]}
            aside={behindPanel(row)}
            isTurned={turns[row.knob] !== undefined}
            onTurn={(value) => dial.turn(row.knob, value)}
            onRelease={() => dial.release(row.knob)}
          />
        ))}
        <PlainRow
          name="Wobble"
          value={setting.wobble.shape === 'none' ? 'none' : wobbleNames[setting.wobble.shape]}
          why={suggestion.reasons.wobbleShape ?? ''}
        />
        {setting.pace.by === 'wire' && (
          <PlainRow
            name="Travel"
            value={`${figure(inMmPerSecond(forecast.travel), 1)} mm/s`}
            why="the wire carries the gun along at this pace"
          />
        )}
        <PlainRow
          name="Gas"
          value={`${gasNames[gas.gas]} ${gas.flowLitresPerMinute} L/min`}
          why={gas.reason}
        />
      </ul>
    </section>
  );
}

/** A line of the plate that is not a knob to turn here; why it is so on request. */
function PlainRow({ name, value, why }: { name: string; value: string; why: string }) {
  return (
    <li className="border-t border-base-300">
      <details className="plain-row">
        <summary>
          <span className="font-medium">{name}</span>
          <span className="font-semibold">{value}</span>
          <span className="text-sm text-primary underline underline-offset-2">why</span>
        </summary>
        <p className="pb-2 text-sm leading-snug text-soft">{why}</p>
      </details>
    </li>
  );
}
