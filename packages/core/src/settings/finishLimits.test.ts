import type { MetalId } from '../metal/index.js';
import { mm } from '../quantity/index.js';
import { sampleJob, sampleSetting, sheetJoint } from '../testing/sampleJobs.js';
import { finishNotes, forecastWeld, weldConsequences, type WeldConsequences } from './index.js';

const job = sampleJob();
const plain = weldConsequences(job, sampleSetting, forecastWeld(job, sampleSetting));
/** As if gold showed so wide in front and behind, mm; null for a metal that shows no colours. */
const coloured = (front: number, back: number): WeldConsequences => {
  const side = (gold: number) => ({ straw: mm(gold + 1), gold: mm(gold), blue: mm(0) });
  return { ...plain, tint: { front: side(front), back: side(back) } };
};
const colourless: WeldConsequences = { ...plain, tint: null };

describe('what the finished part must bear', () => {
  it('nothing is said where nothing is asked', () => {
    expect(finishNotes('none', job, coloured(5, 5))).toEqual([]);
  });

  it('of colour, the wider of the two sides past straw', () => {
    expect(finishNotes('colour', job, coloured(3.2, 4.5))).toEqual([
      'Colour goes past straw over 4.5 mm: ease off, cover the back with gas, or clean it off.',
    ]);
    expect(finishNotes('colour', job, coloured(5.2, 4.5))[0]).toContain('over 5.2 mm');
    expect(finishNotes('colour', job, coloured(0, 0))).toEqual([]);
    expect(finishNotes('colour', job, colourless)).toEqual([]);
  });

  it('of food, crevices, metals that are seldom taken, and colour that must go', () => {
    const clean = 'Clean all colour off and passivate: coloured stainless rusts where it is washed.';
    const crevice = 'Dirt stays between the sheets of this joint: for food weld a butt, or seal every edge.';
    expect(finishNotes('food', job, coloured(1, 0))).toEqual([clean]);
    expect(finishNotes('food', job, coloured(0, 0))).toEqual([]);
    expect(finishNotes('food', sampleJob({ joint: sheetJoint('lap', 1) }), coloured(0, 0))).toEqual([
      crevice,
    ]);
    const of = (metal: MetalId) => finishNotes('food', sampleJob({ metal }), colourless);
    expect(of('stainless316')).toEqual([]);
    expect(of('lowCarbonSteel')[0]).toMatch(/ is seldom taken for food: ask who signs for it\.$/);
  });
});
