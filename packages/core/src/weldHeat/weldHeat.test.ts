import { findMetal, type MetalId } from '../metal/index.js';
import { celsius, inMm, kelvin, metre, mm } from '../quantity/index.js';
import { forecastWeld, suggestSetting } from '../settings/index.js';
import { machines, sampleJob, sheetJoint } from '../testing/sampleJobs.js';
import type { JointKind } from '../joint/index.js';
import { tendonForce } from '../warp/index.js';
import { airLoss } from './airLoss.js';
import { brokenLine } from './brokenLine.js';
import { coolUntil, gloveHolds, nextPassBelow } from './coolUntil.js';
import { edgesAbove, faceLine } from './faces.js';
import { jointSection } from './jointSection.js';
import { mendEnds } from './mendEnds.js';
import { seamEnds } from './seamEnds.js';
import { seamWarp } from './seamWarp.js';
import { meltDisagreement, meltedBead, peakRise } from './meltedBead.js';
import { oxideGrowth, tintGrowth } from './oxideTint.js';
import { faceInto, frameAt, rasterInto, sectionRaster } from './raster.js';
import { seamHeat } from './seamHeat.js';
import { tintLeft, type TintEdges } from './tintLeft.js';
import { weldHeatInput, type WeldHeatInput } from './WeldHeatInput.js';

const part = { sideWidth: mm(100), seamLength: mm(300) };

function inputFor(
  kind: JointKind,
  thickness: number,
  metal: MetalId = 'stainless304',
  changes: Partial<WeldHeatInput> = {},
) {
  const job = sampleJob({ metal, joint: sheetJoint(kind, thickness), machine: machines[2]! });
  const { setting } = suggestSetting(job);
  const forecast = forecastWeld(job, setting);
  return { ...weldHeatInput(job, setting, forecast, { backing: 'none', part }), ...changes };
}

const butt = inputFor('butt', 2);
const heat = seamHeat(butt);

describe('the heat of a seam', () => {
  it.each([
    'butt',
    'lap',
    'tee',
    'insideCorner',
    'outsideCorner',
    'edge',
    'flareGroove',
    'tubeToPlate',
  ] as const)('settles for a %s, and its energy closes to 1 %%', (kind) => {
    const field = seamHeat(inputFor(kind, 2));
    expect(field.isConverged).toBe(true);
    expect(Math.abs(field.account.missing)).toBeLessThan(0.01 * field.account.absorbed);
    // Cold in the end, as it was in the beginning.
    expect(Math.max(...field.frames.at(-1)!)).toBeLessThan(60);
    expect(Math.max(...field.frames[0]!)).toBeLessThan(200);
  });

  it('melts about what the melt model says on steels, though neither knows of the other', () => {
    for (const [metal, thickness] of [
      ['stainless304', 1],
      ['stainless304', 3],
      ['lowCarbonSteel', 2],
    ] as const) {
      const input = inputFor('butt', thickness, metal);
      const { area } = meltedBead(seamHeat(input));
      const model = input.beadWidth * Math.min(input.depth, thickness / 1000);
      expect(area / model).toBeGreaterThan(0.85);
      expect(area / model).toBeLessThan(1.2);
    }
  });

  it('says so where it melts another bead than the odds go by', () => {
    expect(meltDisagreement(butt, meltedBead(heat))).toBeNull();
    const corner = inputFor('outsideCorner', 1, 'aluminium5052');
    expect(meltDisagreement(corner, meltedBead(seamHeat(corner)))).toBeNull();
    const lap = inputFor('lap', 1, 'aluminium5052');
    expect(meltDisagreement(lap, meltedBead(seamHeat(lap)))).toBeGreaterThan(1.7);
  });

  it('melts a corner and an edge with the heat of a butt: each is one folded along its seam', () => {
    const leastAbsorbed = (kind: JointKind) => {
      const input = {
        ...inputFor(kind, 1, 'aluminium5052'),
        depth: mm(1),
        keyholeDepth: mm(1),
        beadWidth: mm(2),
      };
      let [low, high] = [80, 600];
      while (high - low > 0.01 * low) {
        const absorbed = Math.sqrt(low * high) as typeof input.absorbed;
        if (meltedBead(seamHeat({ ...input, absorbed })).area >= 2e-6) high = absorbed;
        else low = absorbed;
      }
      return high;
    };
    const flat = leastAbsorbed('butt');
    expect(Math.abs(leastAbsorbed('edge') / flat - 1)).toBeLessThan(0.12);
    expect(Math.abs(leastAbsorbed('outsideCorner') / flat - 1)).toBeLessThan(0.12);
  });

  it('goes on without a jump where the section is followed in time', () => {
    const before = heat.frames[heat.around - 1]!;
    const after = heat.frames[heat.around]!;
    const most = Math.max(...before);
    before.forEach((rise, cell) => expect(Math.abs(after[cell]! - rise)).toBeLessThan(0.05 * most));
  });

  it('runs colder on a copper bar than on a steel one, and hotter on a narrow part', () => {
    const warmest = (changes: Partial<WeldHeatInput>) => {
      const { times, frames } = seamHeat({ ...butt, ...changes });
      return Math.max(...frames[frameAt(times, 5)[0]]!);
    };
    const open = warmest({});
    const steel = warmest({ backing: 'steel' });
    expect(steel).toBeLessThan(open);
    expect(warmest({ backing: 'copper' })).toBeLessThan(steel);
    expect(warmest({ part: { ...part, sideWidth: mm(12) } })).toBeGreaterThan(open);
  });

  it('follows nothing where it has not settled', () => {
    const stopped = seamHeat(butt, { mostSteps: 2 });
    expect(stopped.isConverged).toBe(false);
    expect(stopped.frames).toHaveLength(stopped.around);
  });
});

