import { shopEvidence } from '../evidence/index.js';
import type { Joint, JointKind } from '../joint/index.js';
import { metalTable, type MetalId } from '../metal/index.js';
import { mm, watt } from '../quantity/index.js';
import { inches } from '../testing/inches.js';
import { bench, machines, sampleJob, sampleWeld, sheetJoint } from '../testing/sampleJobs.js';
import {
  obstacleWords,
  settingWarnings,
  suggestAlternatives,
  suggestSetting,
  triedSettings,
  tryRemedies,
  type WeldJob,
} from './index.js';

const metals = Object.keys(metalTable) as MetalId[];

/** The job with a hole behind every setting in turn that is advised for it, until something stands in the way. */
function afterHoles(job: WeldJob): WeldJob {
  const { machineId, gas, gunAngle } = sampleWeld;
  const trials: Parameters<typeof triedSettings>[0][number][] = [];
  for (;;) {
    const tried = triedSettings(trials);
    const holed = {
      ...job,
      evidence: { shop: shopEvidence(sampleWeld, []), machineId, gas, gunAngle, tried },
    };
    const { setting, obstacle } = suggestSetting(holed);
    if (obstacle !== null || trials.length > 200) return holed;
    trials.push({ setting, verdict: 'hole' });
  }
}

describe('what stands in the way', () => {
  it('is never weakness where the machine has power left', () => {
    let weak = 0;
    for (const metal of metals) {
      for (const kind of ['butt', 'outsideCorner'] satisfies JointKind[]) {
        for (const thickness of [1, 4]) {
          for (const wire of [null, mm(1.2)]) {
            const job = sampleJob({
              metal,
              joint: sheetJoint(kind, thickness),
              wire,
              machine: machines[0] ?? bench,
            });
            const best = suggestSetting(job);
            if (best.obstacle !== 'tooShallow' && best.obstacle !== 'coldWire') continue;
            weak++;
            expect([metal, kind, best.setting.power, best.setting.duty]).toEqual([metal, kind, 1000, 1]);
          }
        }
      }
    }
    expect(weak).toBeGreaterThan(20);
  });

  it('is not said of a machine whose last step falls short of its most', () => {
    const power = { least: watt(150), most: watt(1490), step: 15 };
    const best = suggestSetting(sampleJob({ thickness: 6, machine: { ...bench, power } }));
    expect([best.setting.power, best.obstacle]).toEqual([1485, 'tooShallow']);
  });

  it('is a hole made hotter, where nothing is left but to stay short of it', () => {
    const job = afterHoles(sampleJob({ gap: 0 }));
    const best = suggestSetting(job);
    expect(best.obstacle).toBe('holeAbove');
    expect(obstacleWords(job, best)).toMatch(
      /^Hotter the same way made a hole here, and \d+ W goes only \d+ %/,
    );
  });
});

describe('sentences about a job', () => {
  const metric = /\d\s?(mm|cm)\b/;
  const hard: readonly Parameters<typeof sampleJob>[0][] = [
    { thickness: 6 },
    { thickness: 1, gap: 0.6 },
    { thickness: 1, gap: 0.6, wire: mm(0.8), aim: { kind: 'fillGap' } },
    { joint: { ...sheetJoint('tee', 5), leg: mm(4) } as Joint, wire: mm(1.2) },
    { joint: { ...sheetJoint('tee', 5), leg: mm(4) } as Joint },
    { joint: sheetJoint('plug', 4) },
    { joint: sheetJoint('edge', 0.5), wire: mm(1.6) },
  ];

  it('keep to inches in a house that says inches', () => {
    let said = '';
    for (const each of hard) {
      const job = { ...sampleJob(each), saidIn: inches, shelf: { system: 'in', diameters: [] } } as const;
      const best = suggestSetting(job);
      const warnings = settingWarnings(job, best.setting, best.forecast);
      const trades = suggestAlternatives(job, best).flatMap(({ trades: words }) => words);
      const remedies = tryRemedies(job, best).map(({ words }) => words);
      const sentences = [obstacleWords(job, best), ...warnings, ...remedies, ...trades];
      said += sentences.join('\n');
      // Heat is joules a millimetre everywhere for now.
      expect(sentences.filter((words) => metric.test(words.replace(/J\/mm/g, '')))).toEqual([]);
    }
    expect(said).toMatch(/\d in\b/);
    expect(said).toMatch(/\d in\/min/);
  });
});
