import { gapBorne, ownLeg, type Joint } from '../joint/index.js';
import { findMetal } from '../metal/index.js';
import { fraction, inMm, mm, second } from '../quantity/index.js';
import { bench, sampleJob, sheetJoint, type SaidJob } from '../testing/sampleJobs.js';
import { suggestSetting, type WeldJob } from './index.js';
import { possibleChanges } from './possibleChanges.js';

const sheets = { firstThickness: mm(4), secondThickness: mm(4), gap: mm(0) };
const tee = (leg: number, sides: 1 | 2 = 1): Joint => ({ kind: 'tee', ...sheets, leg: mm(leg), sides });

/** What is offered for a job, by kind. */
function offeredOf(job: WeldJob) {
  const changes = possibleChanges(job, suggestSetting(job));
  return (kind: (typeof changes)[number]['change']['kind']) =>
    changes.filter(({ change }) => change.kind === kind);
}
const offered = (said: SaidJob) => offeredOf(sampleJob(said));
const wordsOf = (changes: readonly { readonly words: string }[]) => changes.map(({ words }) => words);

describe('changes of the wire', () => {
  it('are none without a feeder and none of a tack', () => {
    expect(offered({ thickness: 6, machine: { ...bench, wireSpeed: null } })('wire')).toEqual([]);
    expect(offered({ joint: sheetJoint('tack', 3) })('wire')).toEqual([]);
  });

  it('are the wire for the sheet where there is none, from the shelf, with why a pair wants it', () => {
    expect(wordsOf(offered({ thickness: 2 })('wire'))).toEqual(['Take wire, 1.0 mm']);
    const shelf = { system: 'mm', diameters: [mm(1.1)] } as const;
    expect(wordsOf(offeredOf({ ...sampleJob({ thickness: 2 }), shelf })('wire'))).toEqual([
      'Take wire, 1.10 mm',
    ]);
    const pair = [findMetal('lowCarbonSteel'), findMetal('stainless304')] as const;
    expect(wordsOf(offeredOf({ ...sampleJob({ thickness: 2 }), pair })('wire'))[0]).toMatch(
      /^Take wire, 1.0 mm, 309L: ./,
    );
  });

  it('are all others of its system and none, where wire is fed', () => {
    expect(wordsOf(offered({ thickness: 2, wire: mm(1) })('wire'))).toEqual([
      ...['Take thinner wire, 0.8 mm', 'Take thicker wire, 1.2 mm'],
      ...['Take thicker wire, 1.6 mm', 'Weld without wire'],
    ]);
    const inches = {
      ...sampleJob({ thickness: 2, wire: mm(1) }),
      shelf: { system: 'in', diameters: [] },
    } as const;
    const inInches = wordsOf(offeredOf(inches)('wire'));
    expect(inInches.slice(0, -1).every((words) => words.endsWith(' in'))).toBe(true);
    expect(inInches.length).toBeGreaterThan(2);
  });

  it('say what leg is left without wire, and never leave a pair without the wire it needs', () => {
    const own = ownLeg({ kind: 'tee', ...sheets, leg: mm(3), sides: 1 });
    const without = (joint: Joint) => wordsOf(offered({ joint, wire: mm(1.2) })('wire')).at(-1);
    expect(without(tee(3))).toBe('Weld without wire: a leg of about 1.6 mm');
    expect(without(tee(inMm(own)))).toBe('Weld without wire');
    const pair = [findMetal('lowCarbonSteel'), findMetal('stainless304')] as const;
    const all = wordsOf(offeredOf({ ...sampleJob({ thickness: 2, wire: mm(1) }), pair })('wire'));
    expect(all).not.toContain('Weld without wire');
    expect(all.length).toBeGreaterThan(2);
    const same = [findMetal('stainless304'), findMetal('stainless316')] as const;
    expect(wordsOf(offeredOf({ ...sampleJob({ thickness: 2, wire: mm(1) }), pair: same })('wire'))).toContain(
      'Weld without wire',
    );
  });
});

describe('changes of the gap', () => {
  it('are what wire bridges, what is borne without it and none, each once and smaller than it is', () => {
    const wired = { thickness: 2, gap: 0.95, wire: mm(0.8) };
    expect(wordsOf(offered(wired)('gap'))).toEqual([
      ...['Re-fit the parts to a gap of 0.8 mm', 'Re-fit the parts to a gap of 0.2 mm'],
      'Re-fit the parts to a gap of 0 mm',
    ]);
    expect(wordsOf(offered({ ...wired, gap: 0.8 })('gap'))).toEqual([
      ...['Re-fit the parts to a gap of 0.2 mm', 'Re-fit the parts to a gap of 0 mm'],
    ]);
    expect(wordsOf(offered({ thickness: 2, gap: 0.5 })('gap'))).toEqual([
      ...['Re-fit the parts to a gap of 0.2 mm', 'Re-fit the parts to a gap of 0 mm'],
    ]);
    expect(wordsOf(offered({ thickness: 2, gap: 0.1 })('gap'))).toEqual([
      'Re-fit the parts to a gap of 0 mm',
    ]);
    expect(offered({ thickness: 2, gap: 0 })('gap')).toEqual([]);
  });

  it('are whole hundredths, never more than is borne', () => {
    const said = { thickness: 1.27, gap: 0.5 };
    const [first] = offered(said)('gap');
    const { plain } = gapBorne(sampleJob(said).joint, null);
    expect(inMm(plain)).toBeCloseTo(0.127, 9);
    expect(first?.change).toEqual({ kind: 'gap', gap: mm(0.12) });
  });
});

