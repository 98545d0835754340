import fc from 'fast-check';
import { RangeFault } from '../fault/index.js';
import { findMetal, type MetalId } from '../metal/index.js';
import { mm, radian } from '../quantity/index.js';
import { BentPlate } from './bentPlate.js';
import { cellsAlong, flatGrid, nodeAt, placeOfNode } from './flatGrid.js';
import { givesWayAt } from './givesWay.js';
import { middleFirst } from './middleFirst.js';
import { laidFlat, offFlat } from './offFlat.js';
import { partGrid } from './partGrid.js';
import { partWarp } from './partWarp.js';
import { planeLaw, plateCell } from './plateCell.js';
import type { PartWarpInput, PartWay, WarpSeam } from './WarpSeam.js';
import { weldSteps } from './weldSteps.js';

const steel = findMetal('stainless304');

function seam(
  mark: string,
  from: readonly [number, number],
  to: readonly [number, number],
  more: Partial<WarpSeam> = {},
): WarpSeam {
  return {
    ...{ mark, from, to, travel: 0.01, absorbed: 500, beadWidth: 2e-3, passes: 1, after: [] },
    ...{ shrinkage: mm(0.1), turn: radian(0.01), parts: true, otherSide: true, stitches: null },
    tacks: [0, Math.hypot(to[0] - from[0], to[1] - from[1])],
    ...more,
  };
}

const way = (marks: readonly string[], more: Partial<PartWay> = {}): PartWay => ({
  ...{ marks, riseAtStart: {}, run: 'onward', tacks: 'asSet' },
  ...{ isClamped: false, inStitches: false, fromBothSides: false },
  ...more,
});

/** Two sheets 60 mm wide and 120 mm long, butted. */
const butt = (more: Partial<WarpSeam> = {}, changes: Partial<PartWarpInput> = {}): PartWarpInput => ({
  metal: steel,
  thickness: mm(2),
  beyond: 0.06,
  seams: [seam('W1', [0.06, 0], [0.06, 0.12], more)],
  ...changes,
});
const welded = (input: PartWarpInput, more: Partial<PartWay> = {}) =>
  partWarp(
    input,
    way(
      input.seams.map(({ mark }) => mark),
      more,
    ),
  )!;

describe('a cell of a plate', () => {
  const [side, poisson] = [0.02, 0.3];
  const cell = plateCell(side, poisson);
  const corners = [
    [-1, -1],
    [1, -1],
    [1, 1],
    [-1, 1],
  ].map(([x, y]) => [(x! * side) / 2, (y! * side) / 2] as const);
  const energy = (stiffness: Float64Array, moves: readonly number[]) =>
    moves.reduce(
      (sum, one, row) =>
        sum +
        moves.reduce((all, other, column) => all + one * stiffness[row * moves.length + column]! * other, 0),
      0,
    );
  const exact = (strain: readonly [number, number, number]) => {
    const stress = planeLaw(poisson, strain);
    return side * side * stress.reduce((sum, each, of) => sum + each * strain[of]!, 0);
  };

  it('feels nothing where it is moved and turned whole', () => {
    const turned = corners.flatMap(([x, y]) => [0.3 - 0.01 * y, -0.2 + 0.01 * x]);
    expect(energy(cell.inPlane, turned)).toBeCloseTo(0, 12);
    const tilted = corners.flatMap(([x, y]) => [0.1 + 0.02 * x - 0.03 * y, 0.02, -0.03]);
    expect(Math.abs(energy(cell.outOfPlane, tilted))).toBeLessThan(1e-9);
  });

  it.each([
    [1, 0, 0],
    [0, 1, 0],
    [0, 0, 1],
    [0.4, -0.7, 0.9],
  ] as const)('is exact for an even strain and an even curvature of %d, %d and %d', (xx, yy, xy) => {
    const strained = corners.flatMap(([x, y]) => [xx * x + (xy / 2) * y, yy * y + (xy / 2) * x]);
    expect(energy(cell.inPlane, strained)).toBeCloseTo(exact([xx, yy, xy]), 12);
    const bent = corners.flatMap(([x, y]) => [
      (xx * x * x + yy * y * y + xy * x * y) / 2,
      xx * x + (xy / 2) * y,
      yy * y + (xy / 2) * x,
    ]);
    expect(energy(cell.outOfPlane, bent)).toBeCloseTo(exact([xx, yy, xy]), 12);
    const mean = [0, 1, 2].map((of) =>
      bent.reduce((sum, each, at) => sum + cell.meanCurvature[of * 12 + at]! * each, 0),
    );
    [xx, yy, xy].forEach((each, of) => expect(mean[of]).toBeCloseTo(each, 9));
  });

  it('bends in its own plane without locking', () => {
    // A strip of one row, pulled at one end and pressed at the other side: u = -xy, v = x2/2 + nu y2/2.
    const pure = corners.flatMap(([x, y]) => [-x * y, 0]);
    // E I of the cell over its length, for E t of 1.
    expect(energy(cell.inPlane, pure)).toBeCloseTo(side ** 4 / 12, 12);
  });
});

