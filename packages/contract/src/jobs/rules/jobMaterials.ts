import type { JobDraft } from '../job.js';
import { materialKey, type JobMaterial } from '../jobMaterial.js';
import type { WeldAnswer } from './weldAnswer.js';

/** What goes into a job, each once: sheets of its joints, wires and gases of its settings. A weld without an answer brings its sheets alone. */
export function jobMaterials(
  { welds }: Pick<JobDraft, 'welds'>,
  answers: readonly Pick<WeldAnswer, 'content' | 'filler'>[],
): readonly JobMaterial[] {
  const sheets = welds.flatMap(({ joint }): JobMaterial[] => {
    const { metal, secondMetal = metal, firstThicknessMm, secondThicknessMm } = joint;
    return [
      { of: 'sheet', metal, thicknessMm: firstThicknessMm },
      { of: 'sheet', metal: secondMetal, thicknessMm: secondThicknessMm },
    ];
  });
  const wires = answers.flatMap(({ content: { setting }, filler }): JobMaterial[] =>
    setting.pace.by === 'wire' && filler !== null
      ? [{ of: 'wire', filler, diameterMm: setting.pace.wireDiameterMm }]
      : [],
  );
  const gases = answers.map(({ content: { setting } }): JobMaterial => ({ of: 'gas', gas: setting.gas }));
  const all = new Map([...sheets, ...wires, ...gases].map((each) => [materialKey(each), each]));
  return [...all.values()];
}