describe('changes of sides', () => {
  it('are both sides of a butt once, of a T two smaller fillets, of neither twice', () => {
    expect(wordsOf(offered({ thickness: 6 })('bothSides'))).toEqual(['Weld from both sides']);
    expect(offeredOf({ ...sampleJob({ thickness: 6 }), runs: 2 })('bothSides')).toEqual([]);
    const [both] = offered({ joint: tee(4), wire: mm(1.2) })('bothSides');
    expect(both).toEqual({
      words: 'Weld both sides with a leg of 2 mm each',
      change: { kind: 'bothSides', leg: mm(2) },
    });
    expect(offered({ joint: tee(4, 2), wire: mm(1.2) })('bothSides')).toEqual([]);
  });

  it('are none of a tack, nor of a joint that has one side only', () => {
    expect(offered({ joint: sheetJoint('tack', 3) })('bothSides')).toEqual([]);
    expect(offered({ joint: sheetJoint('plug', 3) })('bothSides')).toEqual([]);
  });
});

describe('changes of shape', () => {
  const legs = (leg: number) =>
    offered({ joint: tee(leg), wire: mm(1.2) })('leg').map(({ words }) => words.replace('Ask for a ', ''));

  it('are smaller and larger legs, in tenths, within what can be said', () => {
    expect(legs(4)).toEqual([
      ...['smaller leg, 3.4 mm', 'smaller leg, 2.8 mm', 'smaller leg, 2 mm'],
      ...['larger leg, 6 mm', 'larger leg, 8 mm', 'larger leg, 12 mm'],
    ]);
    expect(legs(0.6)).toEqual([
      'smaller leg, 0.5 mm',
      ...['larger leg, 0.9 mm', 'larger leg, 1.2 mm', 'larger leg, 1.8 mm'],
    ]);
    expect(legs(0.5).every((words) => words.startsWith('larger'))).toBe(true);
    expect(legs(11).filter((words) => words.startsWith('larger'))).toEqual(['larger leg, 12 mm']);
  });

  it('are bevels where there is none yet, thinner than the sheet', () => {
    expect(wordsOf(offered({ thickness: 6 })('bevel'))).toEqual(
      ['4.5', '3', '1.8'].map((land) => `Bevel the edges to a land of ${land} mm and fill in more passes`),
    );
    expect(
      offered({ thickness: 0.5 })('bevel').map(({ change }) => 'land' in change && inMm(change.land)),
    ).toEqual([...[0.4, 0.3].map((land) => expect.closeTo(land, 9) as number)]);
    expect(offered({ thickness: 0.3, gap: 0 })('bevel')).toEqual([]);
    const bevel = { land: mm(3), includedAngle: 1 as never };
    expect(offered({ joint: { ...sheetJoint('butt', 6), bevel } as Joint })('bevel')).toEqual([]);
  });

  it('are wider holes of a plug, up to the widest', () => {
    const plug = (hole: number): Joint => ({ ...sheetJoint('plug', 3), holeDiameter: mm(hole) }) as Joint;
    const widths = (hole: number) =>
      offered({ joint: plug(hole), wire: mm(1) })('hole').map(
        ({ change }) => 'holeDiameter' in change && inMm(change.holeDiameter),
      );
    expect(widths(4)).toEqual([6, 8, 12].map((width) => expect.closeTo(width, 9) as number));
    const widest = Math.max(...widths(10).map(Number));
    expect(widths(10).every((width) => Number(width) <= widest)).toBe(true);
    expect(widths(widest)).toEqual([]);
  });

  it('are the thinner sheet on top of a lap, where it lies below', () => {
    const lap = (first: number, second: number): Joint => ({
      ...{ kind: 'lap', firstThickness: mm(first), secondThickness: mm(second), gap: mm(0) },
    });
    expect(wordsOf(offered({ joint: lap(3, 1) })('swapSheets'))).toEqual(['Put the thinner sheet on top']);
    expect(offered({ joint: lap(1, 3) })('swapSheets')).toEqual([]);
    expect(offered({ joint: lap(2, 2) })('swapSheets')).toEqual([]);
    expect(
      offered({ joint: { ...sheetJoint('edge', 3), firstThickness: mm(4) } as Joint })('swapSheets'),
    ).toEqual([]);
  });
});

describe('less than all of the way', () => {
  it('is what the machine reaches with a tenth in hand, in tenths, from half on', () => {
    for (const thickness of [3, 4, 5, 6, 8, 10, 12]) {
      const job = sampleJob({ thickness, gap: 0 });
      const best = suggestSetting(job);
      const share = Math.min(0.9, Math.floor((best.forecast.expectedReach - 0.1) * 10) / 10);
      const [less] = possibleChanges(job, best).filter(({ change }) => change.kind === 'share');
      if (share < 0.5) expect(less).toBeUndefined();
      else
        expect(less).toEqual({
          words: `Ask for ${Math.round(share * 100)} % of the way, where that is strong enough`,
          change: { kind: 'share', share: fraction(share) },
        });
    }
  });

  it('is not asked of a share, of both sides, of a sheet thinner than its bead, or where there is no far side', () => {
    const share = { kind: 'share', share: fraction(0.7) } as const;
    expect(offered({ thickness: 4, gap: 0 })('share')).toHaveLength(1);
    expect(offered({ thickness: 4, gap: 0, aim: share })('share')).toEqual([]);
    expect(offeredOf({ ...sampleJob({ thickness: 4, gap: 0 }), runs: 2 })('share')).toEqual([]);
    expect(offered({ thickness: 1, gap: 0 })('share')).toEqual([]);
    const tack: Joint = {
      ...{ kind: 'tack', on: { kind: 'butt', ...sheets }, length: mm(3), lightOn: second(0.5) },
    };
    expect(offered({ joint: tack })('share').length).toBeLessThanOrEqual(1);
    expect(offered({ joint: sheetJoint('edge', 4) })('share')).toEqual([]);
  });
});
