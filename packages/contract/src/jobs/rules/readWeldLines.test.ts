import { machineOf, jobWeld } from '../../testing/index.js';
import { readWeldLines, type JobWeld, type WeldLine } from '../../index.js';

const machine = machineOf('bench');
type Context = Parameters<typeof readWeldLines>[1];
const read = (text: string, changes: Partial<Context> = {}): readonly WeldLine[] =>
  readWeldLines(text, { length: 'mm', machine, there: [], part: null, ...changes });
const one = (text: string, changes: Partial<Context> = {}): JobWeld => {
  const [line] = read(text, changes);
  expect(line?.problems).toEqual([]);
  return line?.weld as JobWeld;
};

describe('a line of a weld list', () => {
  it('is understood as people type it', () => {
    expect(one('W3 304 1.5 T 240 mm x2, both sides')).toMatchObject({
      ...{ mark: 'W3', lengthMm: 240, count: 2, closing: null },
      joint: {
        ...{ kind: 'tee', metal: 'stainless304', firstThicknessMm: 1.5, secondThicknessMm: 1.5, sides: 2 },
        gapMm: 0.1,
      },
    });
  });

  it.each<[string, object, object]>([
    ['304 1.5 to 3 lap 60', { lengthMm: 60 }, { kind: 'lap', firstThicknessMm: 1.5, secondThicknessMm: 3 }],
    ['16ga mild butt 12 in', { lengthMm: 304.8 }, { metal: 'lowCarbonSteel', firstThicknessMm: 1.5189 }],
    ['al 2 corner 10 mm long gap .2', { lengthMm: 10 }, { kind: 'outsideCorner', gapMm: 0.2 }],
    ['ss 2 T L=80 leg 2.5 4x', { lengthMm: 80, count: 4 }, { legMm: 2.5 }],
    [
      '304 1.5 T 300 no wire vertical up',
      { wireDiameterMm: null },
      { conditions: { position: 'verticalUp' } },
    ],
    ['304 1.5 lap 500 wire 1.0', { wireDiameterMm: 1 }, {}],
    [
      '304 1.5 T 900 stitched 20 every 60 offset 30 both sides',
      { lengthMm: 900 },
      { conditions: { stitches: { lengthMm: 20, pitchMm: 60, offsetMm: 30 } } },
    ],
    [
      '304 2 tube on plate 40 3 off',
      { lengthMm: 125.7, count: 3, closing: { lapMm: 5, rampDownS: 0.3 } },
      { kind: 'tubeToPlate', tubeRadiusMm: 20 },
    ],
    [
      '304 1.5 butt 100 pose front lying flat, "lower right"',
      { pose: 'front lying flat', where: 'lower right' },
      {},
    ],
  ])('%s', (text, weld, joint) => {
    expect(one(text)).toMatchObject({ ...weld, joint });
  });

  it('says its lengths in the shop’s unit where it names none', () => {
    const weld = one('304 .06 T 10', { length: 'in' });
    expect([weld.lengthMm, weld.joint.firstThicknessMm]).toEqual([254, 1.524]);
    expect(one('304 1/16 T 3/4 long', { length: 'in' }).lengthMm).toBe(19.05);
    // And a wire that is sold in it.
    expect(
      [one('304 1/16 T 10', { length: 'in' }), one('304 1.5 T 300')].map((each) => each.wireDiameterMm),
    ).toEqual([0.889, 1]);
  });

  it('takes what it leaves out from the line above, and says so', () => {
    const [, second] = read('W1 304 1.5 T 240 wire 0.8\nW2 60');
    expect(second?.carried).toEqual(['joint', 'metal', 'thickness', 'wire']);
    expect(second?.weld).toMatchObject({
      mark: 'W2',
      lengthMm: 60,
      wireDiameterMm: 0.8,
      joint: { kind: 'tee' },
    });
  });

  it('gets the next free mark where it has none', () => {
    const marks = read('304 1.5 T 40\nW7 50\n60', { there: [jobWeld('W2')] }).map(({ weld }) => weld?.mark);
    expect(marks).toEqual(['W3', 'W7', 'W4']);
  });

  it('says how the part lies up to the next comma, or to what it comes after', () => {
    const [, second] = read('W1 304 1.5 T 40 pose back up square off, x2\nW2 40 pose standing after W1');
    expect(second?.weld).toMatchObject({ pose: 'standing', after: ['W1'] });
  });

  it('may come after one that stands further down, by its mark however it is written', () => {
    const lines = read('W1 304 1.5 T 40 after w2 and W3\nW2 40\nW3 40');
    expect(lines[0]?.weld?.after).toEqual(['W2', 'W3']);
  });
});