describe('a section of a joint', () => {
  it('holds as much metal as its sheets and what is filled', () => {
    const { section, isHalf } = jointSection(inputFor('tee', 2));
    const area = section.width.reduce((sum, width, cell) => sum + width * section.height[cell]!, 0);
    const lying = 0.2 * 0.002;
    const standing = 0.1 * 0.002;
    expect(isHalf).toBe(false);
    expect(area).toBeGreaterThan(lying + standing);
    expect(area).toBeLessThan(lying + standing + 6e-6);
  });

  it('is halved only where both sides are alike', () => {
    expect(jointSection(butt).isHalf).toBe(true);
    const uneven = {
      ...butt,
      joint: { kind: 'butt', firstThickness: mm(2), secondThickness: mm(3), gap: mm(0) } as const,
    };
    expect(jointSection(uneven).isHalf).toBe(false);
  });

  it('has faces of sheets on edges of cells', () => {
    const { down } = jointSection(inputFor('lap', 2)).section;
    for (const face of [0, 2e-3, 4e-3])
      expect(Math.min(...down.edges.map((edge) => Math.abs(edge - face)))).toBeLessThan(1e-9);
  });

  it('cuts each stretch between breaks into cells', () => {
    const line = brokenLine({
      breaks: [0, 0.4, 10],
      zone: [0, 1],
      fine: 0.2,
      growth: 0.1,
      least: 2,
      apart: 0.01,
    });
    expect(line.edges).toContain(0.4);
    expect(line.widths.every((width) => width > 0.05)).toBe(true);
    expect(line.widths.at(-1)!).toBeGreaterThan(0.5);
  });
});

describe('what is left on the faces', () => {
  const widths = (edges: TintEdges) =>
    [edges.straw, edges.gold, edges.blue].map((each) => (each === null ? 0 : each.right - each.left));

  it('is straw outside gold outside blue, within what the tables’ doubt allows', () => {
    const left = tintLeft(heat, butt.metal)!;
    for (const face of ['front', 'back'] as const) {
      const [straw, gold, blue] = widths(left[face]) as [number, number, number];
      expect(straw).toBeGreaterThan(gold);
      expect(gold).toBeGreaterThan(blue);
      expect(straw).toBeLessThan(widths(left.likely.wide[face])[0]!);
      expect(straw).toBeGreaterThan(widths(left.likely.narrow[face])[0]!);
      expect(left[face].straw!.left).toBeCloseTo(-left[face].straw!.right, 9);
    }
  });

  it('is wider for a slower gun with the same heat a second', () => {
    const slower = { ...butt, travel: (butt.travel / 1.5) as typeof butt.travel };
    const straw = (input: WeldHeatInput) => widths(tintLeft(seamHeat(input), input.metal)!.front)[0]!;
    expect(straw(slower)).toBeGreaterThan(straw(butt));
  });

  it('is nothing on metals that show none', () => {
    expect(tintLeft(heat, findMetal('aluminium5052'))).toBeNull();
    expect(tintGrowth(findMetal('copper'))).toBeNull();
  });

  it('shows at the table’s temperature after the table’s time, and hotter where it is shorter', () => {
    const metal = findMetal('stainless304');
    const growth = oxideGrowth(metal, 'gold')!;
    expect(30 * growth(metal.tint!.gold)).toBeCloseTo(1, 9);
    expect(growth(kelvin(metal.tint!.gold + 40))).toBeGreaterThan(1.5 * growth(metal.tint!.gold));
  });

  it('reads edges between cells', () => {
    const line = { cells: Int32Array.of(0, 1, 2, 3), y: Float64Array.of(-1, 0, 1, 2) };
    expect(edgesAbove(line, [0, 2, 2, 0], 1, false)).toEqual({ left: -0.5, right: 1.5 });
    expect(edgesAbove(line, [0, 0, 0, 0], 1, false)).toBeNull();
  });
});