describe('a plate under forces in its plane', () => {
  it('gives way where a square that is held at its edges does: 4 pi2 D/b2', () => {
    const grid = flatGrid({ left: 0, right: 0.16, top: 0, bottom: 0.16 }, 0.01);
    const [poisson, stretched] = [0.3, 2e8];
    const bent = 50;
    const border = Array.from({ length: 17 }, (_, at) => [
      nodeAt(grid, at, 0),
      nodeAt(grid, at, 16),
      nodeAt(grid, 0, at),
      nodeAt(grid, 16, at),
    ]).flat();
    const shares = new Float64Array(256).fill(1);
    const plate = new BentPlate(grid, { stretched, bent, poisson }, shares, [...new Set(border)]);
    for (let cell = 0; cell < 256; cell++) plate.stress.plane[3 * cell] = -1000;
    const closed = (4 * Math.PI ** 2 * bent) / (1 - poisson ** 2) / 0.16 ** 2 / 1000;
    expect(givesWayAt(plate, bent) / closed).toBeGreaterThan(0.96);
    expect(givesWayAt(plate, bent) / closed).toBeLessThan(1.02);
    plate.stress.plane.fill(0);
    for (let cell = 0; cell < 256; cell++) plate.stress.plane[3 * cell] = 1000;
    expect(givesWayAt(plate, bent)).toBeGreaterThan(1e6);
  });
});

describe('a part laid flat', () => {
  const grid = flatGrid({ left: 0, right: 0.2, top: 0, bottom: 0.1 }, 0.02);

  it('is as it was where it was only moved, turned and tilted', () => {
    const shape = {
      u: new Float64Array(grid.nodes),
      v: new Float64Array(grid.nodes),
      w: new Float64Array(grid.nodes),
    };
    for (let node = 0; node < grid.nodes; node++) {
      const [x, y] = placeOfNode(grid, node);
      shape.u[node] = 0.3 - 0.02 * y;
      shape.v[node] = 0.1 + 0.02 * x;
      shape.w[node] = 0.5 + 0.1 * x - 0.3 * y;
    }
    const { bends, draws } = offFlat(laidFlat(grid, shape));
    expect(bends).toBeCloseTo(0, 12);
    expect(draws).toBeCloseTo(0, 12);
  });

  it('has every length of a line in one cell or another', () => {
    for (const to of [
      [0.19, 0.01],
      [0.01, 0.09],
      [0.17, 0.08],
    ] as const) {
      const passed = cellsAlong(grid, [0.01, 0.01], to);
      const length = passed.reduce((sum, each) => sum + each.length, 0);
      expect(length).toBeCloseTo(Math.hypot(to[0] - 0.01, to[1] - 0.01), 9);
    }
  });
});

