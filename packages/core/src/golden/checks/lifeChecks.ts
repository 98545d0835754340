import { fitWeibullLife, lifeReachedBy, survivalCurve } from '../../optics/index.js';
import { closedForm, statisticalTolerance, type GoldenCheck } from '../goldenCheck.js';
import { compare, overCases } from '../overCases.js';

interface LifeCase {
  input: { durations: number[]; failed: boolean[] };
  shape: number;
  scale: number;
  logLik: number;
  seLogShape: number;
  seLogScale: number;
  b10: number;
  kaplanMeier: [duration: number, surviving: number][];
}

const lensLife = overCases<LifeCase>(({ input, ...expected }, label) => {
  const services = input.durations.map((duration, i) => ({ duration, failed: input.failed[i] === true }));
  const life = fitWeibullLife(services);
  const curve = survivalCurve(services);
  return [
    ...compare(label, closedForm, [
      ['shape', expected.shape, life.shape],
      ['scale', expected.scale, life.scale],
      ['log likelihood', expected.logLik, life.logLikelihood],
      ['life of a tenth', expected.b10, lifeReachedBy(life, 0.1)],
      ['steps of the curve', expected.kaplanMeier.length, curve.length],
      ...expected.kaplanMeier.flatMap(([duration, surviving], i): [string, number, number][] => [
        [`step ${i + 1} at`, duration, curve[i]?.duration ?? NaN],
        [`step ${i + 1}`, surviving, curve[i]?.surviving ?? NaN],
      ]),
    ]),
    ...compare(label, statisticalTolerance, [
      ['error of ln shape', expected.seLogShape, life.seLogShape],
      ['error of ln scale', expected.seLogScale, life.seLogScale],
    ]),
  ];
});

/** How long windows last. */
export const lifeChecks: readonly (readonly [file: string, check: GoldenCheck])[] = [
  ['lens-life', lensLife as GoldenCheck],
];
