import type { Machine, WindowStudy } from '@lone-heron/contract';
import { usePeopleQuery } from '../../../shared/api/heronApi.js';
import { figure } from '../../../shared/figures/figures.js';
import { sentenceStart } from '../../../shared/sentences/sentenceStart.js';
import { chanceInWords } from './chanceInWords.js';
import { factorWords, levelInWords, remedyWords } from './lifeWords.js';

interface WhatShortensProps {
  study: WindowStudy;
  machines: readonly Machine[];
}

/** What makes windows fail sooner here, what it costs, and what to do. */
export function WhatShortens({ study, machines }: WhatShortensProps) {
  const { data: people = [] } = usePeopleQuery(undefined);
  const { shortens, failures } = study;
  return (
    <section className="sheet flex flex-col gap-3 px-5 py-4" aria-label="What shortens them here">
      <h2 className="text-xl font-semibold">What shortens them here</h2>
      {shortens.length === 0 ? (
        <p className="text-lg">
          {failures < 6
            ? `Too few to tell: ${failures} ${failures === 1 ? 'window has' : 'windows have'} failed, and six or more are asked.`
            : 'Nothing that was written down makes a difference that could not be chance.'}
        </p>
      ) : (
        <ol className="flex flex-col gap-3">
          {shortens.map(({ factor, level, ratio, failures: failed, excess, costPerMonth, p }) => (
            <li key={factor} className="border-l-4 border-l-accent pl-3">
              <p className="text-lg leading-snug">
                <strong>
                  {sentenceStart(factorWords[factor])}: {levelInWords(factor, level, { machines, people })}
                </strong>
              </p>
              <p className="leading-snug">
                They fail <strong>{figure(ratio, 1)} times</strong> as often at the same use: {failed} failed,
                about {figure(excess, 0)} of them for it.{' '}
                <strong className="tabular-nums">{costPerMonth.toFixed(2)}</strong> a month in windows.{' '}
                {chanceInWords(p)}.
              </p>
              <p className="leading-snug text-soft">{remedyWords[factor]}</p>
            </li>
          ))}
        </ol>
      )}
      <p className="text-sm leading-snug text-soft">
        What can be changed is looked at first and accounted for; a person or a machine is named only where
        none of that explains it. What goes together is no proof of why.
      </p>
    </section>
  );
}
