import { findMetal } from '../metal/index.js';
import { mm } from '../quantity/index.js';
import { partHeat, type PartHeatInput, type PartSeam } from './partHeat.js';

const seamAt = (number: number, changes: Partial<PartSeam> = {}): PartSeam => ({
  mark: `W${number}`,
  from: [0.02, 0.02 * number],
  to: [0.08, 0.02 * number],
  travel: 0.01,
  absorbed: 500,
  beadWidth: 2.2e-3,
  passes: 1,
  after: [],
  ...changes,
});
const seams = [1, 2, 3, 4].map((number) => seamAt(number));
const part = (changes: Partial<PartHeatInput> = {}): PartHeatInput => ({
  metal: findMetal('stainless304'),
  thickness: mm(1.5),
  seams,
  between: 15,
  letBe: 60,
  keepsFrames: true,
  ...changes,
});
const given = (...marks: string[]) => ({ kind: 'given', marks }) as const;

describe('a part that is welded seam by seam', () => {
  it('goes in the order that is given, and waits for a warm place', () => {
    const order = given('W2', 'W3', 'W1', 'W4');
    const heat = partHeat(part(), order)!;
    expect(heat.seams.map(({ mark }) => mark)).toEqual(order.marks);
    for (const seam of heat.seams) expect(seam.riseAtStart).toBeLessThanOrEqual(60);
    expect(heat.seams[0]!.waited).toBe(0);
    heat.seams
      .slice(1)
      .forEach((seam, i) => expect(seam.beganAt).toBeGreaterThanOrEqual(heat.seams[i]!.endedAt + 15 - 1e-6));
  });

  it('waits longer where less warmth is let be, and for the same place twice', () => {
    const order = given('W1', 'W2', 'W3', 'W4');
    const patient = partHeat(part({ letBe: 25 }), order)!;
    expect(patient.waited).toBeGreaterThan(partHeat(part({ letBe: 200 }), order)!.waited);
    const same = partHeat(part({ seams: [seamAt(1), seamAt(1, { mark: 'W9' })] }), given('W1', 'W9'))!;
    expect(same.seams[1]!.waited).toBeGreaterThan(10);
  });

  it('takes the coolest next, but nothing before what it hangs on', () => {
    const linked = part({ seams: [seamAt(1), seamAt(2), seamAt(3), seamAt(4, { after: ['W3'] })] });
    const marks = partHeat(linked, { kind: 'coolest' })!.seams.map(({ mark }) => mark);
    expect(marks.toSorted()).toEqual(['W1', 'W2', 'W3', 'W4']);
    expect(marks.indexOf('W4')).toBeGreaterThan(marks.indexOf('W3'));
    // After the first the next is not its neighbour.
    expect(marks[1]).not.toBe('W2');
  });

  it('shows the part through time, in no more frames than a page can hold', () => {
    const heat = partHeat(part(), given('W1', 'W2', 'W3', 'W4'))!;
    expect(heat.frames.length).toBe(heat.times.length);
    expect(heat.frames.length).toBeLessThanOrEqual(121);
    expect(heat.frames[0]!.length).toBe(heat.x.widths.length * heat.y.widths.length);
    const unseen = partHeat(part({ keepsFrames: false }), given('W1', 'W2', 'W3', 'W4'))!;
    expect(unseen.frames).toHaveLength(0);
    expect(unseen.seams).toEqual(heat.seams);
    heat.times.slice(1).forEach((time, i) => expect(time).toBeGreaterThan(heat.times[i]!));
    expect(Math.max(...heat.frames.map((frame) => Math.max(...frame)))).toBeGreaterThan(500);
  });

  it('stops when told, and refuses a part without seams', () => {
    expect(partHeat(part(), given('W1'), () => false)).toBeNull();
    expect(() => partHeat(part({ seams: [] }), given())).toThrow(/seams 0/);
  });
});
