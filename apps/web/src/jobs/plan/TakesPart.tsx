import type { Job, TakesOf, TimePart } from '@lone-heron/contract';
import { gasTable } from '@lone-heron/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { figure, percentFigure } from '../../shared/figures/figures.js';
import { spokenFigure } from '../../shared/figures/spoken.js';
import { spokenMoney } from '../../shared/figures/spokenMoney.js';
import { sentenceStart } from '../../shared/sentences/sentenceStart.js';
import { minutesInWords } from '../jobWords.js';
import { takenWireInWords } from '../materialInWords.js';
import { CostBars } from './CostBars.js';
import type { ShownPlan } from './useJobPlan.js';

const partNames: Readonly<Record<TimePart, string>> = {
  light: 'Light on',
  liningUp: 'Lining up',
  setUps: 'Set-ups',
  turns: 'Turning it',
  cooling: 'Letting it cool',
  tacks: 'Tacks',
  dressing: 'Dressing',
  works: 'Cleaning, cutting, pulses',
};

interface TakesPartProps {
  job: Job;
  shown: ShownPlan;
}

/** What the job takes, a piece or the batch, with its band. */
export function TakesPart({ job, shown: { plan, isUnderWay } }: TakesPartProps) {
  const [isBatch, setBatch] = useState(false);
  if (plan === null) return null;
  const { takes } = plan;
  const shown = isBatch ? takes.batch : takes.piece;
  const { quantity } = job.draft;
  const { measured } = takes.hands;
  return (
    <section className="sheet flex flex-col gap-2 p-4" aria-label="What it takes" aria-busy={isUnderWay}>
      <h2 className="flex flex-wrap items-baseline justify-between gap-3 text-lg font-semibold">
        What it takes
        {quantity > 1 && (
          <span className="join">
            <Choice name="a piece" isOn={!isBatch} onPress={() => setBatch(false)} />
            <Choice name={`all ${quantity}`} isOn={isBatch} onPress={() => setBatch(true)} />
          </span>
        )}
      </h2>
      <p>
        <strong className="text-3xl tabular-nums">{minutesInWords(shown.time.middle)}</strong>
        <span className="block text-soft">
          four in five from {minutesInWords(shown.time.least)} to {minutesInWords(shown.time.most)},{' '}
          {measured === 0 ? 'by the shop’s guesses' : `from ${measured} seams that were timed here`}
        </span>
      </p>
      <dl>
        {(Object.keys(partNames) as TimePart[])
          .filter((part) => shown.parts[part] > 0.005)
          .map((part) => (
            <Line key={part} name={partNames[part]} value={`${figure(shown.parts[part], 1)} min`} />
          ))}
        <Stuff shown={shown} />
        <Line
          name="Cost"
          value={spokenMoney(shown.total.middle)}
          more={`${spokenMoney(shown.total.least)} to ${spokenMoney(shown.total.most)}`}
          isStrong
        />
      </dl>
      <CostBars cost={shown.cost} />
      <p className="text-sm text-soft">
        Planning figures by the times and prices of{' '}
        <Link className="link" to="/shop/stock">
          Stock and prices
        </Link>
        ; a quote is yours to make.
      </p>
    </section>
  );
}

function Stuff({ shown }: { shown: TakesOf }) {
  return (
    <>
      {shown.wire.map(({ metres, kilograms, ...wire }) => (
        <Line
          key={takenWireInWords(wire)}
          name={sentenceStart(takenWireInWords(wire))}
          value={spokenFigure(metres, 'm', 1)}
          more={spokenFigure(kilograms, 'kg', 3)}
        />
      ))}
      {shown.gas.map(({ gas, litres }) => (
        <Line key={gas} name={sentenceStart(gasTable[gas].name)} value={spokenFigure(litres, 'L', 0)} />
      ))}
      <Line name="Of a window’s life" value={percentFigure(shown.windowShare)} />
      <Line name="Power" value={`${figure(shown.kilowattHours, 2)} kWh`} />
    </>
  );
}

interface LineProps {
  name: string;
  value: string;
  more?: string;
  isStrong?: boolean;
}

function Line({ name, value, more, isStrong = false }: LineProps) {
  return (
    <div
      className={`flex items-baseline justify-between gap-3 border-t border-base-300 py-1 ${isStrong ? 'font-semibold' : ''}`}
    >
      <dt>{name}</dt>
      <dd className="text-right">
        <span className="figure">{value}</span>
        {more !== undefined && <span className="block text-sm font-normal text-soft">{more}</span>}
      </dd>
    </div>
  );
}

function Choice({ name, isOn, onPress }: { name: string; isOn: boolean; onPress: () => void }) {
  return (
    <button
      type="button"
      className={`btn touch-always join-item btn-sm ${isOn ? 'btn-primary' : ''}`}
      aria-pressed={isOn}
      onClick={onPress}
    >
      {name}
    </button>
  );
}
