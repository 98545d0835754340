import {
  chanceToLast,
  fitWeibullLife,
  lifeByCause,
  lifeDifferences,
  lifeReachedBy,
  survivalBand,
  type FactoredService,
  type Service,
  type Shortening,
} from '@lone-heron/core';
import type { LifeMeasure, WindowStudy, WindowStudyQuery } from '../windowStudy.js';
import { daysPerMonth } from '../../wire/daysPerMonth.js';
import { lifeFactors, type LifeFactor } from '../lifeFactors.js';
import type { WindowLife } from './windowLife.js';

/** What can be changed; who welded and on which machine is named only where none of it explains the difference. */
const changeableFactors = lifeFactors.filter((factor) => factor !== 'machine' && factor !== 'person');

/** Curves have no more steps than a screen has pixels for. */
const mostSteps = 240;

/** How long windows last here, what ends them, and what makes the difference. */
export function windowStudy(
  lives: readonly WindowLife[],
  { measure, machineId, factor }: WindowStudyQuery,
  { windowPrice, now }: { windowPrice: number; now: Date },
): WindowStudy {
  const asked = lives.filter((each) => machineId === undefined || each.machineId === machineId);
  const used = asked.filter((each) => useOf(each, measure) > 0);
  const services = used.map((each) => serviceOf(each, measure));
  const months = monthsOf(used, now);
  const failures = services.filter(({ failed }) => failed).length;
  const life = services.length === 0 ? null : lifeOf(services);
  const { comparisons, shortenings } = lifeDifferences(services, [changeableFactors, ['machine', 'person']]);
  return {
    ...{ measure, windows: asked.length, failures, unused: asked.length - used.length, months },
    curves: curvesOf(services, factor),
    life,
    causes: causesOf(used, measure),
    comparisons: comparisons.map(({ factor: by, p, levels }) => ({
      ...{ factor: by, p },
      levels: levels.map((each) => ({ ...each, ratio: Number.isFinite(each.ratio) ? each.ratio : null })),
    })),
    shortens: shortensOf(shortenings, windowPrice / months),
    costPerMonth: (failures * windowPrice) / months,
    fitted: life === null ? [] : fittedOf(asked, measure, life),
    now: now.toISOString(),
  };
}

const useKeys = {
  worn: 'wornHours',
  light: 'lightHours',
  days: 'days',
  coupons: 'coupons',
} as const satisfies Readonly<Record<LifeMeasure, keyof WindowLife>>;

/** What a life amounts to in a measure. */
function useOf(life: WindowLife, measure: LifeMeasure): number {
  return life[useKeys[measure]];
}

function serviceOf(life: WindowLife, measure: LifeMeasure): FactoredService<LifeFactor> {
  return { duration: useOf(life, measure), failed: life.failedBy !== null, levels: life.levels };
}

function lifeOf(services: readonly Service[]): NonNullable<WindowStudy['life']> {
  const { shape, scale, restsOn } = fitWeibullLife(services);
  const life = { shape, scale, restsOn };
  return { ...life, tenth: lifeReachedBy(life, 0.1), half: lifeReachedBy(life, 0.5) };
}

function curvesOf(
  services: readonly FactoredService<LifeFactor>[],
  factor: LifeFactor | undefined,
): WindowStudy['curves'] {
  const levelOf = ({ levels }: FactoredService<LifeFactor>) => (factor === undefined ? '' : levels[factor]);
  const levels = [...new Set(services.map(levelOf))].filter((level) => level !== null);
  return levels
    .map((level) => {
      const mine = services.filter((each) => levelOf(each) === level);
      const failures = mine.filter(({ failed }) => failed).length;
      return { level, windows: mine.length, failures, steps: thinned(survivalBand(mine)) };
    })
    .toSorted((one, other) => other.windows - one.windows);
}

/** Every so manyth step, and the last. */
function thinned<Step>(steps: readonly Step[]): Step[] {
  const every = Math.ceil(steps.length / mostSteps);
  return steps.filter((_, i) => i % every === 0 || i === steps.length - 1);
}

function causesOf(lives: readonly WindowLife[], measure: LifeMeasure): WindowStudy['causes'] {
  const ended = lives.map((each) => ({ duration: useOf(each, measure), cause: each.failedBy }));
  return lifeByCause(ended).map(({ cause, failures, life: { shape, scale, restsOn } }) => ({
    ...{ cause, failures, shape, scale, restsOn },
    half: lifeReachedBy({ shape, scale }, 0.5),
  }));
}

function shortensOf(
  shortenings: readonly Shortening<LifeFactor>[],
  pricePerMonth: number,
): WindowStudy['shortens'] {
  return shortenings.map(({ factor, worst, excess, p }) => ({
    ...{ factor, level: worst.level, ratio: worst.ratio, failures: worst.failures, excess, p },
    costPerMonth: excess * pricePerMonth,
  }));
}

function fittedOf(
  lives: readonly WindowLife[],
  measure: LifeMeasure,
  life: NonNullable<WindowStudy['life']>,
): WindowStudy['fitted'] {
  return lives
    .filter(({ removedAt }) => removedAt === null)
    .map((each) => {
      const served = useOf(each, measure);
      const nextTenth = chanceToLast(life, served, life.half / 10);
      return { machineId: each.machineId, number: each.number, served, nextTenth };
    });
}

/** From the first fitting to now, a month at least. */
function monthsOf(lives: readonly WindowLife[], now: Date): number {
  const first = lives.reduce((least, { fittedAt }) => Math.min(least, Date.parse(fittedAt)), now.getTime());
  return Math.max(1, (now.getTime() - first) / 86_400_000 / daysPerMonth);
}
