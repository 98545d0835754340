import { seamOf, seamRow } from '../joint/index.js';
import { metre, saidLength } from '../quantity/index.js';
import type { WeldConsequences } from './weldConsequences.js';
import type { WeldJob } from './WeldJob.js';

/** What the finished part must bear, beside holding. */
export const finishLimits = ['none', 'food', 'colour'] as const;
export type FinishLimit = (typeof finishLimits)[number];

/**
 * What a limit for food or colour says against a joint and its setting; empty where nothing does. For food the joint
 * must be smooth and without a crevice, and bright again after cleaning; for colour nothing beyond straw may show.
 * Widths are the forecast's, in air: planning figures.
 *
 * @example
 * finishNotes('none', sampleJob(), weldConsequences(sampleJob(), sampleSetting, forecastWeld(sampleJob(), sampleSetting))) // => []
 */
export function finishNotes(limit: FinishLimit, job: WeldJob, { tint }: WeldConsequences): readonly string[] {
  if (limit === 'none') return [];
  const notes: string[] = [];
  const gold = metre(tint === null ? 0 : Math.max(tint.front.gold, tint.back.gold));
  if (limit === 'colour' && gold > 0) {
    notes.push(
      `Colour goes past straw over ${saidLength(gold, job.saidIn)}: ease off, cover the back with gas, or clean it off.`,
    );
  }
  if (limit !== 'food') return notes;
  if (seamRow(seamOf(job.joint).kind).hasCrevice) {
    notes.push('Dirt stays between the sheets of this joint: for food weld a butt, or seal every edge.');
  }
  if (job.metal.family !== 'stainless')
    notes.push(`${job.metal.name} is seldom taken for food: ask who signs for it.`);
  if (gold > 0)
    notes.push('Clean all colour off and passivate: coloured stainless rusts where it is washed.');
  return notes;
}
