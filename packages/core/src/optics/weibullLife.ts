import { newtonRoot } from '../numeric/index.js';
import { requireService, type Service } from './survivalCurve.js';

/** A life distribution: survival exp(-(t/scale)^shape). Shape above 1: parts that wear rather than meet accidents. */
export interface WeibullLife {
  readonly shape: number;
  /** In the unit of the durations; 63 % have failed by then. */
  readonly scale: number;
  /** Standard errors of ln shape and ln scale. */
  readonly seLogShape: number;
  readonly seLogScale: number;
  /** Of the services under this life, the prior left out. */
  readonly logLikelihood: number;
  /**
   * What it rests on: the services alone; the services with a prior, where fewer than three have failed; or the prior
   * and the fact that none has failed yet, which makes the scale a cautious guess from below.
   */
  readonly restsOn: 'services' | 'servicesAndPrior' | 'noFailureYet';
}

/** From so many failures on the shape is read from the services alone. */
const failuresForShape = 3;

/** Before that ln shape is taken to be normal around ln 1.5. */
const prior = { mean: Math.log(1.5), sd: 0.4 };

/** ln shape is looked for between these. */
const logShapeRange = { low: Math.log(0.05), high: Math.log(60) };

/**
 * Life of a part by maximum likelihood, with parts still in use counted as lasting longer. Source: Weibull 1951.
 * With fewer than three failures a prior on the shape, ln shape ~ N(ln 1.5, 0.4), is added, and the answer says so.
 *
 * @param services one or more
 * @throws RangeFault for a duration that is not above 0
 * @example
 * fitWeibullLife([120, 90, 200, 150].map((duration) => ({ duration, failed: true }))).scale.toFixed(1) // => '155.2'
 */
export function fitWeibullLife(services: readonly Service[]): WeibullLife {
  services.forEach(requireService);
  const failures = services.filter(({ failed }) => failed).length;
  if (failures === 0) return lifeWithoutFailure(services);
  const withPrior = failures < failuresForShape;
  const scaled = inUnits(services);
  const sums = (shape: number) => powerSums(scaled, shape);
  const slope = (logShape: number): readonly [number, number] => {
    const shape = Math.exp(logShape);
    const { power, powerLog, powerLogLog, failedLog } = sums(shape);
    const mean = powerLog / power;
    const spread = powerLogLog / power - mean * mean;
    const byServices = failures + shape * (failedLog - failures * mean);
    const bend = shape * (failedLog - failures * mean) - failures * shape * shape * spread;
    return withPrior
      ? [byServices - (logShape - prior.mean) / prior.sd ** 2, bend - prior.sd ** -2]
      : [byServices, bend];
  };
  const logShape = newtonRoot(slope, logShapeRange.low, logShapeRange.high, 1e-12);
  const shape = Math.exp(logShape);
  const logScale = Math.log(sums(shape).power / failures) / shape + Math.log(longest(services));
  return {
    shape,
    scale: Math.exp(logScale),
    ...standardErrors(services, shape, logScale, withPrior),
    logLikelihood: logLikelihood(services, shape, logScale),
    restsOn: withPrior ? 'servicesAndPrior' : 'services',
  };
}

/** Nothing has failed: the scale under which all lasting so long was an even chance. */
function lifeWithoutFailure(services: readonly Service[]): WeibullLife {
  const shape = Math.exp(prior.mean);
  const { power } = powerSums(inUnits(services), shape);
  const logScale = Math.log(power / Math.LN2) / shape + Math.log(longest(services));
  return {
    shape,
    scale: Math.exp(logScale),
    seLogShape: prior.sd,
    seLogScale: 1,
    logLikelihood: logLikelihood(services, shape, logScale),
    restsOn: 'noFailureYet',
  };
}

function longest(services: readonly Service[]): number {
  return services.reduce((most, { duration }) => Math.max(most, duration), 0);
}

/** Durations in units of the longest, so that high powers stay in range, by their logarithms. */
interface ScaledServices {
  readonly logs: Float64Array;
  /** Sum of the logarithms of those that failed. */
  readonly failedLog: number;
}

function inUnits(services: readonly Service[]): ScaledServices {
  const unit = longest(services);
  const logs = Float64Array.from(services, ({ duration }) => Math.log(duration / unit));
  return {
    logs,
    failedLog: services.reduce((sum, { failed }, i) => (failed ? sum + (logs[i] ?? 0) : sum), 0),
  };
}

function powerSums({ logs, failedLog }: ScaledServices, shape: number) {
  let power = 0;
  let powerLog = 0;
  let powerLogLog = 0;
  for (const log of logs) {
    const raised = Math.exp(shape * log);
    power += raised;
    powerLog += raised * log;
    powerLogLog += raised * log * log;
  }
  return { power, powerLog, powerLogLog, failedLog };
}

function logLikelihood(services: readonly Service[], shape: number, logScale: number): number {
  return services.reduce((sum, { duration, failed }) => {
    const z = shape * (Math.log(duration) - logScale);
    return sum - Math.exp(z) + (failed ? Math.log(shape) - Math.log(duration) + z : 0);
  }, 0);
}

/** From the observed information of (ln shape, ln scale) at the maximum. */
function standardErrors(
  services: readonly Service[],
  shape: number,
  logScale: number,
  withPrior: boolean,
): { seLogShape: number; seLogScale: number } {
  let shapeShape = withPrior ? prior.sd ** -2 : 0;
  let shapeScale = 0;
  let scaleScale = 0;
  for (const { duration, failed } of services) {
    const z = shape * (Math.log(duration) - logScale);
    const raised = Math.exp(z);
    shapeShape += raised * z * (z + 1) - (failed ? z : 0);
    shapeScale += -shape * (raised * (z + 1) - (failed ? 1 : 0));
    scaleScale += shape * shape * raised;
  }
  const determinant = shapeShape * scaleScale - shapeScale * shapeScale;
  return {
    seLogShape: Math.sqrt(scaleScale / determinant),
    seLogScale: Math.sqrt(shapeShape / determinant),
  };
}
