import { easeOff, inDegrees, type EasedOff } from '@lone-heron/core';
import { useState } from 'react';
import { Modal } from '../../shared/page/Modal.js';
import { figure, percentFigure } from '../../shared/figures/figures.js';
import { lengthFigure } from '../../shared/figures/houseUnits.js';
import type { DialOutcome } from '../dialOutcome.js';
import { panelFigure, panelRows } from '../../shared/panel/panelKnobs.js';
import type { Dial } from '../useDial.js';

const mostEases = 6;

/** Turned down for colour and warp, ease by ease, with what each costs in reach. */
export function EasePage({
  dial,
  outcome,
  onClose,
}: {
  dial: Dial;
  outcome: DialOutcome;
  onClose: () => void;
}) {
  const [eases, setEases] = useState(1);
  const { job, setting } = outcome;
  const eased = easeOff(job, setting, eases);
  return (
    <Modal title="Ease off" onClose={onClose}>
      <p className="text-soft">
        Some shops start from a setting that reaches and ease it off, 5 % of the power at a time, until colour
        and warp are bearable.
      </p>
      <div className="my-3 flex items-center gap-4">
        <button
          type="button"
          className="btn touch-always"
          disabled={eases === 1}
          onClick={() => setEases(eases - 1)}
        >
          Less
        </button>
        <strong className="figure text-xl" aria-live="polite">
          {eases} {eases === 1 ? 'ease' : 'eases'}: {powerWords(outcome, eased)}
        </strong>
        <button
          type="button"
          className="btn touch-always"
          disabled={eases === mostEases}
          onClick={() => setEases(eases + 1)}
        >
          More
        </button>
      </div>
      <EaseTable eased={eased} outcome={outcome} />
      <div className="mt-4 flex justify-end gap-3">
        <button type="button" className="btn touch-always btn-ghost" onClick={onClose}>
          Leave it
        </button>
        <button
          type="button"
          className="btn touch-always btn-primary"
          onClick={() => {
            dial.turn('power', eased.setting.power);
            onClose();
          }}
        >
          Dial it
        </button>
      </div>
    </Modal>
  );
}

function powerWords({ said, house }: DialOutcome, { setting }: EasedOff): string {
  const row = panelRows(said.machine.profile, setting, house.units).find(({ knob }) => knob === 'power');
  return row === undefined ? '' : `${panelFigure(row, row.value)} ${row.scale.unit}`;
}

/** What is won and what it costs, before and after. */
function EaseTable({ eased, outcome }: { eased: EasedOff; outcome: DialOutcome }) {
  const { units } = outcome.house;
  const length = (metres: number) => lengthFigure(metres * 1000, units);
  const { straw, shrinkage, turn, reach, evenChance } = eased;
  const rows: readonly (readonly [string, string, string])[] = [
    ...(straw === null
      ? []
      : [['Straw and beyond, across', length(straw.before), length(straw.after)] as const]),
    ['Shrinks across the seam', length(shrinkage.before), length(shrinkage.after)],
    ['Sheets turn up', `${figure(inDegrees(turn.before), 1)}°`, `${figure(inDegrees(turn.after), 1)}°`],
    ['Depth over thickness', percentFigure(reach.before), percentFigure(reach.after)],
    ['An even line', percentFigure(evenChance.before), percentFigure(evenChance.after)],
  ];
  return (
    <table className="table">
      <thead>
        <tr>
          <th scope="col">Expected</th>
          <th scope="col">as dialled</th>
          <th scope="col">eased</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(([name, before, after]) => (
          <tr key={name}>
            <th scope="row" className="font-normal">
              {name}
            </th>
            <td className="figure">{before}</td>
            <td className="figure font-semibold">{after}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
