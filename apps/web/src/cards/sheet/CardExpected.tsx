import type { CardContent, Machine } from '@lone-heron/contract';
import { outcomes } from '@lone-heron/core';
import { useMemo } from 'react';
import { MiniSection } from '../../shared/drawing/MiniSection.js';
import { OutcomeMark } from '../../shared/coupons/OutcomeMark.js';
import { percentFigure } from '../../shared/figures/figures.js';
import { outcomeWords } from '../../shared/vocabulary/outcomeWords.js';
import { cardForecast, forecastMelt } from '../cardForecast.js';
import { useLearnOf } from '../useLearn.js';

interface CardExpectedProps {
  content: CardContent;
  machine: Machine;
  machines: readonly Machine[];
}

/** The joint with the melt that is expected today, and its odds with what the shop's coupons say by now. */
export function CardExpected({ content, machine, machines }: CardExpectedProps) {
  const learn = useLearnOf(content, machines);
  const expected = useMemo(() => cardForecast(content, machine, learn), [content, machine, learn]);
  if ('refusal' in expected)
    return <p className="sheet px-5 py-3 text-soft">No odds on this machine any more: {expected.refusal}</p>;
  const { forecast } = expected;
  return (
    <section className="sheet flex flex-col gap-1 px-5 py-3" aria-label="What to expect now">
      <h2 className="font-semibold">
        What to expect now{' '}
        <span className="font-normal text-soft">
          {expected.job.evidence === undefined ? 'from the model alone' : 'with what the coupons say'}
        </span>
      </h2>
      <MiniSection melt={forecastMelt(expected)} outcome={forecast.outcome} className="h-28 w-full" />
      <ul className="grid grid-cols-2 gap-x-4">
        {outcomes.map((one) => (
          <li key={one} className="flex items-center gap-2">
            <OutcomeMark outcome={one} className="size-5" />
            <span className={one === forecast.outcome ? 'font-semibold' : ''}>{outcomeWords[one]}</span>
            <span className="ml-auto tabular-nums">{percentFigure(forecast.odds[one])}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
