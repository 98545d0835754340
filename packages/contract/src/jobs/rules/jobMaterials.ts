import type { Setting } from '../../joint/setting.js';
import type { JobDraft } from '../job.js';
import { materialKey, type JobMaterial } from '../jobMaterial.js';
import type { WeldRun } from '../weldRun.js';
import type { WeldAnswer } from './weldAnswer.js';

/** What a wire or a gas is known from: the plan of a weld, or a go at it. */
type Welded = Pick<WeldAnswer, 'mark' | 'filler'> & {
  readonly content: { readonly setting: Pick<Setting, 'gas' | 'pace'> };
};

/**
 * What goes into a job, each once: sheets of its joints; wires and gases that were really dialled, and of welds that nobody welded yet
 * those of their settings; and whatever has a batch written down, though the plan is another since. A weld without an answer brings its
 * sheets alone.
 */
export function jobMaterials(
  { welds, batches }: Pick<JobDraft, 'welds' | 'batches'>,
  answers: readonly Welded[],
  runs: readonly Pick<WeldRun, 'mark' | 'dialled'>[] = [],
): readonly JobMaterial[] {
  const sheets = welds.flatMap(({ joint }): JobMaterial[] => {
    const { metal, secondMetal = metal, firstThicknessMm, secondThicknessMm } = joint;
    return [
      { of: 'sheet', metal, thicknessMm: firstThicknessMm },
      { of: 'sheet', metal: secondMetal, thicknessMm: secondThicknessMm },
    ];
  });
  const used = answers.flatMap(({ mark, content, filler }) => {
    const dialled = runs.flatMap((run) => (run.mark === mark && run.dialled !== null ? [run.dialled] : []));
    return (dialled.length === 0 ? [content.setting] : dialled).map((setting) => ({ setting, filler }));
  });
  const wires = used.flatMap(({ setting: { pace }, filler: usual }): JobMaterial[] => {
    const filler = pace.by === 'wire' ? (pace.filler ?? usual) : null;
    return pace.by === 'wire' && filler !== null
      ? [{ of: 'wire', filler, diameterMm: pace.wireDiameterMm }]
      : [];
  });
  const gases = used.map(({ setting: { gas } }): JobMaterial => ({ of: 'gas', gas }));
  const written = batches.map(({ material }) => material);
  const all = new Map([...sheets, ...wires, ...gases, ...written].map((each) => [materialKey(each), each]));
  return [...all.values()];
}