describe('a line that is wrong', () => {
  it.each<[string, string, string, string]>([
    ['304 1.5 T', 'length', 'nothing', 'how long one seam is'],
    ['304 1.5 240', 'joint', 'nothing', 'butt, lap, T'],
    ['1.5 T 240', 'metal', 'nothing', 'low-carbon steel'],
    ['304 T 240', 'thickness', 'nothing', '0.3 to 12 mm'],
    ['304 1.5 T 240 sideways', 'words', 'sideways', 'mark, metal, thickness'],
    ['304 1.5 T 240 300', 'length', '240 and 300', 'one length'],
    ['304 1.5 2 3 T 240', 'thickness', '1.5 and 2 and 3', 'one thickness or two'],
    ['304 0.1mm T 240', 'joint.firstThicknessMm', '0.1', '0.3 to 12 mm'],
    ['304 1.5 lap 240 both sides', 'sides', 'both sides', 'has no second one'],
    ['304 1.5 T 240 x0', 'count', '0', '1 to 500'],
    ['304 1.5 T 240 wire 5', 'wire', '5', 'none, or'],
    ['304 1.5 T 240 after W9', 'after', 'W9', 'marks of other welds'],
    ['304 1.5 butt 240 leg 2', 'leg', '2', 'has none'],
    ['304 2 tube on plate', 'tube', 'nothing', 'outside diameter'],
    ['304 1.5 T 200 stitched 60 every 20', 'joint.conditions.stitches.pitchMm', '20', 'more than the stitch'],
    ['304 1.5 T 200 m', 'lengthMm', '200000', '1 to 100000 mm'],
  ])('%s', (text, field, given, allowed) => {
    const [line] = read(text);
    expect(line?.weld).toBeNull();
    const problem = line?.problems.find((each) => each.field === field);
    expect(problem).toMatchObject({ given });
    expect(problem?.allowed).toContain(allowed);
  });

  it('leaves the others as they are, each with its number', () => {
    const lines = read('W1 304 1.5 T 40\n\nnonsense\nW1 50\nW2 60');
    expect(lines.map(({ line, weld }) => [line, weld?.mark ?? null])).toEqual([
      [1, 'W1'],
      [3, null],
      [4, null],
      [5, 'W2'],
    ]);
    expect(lines[2]?.problems).toEqual([
      { field: 'mark', given: 'W1', allowed: 'a mark that no other weld has' },
    ]);
  });

  it('of a list of 500 is told with its value, and no more welds than a job takes are read', () => {
    const text = Array.from({ length: 520 }, (_, i) =>
      i % 17 === 5 ? `304 1.5 widget ${i + 20} mm` : `304 1.5 T ${i + 20} mm`,
    );
    const lines = read(text.join('\n'));
    const wrong = lines.filter(({ weld }) => weld === null);
    expect(lines.filter(({ weld }) => weld !== null)).toHaveLength(489);
    expect(wrong).toHaveLength(31);
    expect(wrong.every(({ problems }) => problems.length > 0)).toBe(true);
  });

  it('takes nothing from a line that is not understood, nor from the good one before that', () => {
    const lines = read('W1 304 1.5 T 40\nW2 mild 2 butter 40\nW3 60\nW4 al 2 lap 50 wire 1.2\nW5 70');
    expect(lines.map(({ weld }) => weld?.mark ?? null)).toEqual(['W1', null, null, 'W4', 'W5']);
    expect(lines[2]?.problems).toEqual([
      {
        field: 'line above',
        given: 'W2 mild 2 butter 40',
        allowed: 'a line that is understood: this one takes what it leaves out from it',
      },
    ]);
    expect(lines[4]?.weld?.joint.metal).toBe(lines[3]?.weld?.joint.metal);
  });

  it('says of a line that leans on a wrong one that alone, and what else is wrong with it', () => {
    const [, second, third] = read('W1 304 1/16 T\nW2 1/16 butt 90 after W1\nW3 60 butter');
    expect(second?.problems.map(({ field }) => field)).toEqual(['line above']);
    expect(third?.problems.map(({ field }) => field)).toEqual(['words', 'line above']);
    expect(third?.problems[1]?.given).toBe('W1 304 1/16 T');
  });

  it('takes no pose of the good line where the wrong one above had its own', () => {
    const lines = read(
      '304 1.5 T 40 wire 0.8 pose flat\n304 1.5 butter 40 pose standing\n304 1.5 T 40 wire 0.8',
    );
    expect(lines[2]?.problems.map(({ field }) => field)).toEqual(['line above']);
  });
});