describe('a part that is welded', () => {
  it('folds and draws together by what its one seam does to free sheets, and not much more', () => {
    const plain = welded(butt());
    // Halves 60 mm wide that turn by half the angle each; what moved ahead of the run is welded in.
    const folded = (0.06 * 0.01) / 2;
    expect(plain.bends).toBeGreaterThan(0.9 * folded);
    expect(plain.bends).toBeLessThan(2 * folded);
    // Half of the contraction stays, half of that on either side.
    expect(plain.draws).toBeGreaterThan(0.9 * 0.025e-3);
    expect(plain.draws).toBeLessThan(2.5 * 0.025e-3);
    expect(plain.stages.map(({ mark }) => mark)).toEqual(['W1', null]);
    const middle = plain.stages.at(-1)!.shape.w;
    const { grid } = plain;
    // Towards the face at the edges.
    const fold = Math.floor(grid.columns / 2);
    expect(middle[nodeAt(grid, 0, 10)]).toBeGreaterThan(middle[nodeAt(grid, fold, 10)]!);
  });

  it('stays flat where nothing turns, and bends as its seams turn', () => {
    expect(welded(butt({ turn: radian(0) })).bends).toBeLessThan(1e-9);
    const [once, twice] = [0.01, 0.02].map((turn) => welded(butt({ turn: radian(turn) })).bends);
    expect(twice! / once!).toBeCloseTo(2, 6);
  });

  it('is the same mirrored', () => {
    const input: PartWarpInput = {
      ...butt(),
      beyond: 0.04,
      seams: [seam('A', [0, 0], [0.12, 0]), seam('B', [0.12, 0], [0.12, 0.08])],
    };
    const mirrored = input.seams.map((each) => ({
      ...each,
      from: [-each.from[0], each.from[1]] as const,
      to: [-each.to[0], each.to[1]] as const,
    }));
    const [one, other] = [welded(input), welded({ ...input, seams: mirrored })];
    expect(Math.abs(other.bends / one.bends - 1)).toBeLessThan(0.15);
    expect(Math.abs(other.draws / one.draws - 1)).toBeLessThan(0.15);
  });

  it('bends less clamped, in stitches, from both sides and with closer tacks', () => {
    const plain = welded(butt());
    for (const better of [
      { isClamped: true },
      { inStitches: true },
      { fromBothSides: true },
      { tacks: 'twiceAsClose' },
      { run: 'backStep' },
      { run: 'middleOut' },
    ] as const)
      expect(welded(butt(), better).bends).toBeLessThan(plain.bends);
    expect(welded(butt(), { tacks: 'none' }).bends).toBeGreaterThan(plain.bends);
  });

  it('draws more from both sides, and where it begins warm', () => {
    const plain = welded(butt());
    expect(welded(butt(), { fromBothSides: true }).draws).toBeGreaterThan(plain.draws);
    const warm = welded(butt(), { riseAtStart: { W1: 80 } });
    expect(warm.draws / plain.draws).toBeGreaterThan(1.1);
    expect(warm.givesWayAt).toBeLessThan(plain.givesWayAt);
  });

  it('is tied by tacks until they tear', () => {
    // Clamped on either side, one seam's contraction has to come out of the tacks of the other beside it.
    const beside = (shrinkage: number): PartWarpInput => ({
      ...butt(),
      seams: ['A', 'B'].map((mark, at) => {
        const x = 0.06 + 0.012 * at;
        return seam(mark, [x, 0], [x, 0.12], { shrinkage: mm(shrinkage), absorbed: 20 });
      }),
    });
    expect(welded(beside(1), { isClamped: true }).tacksTorn).toBeGreaterThan(0);
    expect(welded(beside(0.02), { isClamped: true }).tacksTorn).toBe(0);
  });

  it('hangs on the order where seams hold each other', () => {
    const seams = [
      seam('A', [0, 0.05], [0.15, 0.05]),
      seam('B', [0.05, 0], [0.05, 0.05]),
      seam('C', [0.1, 0.05], [0.1, 0.1]),
    ];
    const input: PartWarpInput = { ...butt(), seams, beyond: 0.03 };
    const [first, last] = [
      ['A', 'B', 'C'],
      ['B', 'C', 'A'],
    ].map((marks) => partWarp(input, way(marks, { tacks: 'none' }))!);
    const apart = first!.stages
      .at(-1)!
      .shape.w.map((each, node) => Math.abs(each - last!.stages.at(-1)!.shape.w[node]!));
    expect(Math.max(...apart)).toBeGreaterThan(0.02 * first!.bends);
    expect(first!.stages.map(({ mark }) => mark)).toEqual(['A', 'B', 'C', null]);
  });

  it.each<[MetalId, number]>([
    ['stainless304', 1],
    ['aluminium5052', 1],
  ])('gives way sooner the thinner %s is', (metal, thickness) => {
    const of = (each: number) =>
      welded(butt({}, { metal: findMetal(metal), thickness: mm(each) })).givesWayAt;
    expect(of(thickness)).toBeLessThan(of(2 * thickness));
  });

  it('stays within what a part can do, where seams are drawn by hand', () => {
    const place = fc.tuple(
      fc.double({ min: 0, max: 0.3, noNaN: true }),
      fc.double({ min: 0, max: 0.2, noNaN: true }),
    );
    const drawn = fc.tuple(
      place,
      fc.constantFrom(0, Math.PI / 2, 1),
      fc.double({ min: 0.03, max: 0.2, noNaN: true }),
      fc.boolean(),
    );
    const ways = fc.record({
      tacks: fc.constantFrom('asSet', 'none', 'twiceAsClose'),
      isClamped: fc.boolean(),
      run: fc.constantFrom('onward', 'backStep', 'middleOut'),
    });
    fc.assert(
      fc.property(fc.array(drawn, { minLength: 2, maxLength: 5 }), ways, (lines, more) => {
        const seams = lines.map(([from, angle, length, parts], at) => {
          const to = [from[0] + length * Math.cos(angle), from[1] + length * Math.sin(angle)] as const;
          return seam(`W${at}`, from, to, { parts, turn: radian(0.02), tacks: [0, length / 2, length] });
        });
        const { bends, draws, givesWayAt } = welded({ ...butt(), seams, beyond: 0.04 }, more);
        expect(bends).toBeLessThan(20e-3);
        expect(draws).toBeLessThan(2e-3);
        expect(givesWayAt).toBeGreaterThan(0.01);
      }),
      { numRuns: 12 },
    );
  });

  it('says how far it is and can be stopped', () => {
    const said: number[] = [];
    const input = butt();
    expect(
      partWarp(input, way(['W1']), (done) => {
        said.push(done);
        return said.length < 2;
      }),
    ).toBeNull();
    expect(said.length).toBe(2);
    expect(() => partWarp({ ...input, seams: [] }, way([]))).toThrow(RangeFault);
  });
});

