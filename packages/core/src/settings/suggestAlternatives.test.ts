import { shopEvidence } from '../evidence/index.js';
import { degree, inJoulePerMm, inMm, inMmPerSecond, mm } from '../quantity/index.js';
import { sampleJob, sampleWeld, type SaidJob } from '../testing/sampleJobs.js';
import {
  suggestAlternatives,
  suggestSetting,
  turnKnob,
  type Alternative,
  type Suggestion,
  type WeldJob,
} from './index.js';

/** What an alternative trades, worked out from the two forecasts: gains before what they cost. */
function tradesOf(chosen: Suggestion, { forecast }: Alternative): readonly string[] {
  const [less, wider, surer, faster] = [
    inJoulePerMm(chosen.forecast.heat) - inJoulePerMm(forecast.heat),
    inMm(forecast.prediction.width) - inMm(chosen.forecast.prediction.width),
    Math.round(100 * (forecast.evenChance - chosen.forecast.evenChance)),
    inMmPerSecond(forecast.travel) - inMmPerSecond(chosen.forecast.travel),
  ];
  const said = (value: number) => Number(Math.abs(value).toFixed(1));
  const heat = (word: string) => `${Math.abs(less).toFixed(0)} J/mm ${word} heat`;
  return [
    ...(less >= 1 ? [heat('less')] : []),
    ...(wider >= 0.1 ? [`bead ${said(wider)} mm wider: catches the joint more surely`] : []),
    ...(wider <= -0.1 ? [`bead ${said(wider)} mm narrower: less to dress, easier to miss the joint`] : []),
    ...(surer > 0 ? [`an even line ${surer} in 100 more often`] : []),
    ...(less <= -1 ? [heat('more')] : []),
    ...(surer < 0 ? [`an even line ${-surer} in 100 less often`] : []),
    ...(Math.abs(faster) >= 0.5
      ? [`the hand must go ${Math.abs(faster).toFixed(1)} mm/s ${faster > 0 ? 'faster' : 'slower'}`]
      : []),
  ];
}

describe('other settings for the same job', () => {
  const aims = ['reach', 'leastHeat', 'leastDressing', 'wideForgiving'] as const;
  const jobs: readonly SaidJob[] = aims.flatMap((kind) => [
    { thickness: 1, aim: { kind } },
    { thickness: 2, aim: { kind }, metal: 'aluminium5052' as const },
    { thickness: 2.5, gap: 0.2, wire: mm(1), aim: { kind } },
  ]);

  it('say what each trades against the suggestion, gains first', () => {
    const seen = new Set<string>();
    for (const said of jobs) {
      const job = sampleJob(said);
      const chosen = suggestSetting(job);
      for (const other of suggestAlternatives(job, chosen)) {
        expect(other.trades).toEqual(tradesOf(chosen, other));
        for (const words of other.trades) seen.add(words.replace(/[\d.]+/g, '#'));
      }
    }
    // Each kind of trade came up, one way and the other.
    for (const words of ['less heat', 'more heat', 'wider', 'narrower', 'less often', 'faster', 'slower'])
      expect([...seen].some((each) => each.includes(words))).toBe(true);
  });

  it('are never the aim’s own, never more than three, and never two that are one to a hand', () => {
    const own = {
      ...{ reach: 'steady', leastHeat: 'coolAndQuick', leastDressing: 'flatAndNarrow' },
      wideForgiving: 'wideAndForgiving',
    };
    for (const said of jobs) {
      const job = sampleJob(said);
      const chosen = suggestSetting(job);
      const others = suggestAlternatives(job, chosen);
      expect(others.map(({ name }) => name)).not.toContain(own[job.aim.kind as keyof typeof own]);
      expect(others.length).toBeLessThanOrEqual(3);
      const all = [chosen, ...others];
      all.forEach((one, i) =>
        all.slice(0, i).forEach((other) => {
          const isNear =
            Math.abs(one.setting.power / other.setting.power - 1) < 0.03 &&
            Math.abs(one.forecast.travel / other.forecast.travel - 1) < 0.05 &&
            one.setting.wobble.shape !== 'none' &&
            other.setting.wobble.shape !== 'none' &&
            Math.abs(one.setting.wobble.width - other.setting.wobble.width) < 0.05e-3;
          expect(isNear).toBe(false);
        }),
      );
    }
  });

  it('leave what is proven to the suggestion, and what made a hole out of all', () => {
    const plain = sampleJob({ thickness: 2 });
    const { setting } = suggestSetting(plain);
    const { machineId, gas } = sampleWeld;
    const withTried = (tried: NonNullable<WeldJob['evidence']>['tried'] = []): WeldJob => ({
      ...plain,
      evidence: { ...{ shop: shopEvidence(sampleWeld, []), machineId, gas, gunAngle: degree(30) }, tried },
    });
    const kept = withTried([{ setting, even: 4, against: 0, holes: 0 }]);
    const chosen = suggestSetting(kept);
    expect(chosen.keptFor).toBe(4);
    const anew = suggestAlternatives(kept, chosen);
    expect(anew.length).toBeGreaterThan(0);
    for (const other of anew) expect(other.setting).not.toEqual(setting);
    const [cool] = anew;
    const holed = turnKnob(cool?.setting ?? setting, 'power', (cool?.setting.power ?? 0) * 0.9);
    const burnt = withTried([{ setting: holed, even: 0, against: 1, holes: 1 }]);
    for (const other of suggestAlternatives(burnt, suggestSetting(burnt)))
      if (other.name === cool?.name)
        expect(other.setting.power * other.setting.duty).toBeLessThan(holed.power * holed.duty);
  });
});