describe('when it can be touched', () => {
  it('is later for a glove than for the next pass, and later on a narrower part', () => {
    const next = coolUntil(heat, nextPassBelow.stainless)!;
    const glove = coolUntil(heat, gloveHolds)!;
    expect(next).toBeGreaterThan(5);
    expect(glove).toBeGreaterThan(next);
    const narrow = seamHeat({ ...butt, part: { ...part, sideWidth: mm(30) } });
    expect(coolUntil(narrow, gloveHolds)!).toBeGreaterThan(glove);
  });

  it('starts cold between free edges too, whose warmth is the field’s own to find', () => {
    const strip = {
      ...sampleJob({ metal: 'aluminium5052', joint: sheetJoint('butt', 2), machine: machines[2]! }),
      freeEdge: mm(8),
    };
    const { setting } = suggestSetting(strip);
    const forecast = forecastWeld(strip, setting);
    const input = weldHeatInput(strip, setting, forecast, {
      backing: 'none',
      part: { ...part, sideWidth: mm(8) },
    });
    expect(forecast.start).toBeGreaterThan(input.start + 20);
    const narrow = seamHeat(input);
    expect(coolUntil(narrow, nextPassBelow.aluminium)!).toBeGreaterThan(30);
    expect(coolUntil(narrow, gloveHolds)!).toBeGreaterThan(coolUntil(narrow, nextPassBelow.aluminium)!);
  });

  it('is not said where it is not known, and at once where it never gets so hot', () => {
    const frames = [Float32Array.of(10), Float32Array.of(300)];
    const short = { law: heat.law, times: Float64Array.of(0, 1), frames };
    expect(coolUntil(short, gloveHolds)).toBeNull();
    expect(coolUntil(short, celsius(900))).toBe(0);
  });

  it('goes slower by air alone', () => {
    const loss = airLoss(kelvin(293));
    expect(loss(20)).toBeLessThan(12);
    expect(loss(1000)).toBeGreaterThan(30);
  });
});

describe('a raster', () => {
  const window = { left: -4e-3, top: -1e-3, step: 0.1e-3, columns: 81, rows: 41 };

  it('mirrors a half section, and has nothing above and below the sheet', () => {
    const raster = sectionRaster(heat, window);
    const values = rasterInto(raster, peakRise(heat), new Float32Array(window.columns * window.rows));
    const at = (y: number, z: number) =>
      values[
        Math.round((z - window.top) / window.step) * window.columns +
          Math.round((y - window.left) / window.step)
      ]!;
    expect(at(0, -0.5e-3)).toBeNaN();
    expect(at(0, 2.5e-3)).toBeNaN();
    expect(at(-2e-3, 1e-3)).toBeCloseTo(at(2e-3, 1e-3), 3);
    expect(at(0, 1e-3)).toBeGreaterThan(at(3e-3, 1e-3));
  });

  it('shows a face colder ahead of the gun than behind it', () => {
    const around = { left: -2e-3, top: 0, step: 0.5e-3, columns: 21, rows: 5 };
    const front = faceInto(heat, 'front', butt.travel, around, new Float32Array(105));
    expect(front[0]!).toBeLessThan(front[20]!);
    const back = faceInto(heat, 'back', butt.travel, around, new Float32Array(105));
    expect(Math.max(...back)).toBeLessThanOrEqual(Math.max(...front) * 1.0001);
  });

  it('finds a moment between frames', () => {
    expect(frameAt(Float64Array.of(0, 1, 3), 2)).toEqual([1, 0.5]);
    expect(frameAt(Float64Array.of(0, 1, 3), 9)).toEqual([2, 0]);
  });

  it('has both faces of a lap, its sheets as far out as they lie', () => {
    const lap = seamHeat(inputFor('lap', 1));
    const front = faceLine(lap, 'front');
    const [first, last] = [front.y[0]!, front.y.at(-1)!];
    expect(inMm(metre(-first))).toBeGreaterThan(95);
    expect(inMm(metre(last))).toBeGreaterThan(95);
  });
});