describe('what is cut before anything is welded', () => {
  const open = (seams: readonly WarpSeam[]) => partGrid({ ...butt(), seams, beyond: 0.03 }, way([]));

  it('is the whole line of a butt up to the edges, and nothing under a T', () => {
    const { grid, open: cut } = open([seam('A', [0.05, 0], [0.05, 0.1])]);
    expect(cut.size).toBe(grid.rows);
    expect(open([seam('A', [0.05, 0], [0.05, 0.1], { parts: false })]).open.size).toBe(0);
  });

  it('does not take a seam that ends on another for the edge of the sheet', () => {
    const { grid, open: cut } = open([
      seam('A', [0.08, 0], [0.08, 0.2]),
      seam('B', [0.086, 0.1], [0.25, 0.1]),
    ]);
    expect(grid.left).toBeLessThan(0.06);
    // Cut up to the other's line, though it was drawn 6 mm short of it.
    const row = Math.floor((0.1 - grid.top) / grid.side);
    const columns = [...cut].filter((cell) => Math.floor(cell / grid.columns) === row);
    const first = Math.min(...columns.map((cell) => cell % grid.columns));
    expect(columns.length).toBe(grid.columns - first);
  });

  it('ends inside the sheet where the seam does', () => {
    const seams = [
      seam('A', [0, 0], [0.1, 0], { parts: false }),
      seam('B', [0, 0.1], [0.1, 0.1], { parts: false }),
      seam('C', [0.05, 0.03], [0.05, 0.07]),
    ];
    const { grid, open: cut } = open(seams);
    expect(cut.size * grid.side).toBeLessThan(0.05);
  });

  it('has tacks where they are set', () => {
    const input = { ...butt(), seams: [seam('A', [0.05, 0], [0.05, 0.1], { tacks: [0, 0.1, 0.05] })] };
    const tacks = (more: Partial<PartWay>) => partGrid(input, way([], more)).tacks.size;
    expect([tacks({}), tacks({ tacks: 'twiceAsClose' }), tacks({ tacks: 'none' })]).toEqual([3, 5, 0]);
  });
});

