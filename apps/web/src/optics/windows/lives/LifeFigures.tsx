import type { WindowStudy } from '@lone-heron/contract';
import { figure } from '../../../shared/figures/figures.js';
import { windowReasonWords } from '../../../shared/vocabulary/looks.js';
import { SpeckMark } from '../SpeckMark.js';
import { measureWords } from './lifeWords.js';

const basisWords = {
  services: '',
  servicesAndPrior: 'From one or two failures and what such parts usually do.',
  noFailureYet: 'None has failed yet: a cautious guess.',
} as const;

/** How long half of them last, what they cost, and what ends them. */
export function LifeFigures({ study }: { study: WindowStudy }) {
  const { life, measure, windows, failures, unused, costPerMonth, causes, months } = study;
  if (life === null) return null;
  const { unit, about } = measureWords[measure];
  return (
    <section
      className="sheet flex flex-col gap-2 overflow-x-auto px-5 py-4"
      aria-label="How long they last"
      tabIndex={0}
    >
      <p className="text-lg">
        Half last to{' '}
        <strong className="text-2xl tabular-nums">
          {figure(life.half, 1)} {unit}
        </strong>
        , nine of ten to <strong className="tabular-nums">{figure(life.tenth, 1)}</strong>
      </p>
      <p>
        {windows} windows in {figure(months, 0)} months, {failures} failed
        {unused > 0 && `, ${unused} without any use written down`}. Failed ones cost{' '}
        <strong className="tabular-nums">{costPerMonth.toFixed(2)}</strong> a month at the price in Shop.{' '}
        {basisWords[life.restsOn]}
      </p>
      <table className="table [&_td]:px-2 [&_td]:py-1.5 [&_th]:px-2 [&_th]:py-1.5">
        <thead>
          <tr>
            <th scope="col">Ended by</th>
            <th scope="col">Windows</th>
            <th scope="col">Half to, were it alone</th>
            <th scope="col">Comes</th>
          </tr>
        </thead>
        <tbody>
          {causes.map((each) => (
            <tr key={each.cause}>
              <td>
                <span className="flex items-center gap-2 whitespace-nowrap">
                  <SpeckMark reason={each.cause} />
                  {windowReasonWords[each.cause].short}
                </span>
              </td>
              <td className="tabular-nums">{each.failures}</td>
              <td className="tabular-nums">{figure(each.half, 1)}</td>
              <td className="whitespace-nowrap">{comesInWords(each.shape)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-sm leading-snug text-soft">
        {about} Those still in and those that came out sound count as having lasted so long.
      </p>
    </section>
  );
}

/** What the shape of a life says. */
function comesInWords(shape: number): string {
  if (shape < 0.85) return 'early';
  return shape <= 1.2 ? 'any time' : 'with wear';
}
