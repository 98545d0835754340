import { isAlike, type HandMode, type HouseContent } from '@lone-heron/contract';
import { spokenLength } from '../../shared/figures/spoken.js';
import { panelFigure } from '../../shared/panel/panelKnobs.js';
import { KnobRow } from '../plate/KnobRow.js';
import { behindRow, modeRows, modePicks, ownValue, type ModeKnobRow } from '../../shared/modes/modeKnobs.js';
import { modeFacts, useFacts, type ModeFact } from './modeFacts.js';
import type { ModeFigures } from './modeFigures.js';
import { usableOver } from './usableOver.js';
import type { ModeAnswer, ModeDial } from './useModeDial.js';

interface ModePlateProps<Mode extends HandMode> {
  dial: ModeDial<Mode>;
  answer: ModeAnswer<Mode>;
  figures: ModeFigures[Mode];
  house: HouseContent;
}

/** The numbers to set, in the order and the units of such a panel, and what goes with them. */
export function ModePlate<Mode extends HandMode>({ dial, answer, figures, house }: ModePlateProps<Mode>) {
  const { setting, suggested, shop, isTurned, isOutdated } = answer;
  const { profile, name } = shop.machine;
  const rows = modeRows(setting, profile, house.units);
  const taken = useFacts(answer, house);
  const facts = [...modeFacts[dial.mode](answer, figures), ...taken];
  return (
    <section className="sheet flex flex-col" aria-label="Dial these">
      <h2 className="flex min-h-10 items-center px-4 font-semibold">
        Dial these <span className="ml-1 font-normal text-soft">on {name}</span>
      </h2>
      {isTurned && !isAlike(setting, suggested) && (
        <button type="button" className="btn touch mx-3 mb-1 btn-sm btn-primary" onClick={dial.releaseAll}>
          Back to computed
        </button>
      )}
      {isOutdated && (
        <button type="button" className="btn touch mx-3 mb-1 btn-sm" onClick={dial.releaseAll}>
          Your last {answer.restsOn.length === 1 ? 'trial says' : 'trials say'} otherwise: take new numbers
        </button>
      )}
      <ul>
        {rows.map((row) => (
          <KnobRow
            key={row.knob}
            row={row}
            usable={usableOver(dial.mode, answer, row)}
            hint={<span>{restOf(row)}</span>}
            aside={behindRow(row)}
            isTurned={false}
            onTurn={(value) => dial.turn(row.knob, ownValue(row, value))}
            onRelease={() => dial.release(row.knob)}
          />
        ))}
      </ul>
      <Picks dial={dial} answer={answer} />
      <Facts facts={facts} />
    </section>
  );
}

/** How far a knob goes, under its band. */
function restOf(row: ModeKnobRow): string {
  return `${panelFigure(row, row.least)} to ${panelFigure(row, row.most)}`;
}

/** What is picked rather than turned. */
function Picks<Mode extends HandMode>({ dial, answer }: Pick<ModePlateProps<Mode>, 'dial' | 'answer'>) {
  const picks = modePicks(answer.setting, answer.shop.machine.profile, spokenLength);
  return (
    <div className="flex flex-wrap gap-x-4 border-t border-base-300 px-4 py-1">
      {picks.map(({ knob, name, value, choices }) => (
        <label key={`${knob} ${name}`} className="flex items-center gap-2">
          <span className="font-medium">{name}</span>
          <select
            className="select touch select-sm w-auto"
            value={value}
            onChange={(event) => dial.turn(knob, event.target.value)}
          >
            {choices.map((choice) => (
              <option key={choice.value} value={choice.value}>
                {choice.label}
              </option>
            ))}
          </select>
        </label>
      ))}
    </div>
  );
}

function Facts({ facts }: { facts: readonly ModeFact[] }) {
  return (
    <dl className="grid gap-x-4 border-t sm:grid-cols-2 border-base-300 px-4 py-1.5 text-sm leading-6">
      {facts.map(({ name, value }) => (
        <div key={name} className="flex items-baseline justify-between gap-2">
          <dt className="text-soft">{name}</dt>
          <dd className="text-right font-medium tabular-nums">{value}</dd>
        </div>
      ))}
    </dl>
  );
}