describe('the lengths of a seam', () => {
  const input = butt({}, { seams: [seam('A', [0, 0], [0.3, 0])] });
  const grid = flatGrid({ left: 0, right: 0.3, top: -0.05, bottom: 0.05 }, 0.01);
  const pull = { shrinkage: 1e-4, turn: 0.01, pull: 1000 };
  const starts = (more: Partial<PartWay>) =>
    weldSteps(input, way(['A'], more), grid, () => pull).map(({ cells }) => cells[0]!.cell % 30);

  it('run on, in steps back, from the middle out and in stitches', () => {
    const onward = starts({});
    expect(onward).toEqual([...onward].sort((one, other) => one - other));
    const back = starts({ run: 'backStep' });
    expect(back.slice(0, 3)).toEqual([onward[2], onward[1], onward[0]]);
    expect([...back].sort((one, other) => one - other)).toEqual(onward);
    expect(Math.abs(starts({ run: 'middleOut' })[0]! - 15)).toBeLessThanOrEqual(3);
    expect(starts({ inStitches: true })).toEqual([0, 6, 12, 18, 24]);
  });

  it('from both sides turn back most of the way, with more heat in all', () => {
    const steps = weldSteps(input, way(['A'], { fromBothSides: true }), grid, () => pull);
    const whole = (of: 'turn' | 'shrinkage') => steps.reduce((sum, each) => sum + each[of], 0);
    const plain = weldSteps(input, way(['A']), grid, () => pull);
    expect(whole('turn') / (plain.length * 0.01)).toBeCloseTo(0.18, 9);
    expect(whole('shrinkage') / (plain.length * 1e-4)).toBeCloseTo(1.2, 9);
  });
});

describe('the middle of a part first', () => {
  it('goes outwards, and keeps what has to come before', () => {
    const seams = [
      seam('left', [0, 0], [0, 0.1]),
      seam('middle', [0.1, 0], [0.1, 0.1]),
      seam('near', [0.13, 0], [0.13, 0.1]),
      seam('right', [0.2, 0], [0.2, 0.1]),
    ];
    expect(middleFirst(seams)[0]).toBe('middle');
    expect(middleFirst(seams)[1]).toBe('near');
    const linked = seams.map((each) => (each.mark === 'middle' ? { ...each, after: ['right'] } : each));
    const marks = middleFirst(linked);
    expect(marks.indexOf('right')).toBeLessThan(marks.indexOf('middle'));
    expect(middleFirst(linked.map((each) => ({ ...each, after: ['gone'] })))).toHaveLength(4);
  });
});
