import type { WindowStudy } from '@lone-heron/contract';
import { lifeOption } from './lifeChart.js';

const ink = {
  token: (name: string) => name,
  text: { color: 'ink', fontFamily: 'hand', fontSize: 14 },
};
const curve = (level: string, durations: readonly number[]): WindowStudy['curves'][number] => ({
  ...{ level, windows: durations.length, failures: durations.length },
  steps: durations.map((duration, i) => {
    const surviving = 1 - (i + 1) / durations.length;
    return { duration, surviving, low: surviving / 2, high: Math.min(1, surviving + 0.1), atRisk: 9 };
  }),
});
interface Series {
  readonly name: string;
  readonly data: readonly (readonly [number, number])[];
  readonly markPoint?: { readonly data: readonly { readonly coord: readonly [number, number] }[] };
}
const seriesOf = (curves: Parameters<typeof lifeOption>[0]) =>
  (lifeOption(curves, 'h', ink) as { series: readonly Series[] }).series;

describe('the drawn survival', () => {
  it('begins with all of them and steps down where one failed, between its band where it is alone', () => {
    const [most, least, line] = seriesOf([{ name: 'still good', curve: curve('', [2, 4, 8]) }]);
    expect(line?.data[0]).toEqual([0, 1]);
    expect(line?.data.map(([use]) => use)).toEqual([0, 2, 4, 8]);
    line?.data.forEach(([, share], i) => {
      expect(most?.data[i]?.[1]).toBeGreaterThanOrEqual(share);
      expect(least?.data[i]?.[1]).toBeLessThanOrEqual(share);
    });
  });

  it('names each of several beside itself, at a height of its own, without bands', () => {
    const named = ['a', 'b', 'c'].map((name) => ({ name, curve: curve(name, [1, 2, 3, 4, 5, 6, 7, 8]) }));
    const series = seriesOf(named);
    expect(series.map(({ name }) => name)).toEqual(['a', 'b', 'c']);
    const heights = series.map(({ markPoint }) => markPoint?.data[0]?.coord[1]);
    expect(new Set(heights).size).toBe(3);
  });

  it('draws a level in which none failed as a line that stays', () => {
    const [only] = seriesOf([
      { name: 'new', curve: { ...curve('new', []), windows: 3 } },
      { name: 'old', curve: curve('old', [3]) },
    ]);
    expect(only?.data).toEqual([[0, 1]]);
  });
});