describe('the ends of a seam', () => {
  const plain = { dwell: 0, rampUp: 0, rampDown: 0 };

  it('stay cold at the start for longer where the metal leads heat off, and run hot at the end', () => {
    const steel = seamEnds(butt, plain);
    const aluminium = seamEnds(inputFor('butt', 2, 'aluminium5052'), plain);
    expect(steel.coldFor).toBeGreaterThan(1e-3);
    expect(aluminium.coldFor).toBeGreaterThan(2 * steel.coldFor);
    expect(aluminium.widestAtEnd).toBeGreaterThan(steel.widestAtEnd);
    expect(steel.widestAtEnd).toBeGreaterThan(1.1);
  });

  it('are colder for a ramp up, and less hot for a ramp down', () => {
    expect(seamEnds(butt, { ...plain, rampUp: 0.3 }).coldFor).toBeGreaterThan(seamEnds(butt, plain).coldFor);
    const ramped = seamEnds(butt, { ...plain, rampDown: 0.3 });
    expect(ramped.widestAtEnd).toBeLessThan(1.1);
    expect(ramped.fadesFor).toBeGreaterThan(0);
  });

  it('are mended by a dwell that was run and wets the start without melting too wide', () => {
    const mended = mendEnds(butt, { ...plain, rampUp: 0.15 })!;
    expect(mended.isColdStart).toBe(true);
    expect(mended.start).not.toBeNull();
    expect(mended.start!.ends.coldFor).toBeLessThan(0.5 * mended.asSet.coldFor);
    expect(mended.start!.ends.widestAtStart).toBeLessThanOrEqual(1.25);
    expect(mended.isHotEnd).toBe(true);
    expect(mended.end!.ends.widestAtEnd).toBeLessThanOrEqual(1.1);
  });

  it('are not spoken of where hardly anything melts, and not worked out further once stopped', () => {
    const cold = { ...butt, absorbed: (butt.absorbed / 3) as typeof butt.absorbed };
    const unknown = mendEnds(cold, plain)!;
    expect([unknown.isKnown, unknown.start, unknown.end]).toEqual([false, null, null]);
    expect(mendEnds(butt, plain, () => false)).toBeNull();
  });
});

describe('the warp of a seam', () => {
  it('pulls about as much as the quick form says, which knows only the heat', () => {
    for (const [metal, thickness] of [
      ['stainless304', 2],
      ['lowCarbonSteel', 3],
      ['aluminium5052', 2],
    ] as const) {
      const input = inputFor('butt', thickness, metal);
      const warp = seamWarp(input, seamHeat(input));
      const quick = tendonForce(input.metal, warp.heat);
      expect(warp.pull / quick).toBeGreaterThan(0.7);
      expect(warp.pull / quick).toBeLessThan(1.3);
    }
  });

  it('is less for a quicker gun and on a bar', () => {
    const of = (changes: Partial<WeldHeatInput>) => {
      const input = { ...butt, ...changes };
      return seamWarp(input, seamHeat(input));
    };
    const plain = of({});
    expect(of({ travel: (butt.travel * 1.4) as typeof butt.travel }).pull).toBeLessThan(plain.pull);
    expect(of({ backing: 'copper' }).pull).toBeLessThan(plain.pull);
    expect(plain.shrinkage).toBeGreaterThan(0.02e-3);
    expect(plain.shrinkage).toBeLessThan(0.5e-3);
    expect(plain.heat).toBeGreaterThan(plain.bucklesFrom);
  });

  it('reaches with its colour as far on a flat joint as its edges lie', () => {
    const left = tintLeft(heat, butt.metal)!;
    expect(Math.abs(left.reach.front.straw - left.front.straw!.right)).toBeLessThan(0.6e-3);
  });
});
