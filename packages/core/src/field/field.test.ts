import fc from 'fast-check';
import { thickPlateTemperature, thinPlateTemperature } from '../heat/index.js';
import { findMetal } from '../metal/index.js';
import { hertz, kelvin, mm } from '../quantity/index.js';
import { numberStream } from '../testing/numberStream.js';
import { alongModes } from './alongModes.js';
import { factorBand, substituteBand } from './bandCholesky.js';
import { bandOrder } from './bandOrder.js';
import { boilingOff } from './boilingOff.js';
import { coolSection } from './coolSection.js';
import { cutSection, halfPlate } from './crossSection.js';
import { fieldAt } from './fieldAt.js';
import { gradedLine, meshLine } from './gradedLine.js';
import { lightSource } from './lightSource.js';
import { modalSolver, plainModalSolver } from './modalSolver.js';
import {
  enthalpyOfPotential,
  phaseLaw,
  phaseLawOf,
  riseOfEnthalpy,
  riseOfPotential,
  type PhaseLaw,
} from './phaseLaw.js';
import { factorOne, substituteOne } from '../numeric/index.js';
import { solveSteady } from './steadyField.js';
import { steadyResidualInto } from './steadyBalance.js';

const stainless = findMetal('stainless304');

/** Half of a sheet with a weave of 2.5 mm on it, cut finely around the gun. */
function halfSheet(law: PhaseLaw, { thickness = 2e-3, travel = 8e-3, fine = 0.2e-3, width = 10e-3 } = {}) {
  const length = law.solidConductivity / law.capacity / travel;
  const along = gradedLine({
    from: -Math.max(6 * length, 3e-3),
    to: Math.max(12 * length, 12e-3),
    fineFrom: -0.6e-3,
    fineTo: 1.5e-3,
    fine,
    growth: 1.08,
  });
  const across = gradedLine({
    from: 0,
    to: Math.max(12 * length, width),
    fineFrom: 0,
    fineTo: 1.6e-3,
    fine,
    growth: 1.08,
  });
  const down = gradedLine({
    from: 0,
    to: thickness,
    fineFrom: 0,
    fineTo: thickness,
    fine: thickness / 8,
    growth: 1,
  });
  return { law, travel, along, section: halfPlate(across, down), thickness };
}

function weld(absorbed: number, sheet = halfSheet(phaseLawOf(stainless)), boils = true) {
  const source = lightSource(
    {
      absorbed: absorbed / 2,
      spot: 0.15e-3,
      wobble: { shape: 'sideToSide', width: mm(2.5), frequency: hertz(60) },
      columnShare: 0.7,
      columnDepth: sheet.thickness,
      at: [0, 0],
      from: [0, -1],
    },
    sheet.section,
    sheet.along,
  );
  const losses = { toAir: () => 30, boiling: boils ? boilingOff(stainless, kelvin(293)) : null };
  return { ...sheet, source, losses };
}

describe('the phase law', () => {
  it('gives the same rise by enthalpy and by potential', () => {
    const law = phaseLawOf(stainless);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1.5 * law.potentialAtLiquidus, noNaN: true }), (potential) => {
        expect(riseOfEnthalpy(law, enthalpyOfPotential(law, potential))).toBeCloseTo(
          riseOfPotential(law, potential),
          6,
        );
      }),
    );
  });

  it('takes the heat of melting between solidus and liquidus', () => {
    const law = phaseLawOf(stainless);
    const sensible = law.capacity * (law.liquidus - law.solidus);
    expect(law.enthalpyAtLiquidus - law.enthalpyAtSolidus).toBeCloseTo(sensible + law.latent, 3);
  });

  it('refuses a melting range of nothing', () => {
    const input = { ...stainless, start: kelvin(293), melting: stainless.meltingPoint, mushyRange: 0 };
    expect(() => phaseLaw(input)).toThrow(/melting range 0/);
  });
});

describe('a graded line', () => {
  it('reaches both ends, stays fine where it is asked and grows by no more than it may', () => {
    const ends = fc.record({
      before: fc.double({ min: 0.5, max: 60, noNaN: true }),
      after: fc.double({ min: 0.5, max: 60, noNaN: true }),
      fine: fc.double({ min: 0.05, max: 0.4, noNaN: true }),
      growth: fc.double({ min: 1.02, max: 1.2, noNaN: true }),
    });
    fc.assert(
      fc.property(ends, ({ before, after, fine, growth }) => {
        const line = gradedLine({ from: -before, to: 1 + after, fineFrom: 0, fineTo: 1, fine, growth });
        expect(line.edges[0]).toBeCloseTo(-before, 9);
        expect(line.edges.at(-1)).toBeCloseTo(1 + after, 9);
        line.widths.forEach((width, cell) => {
          const middle = line.centres[cell] as number;
          const inner = line.widths[middle < 0 ? cell + 1 : cell - 1] ?? width;
          if (middle > 0 && middle < 1) expect(width).toBeLessThan(fine + 1e-9);
          else expect(width / inner).toBeLessThan(growth * 1.000001);
        });
      }),
    );
  });
});

describe('a section', () => {
  it('numbers cells so that linked ones lie near each other', () => {
    const rows = 4;
    const chain = Array.from({ length: 3 * rows - 1 }, (_, i) => ({ from: i, to: i + 1, factor: 1 }));
    const order = bandOrder(3 * rows, chain);
    expect(new Set(order).size).toBe(3 * rows);
    for (const { from, to } of chain)
      expect(Math.abs((order[from] as number) - (order[to] as number))).toBe(1);
  });

  it('counts the edges that air touches and those that the light sees', () => {
    const line = meshLine(Float64Array.of(0, 1, 2, 3));
    // A standing sheet on a lying one: light from the upper right.
    const sheet = Uint8Array.of(2, 0, 0, 2, 0, 0, 1, 1, 1);
    const section = cutSection({
      across: line,
      down: line,
      sheet,
      isMirrored: false,
      lightFrom: [Math.SQRT1_2, -Math.SQRT1_2],
      contactLength: () => 0,
    });
    expect(section.cells).toBe(5);
    expect(section.open.reduce((sum, each) => sum + each, 0)).toBe(12);
    expect(section.lit.reduce((sum, each) => sum + each, 0)).toBeCloseTo(6 * Math.SQRT1_2, 12);
  });

  it('lets two sheets that only touch pass less', () => {
    const input = {
      across: meshLine(Float64Array.of(0, 1)),
      down: meshLine(Float64Array.of(0, 1, 2)),
      sheet: Uint8Array.of(1, 2),
      isMirrored: false,
      lightFrom: [0, -1] as const,
    };
    expect(cutSection({ ...input, contactLength: () => 0 }).linkFactor[0]).toBe(1);
    expect(cutSection({ ...input, contactLength: () => 3 }).linkFactor[0]).toBe(0.25);
  });
});

describe('the solver of plain metal', () => {
  it('gives the same compiled as plain, and what it gives solves the problem', () => {
    const sheet = halfSheet(phaseLawOf(stainless), { fine: 0.4e-3 });
    const modes = alongModes(sheet.along, sheet.travel / 5.4e-6);
    const random = numberStream(7);
    const values = Float64Array.from({ length: sheet.section.cells * modes.count }, () => random() - 0.5);
    const plain = values.slice();
    plainModalSolver(sheet.section, modes, { open: 1, bar: 0.02 }).solve(plain);
    const compiled = values.slice();
    modalSolver(sheet.section, modes, { open: 1, bar: 0.02 }).solve(compiled);
    const largest = Math.max(...plain.map(Math.abs));
    compiled.forEach((value, at) =>
      expect(Math.abs(value - (plain[at] as number))).toBeLessThan(1e-9 * largest),
    );
  });
});

describe('the steady field', () => {
  it('closes its energy and says where the power goes', () => {
    const problem = weld(840);
    const field = solveSteady(problem);
    expect(field.isConverged).toBe(true);
    const { absorbed, carriedAway, ahead, toAir, boiledOff, missing } = field.account;
    expect(absorbed).toBeCloseTo(420, 6);
    expect(Math.abs(missing)).toBeLessThan(0.01 * absorbed);
    expect(carriedAway + ahead + toAir + boiledOff).toBeCloseTo(absorbed - missing, 6);
    expect(carriedAway).toBeGreaterThan(0.7 * absorbed);
  });

  it('is nowhere colder with more power', () => {
    const sheet = halfSheet(phaseLawOf(stainless), { fine: 0.3e-3 });
    const effort = { tolerance: 1e-5 };
    const less = solveSteady(weld(600, sheet), effort).potential;
    const more = solveSteady(weld(700, sheet), effort).potential;
    const most = Math.max(...more);
    less.forEach((value, at) => expect(more[at] as number).toBeGreaterThan(value - 1e-3 * most));
  });

  it('is the same on both sides where the whole plate is taken', () => {
    const law = phaseLawOf(stainless);
    const half = halfSheet(law, { fine: 0.4e-3, width: 6e-3 });
    const { edges } = half.section.across;
    const across = meshLine(
      Float64Array.from([
        ...edges
          .slice(1)
          .reverse()
          .map((edge) => -edge),
        ...edges,
      ]),
    );
    const sheet = new Uint8Array(across.widths.length * half.section.down.widths.length).fill(1);
    const whole = cutSection({
      across,
      down: half.section.down,
      sheet,
      isMirrored: false,
      lightFrom: [0, -1],
      contactLength: () => 0,
    });
    const ofHalf = weld(700, half);
    const ofWhole = weld(1400, { ...half, section: whole });
    const effort = { tolerance: 1e-6 };
    const [a, b] = [solveSteady(ofHalf, effort), solveSteady(ofWhole, effort)];
    const at = (y: number) => riseOfPotential(law, fieldAt(whole, half.along, b.potential, 2e-3, y, 0));
    expect(at(1.3e-3)).toBeCloseTo(at(-1.3e-3), 1);
    expect(at(1.3e-3)).toBeCloseTo(
      riseOfPotential(law, fieldAt(half.section, half.along, a.potential, 2e-3, 1.3e-3, 0)),
      0,
    );
  });

  it('says so where it has not settled, and stops when told', () => {
    const problem = weld(840);
    expect(solveSteady(problem, { mostSteps: 3 }).isConverged).toBe(false);
    const stopped = solveSteady(problem, { goOn: (step) => step < 4 });
    expect(stopped.isConverged).toBe(false);
    expect(stopped.steps).toBe(4);
  });

  it('holds the surface near the boiling point', () => {
    const sheet = halfSheet(phaseLawOf(stainless));
    const capped = solveSteady(weld(1200, sheet));
    const open = solveSteady(weld(1200, sheet, false));
    const hottest = (potential: Float64Array) => riseOfPotential(sheet.law, Math.max(...potential)) + 293;
    expect(hottest(open.potential)).toBeGreaterThan(hottest(capped.potential) + 300);
    expect(hottest(capped.potential)).toBeLessThan(1.15 * stainless.boilingPoint);
  });

  // Metal that never melts, light on a point: Rosenthal's closed forms from 10 mm on.
  const conducting = (conductivity: number): PhaseLaw =>
    phaseLaw({
      ...stainless,
      conductivity,
      liquidConductivity: conductivity,
      latentHeat: 0,
      start: kelvin(293),
      melting: kelvin(1e7),
      mushyRange: 60,
    });

  it.each([
    { plate: 'thin', thickness: 1e-3, conductivity: 60 },
    { plate: 'thick', thickness: 80e-3, conductivity: 60 },
  ])(
    'agrees with Rosenthal on a $plate plate within 3 % from 10 mm on',
    ({ plate, thickness, conductivity }) => {
      const law = conducting(conductivity);
      const travel = 5e-3;
      const length = law.solidConductivity / law.capacity / travel;
      const cut = { fineFrom: 0, fineTo: 2e-3, fine: 0.3e-3, growth: 1.08 };
      const along = gradedLine({ ...cut, from: -12 * length, to: 18 * length, fineFrom: -2e-3 });
      const across = gradedLine({ ...cut, from: 0, to: 12 * length });
      const down =
        plate === 'thin'
          ? gradedLine({ ...cut, from: 0, to: thickness, fine: thickness / 4 })
          : gradedLine({ ...cut, from: 0, to: thickness });
      const section = halfPlate(across, down);
      const light = { spot: 1e-3, wobble: { shape: 'none' }, at: [0, 0], from: [0, -1] } as const;
      const column =
        plate === 'thin' ? { columnShare: 1, columnDepth: thickness } : { columnShare: 0, columnDepth: 1e-3 };
      const source = lightSource({ ...light, ...column, absorbed: 500 }, section, along);
      const { potential } = solveSteady({
        law,
        section,
        along,
        travel,
        source,
        losses: { toAir: () => 0, boiling: null },
      });
      const moving = {
        absorbed: 1000,
        conductivity,
        diffusivity: conductivity / law.capacity,
        travel,
        start: kelvin(293),
      };
      for (const [x, y] of [
        [-10, 0],
        [-20, 0],
        [-14, 7],
        [0, 10],
        [-10, 12],
        [-30, 5],
      ] as const) {
        const [ahead, aside] = [x / 1000, y / 1000];
        const wanted =
          (plate === 'thin'
            ? thinPlateTemperature(moving, thickness, ahead, aside)
            : thickPlateTemperature(moving, ahead, aside, 0)) - 293;
        const found = fieldAt(section, along, potential, -ahead, aside, 0) / conductivity;
        expect(Math.abs(found / wanted - 1)).toBeLessThan(0.03);
      }
    },
  );

  // A field that is made up, and the source that it would need: what is missing shrinks with the square of the cell.
  it('is of second order on a field made up for it', () => {
    const missingAt = (cells: number) => {
      const line = (length: number) =>
        meshLine(Float64Array.from({ length: cells + 1 }, (_, i) => (length * i) / cells));
      const law = conducting(25);
      const [along, across, down] = [line(8e-3), line(4e-3), line(2e-3)];
      const section = halfPlate(across, down);
      const travel = 2e-3;
      const rate = (travel * law.capacity) / 25;
      const wave = (s: number, y: number, z: number) =>
        Math.sin((Math.PI * s) / 16e-3) * Math.cos((Math.PI * y) / 4e-3) * Math.cos((Math.PI * z) / 2e-3);
      const needed = (s: number, y: number, z: number) => {
        const bent = (Math.PI / 16e-3) ** 2 + (Math.PI / 4e-3) ** 2 + (Math.PI / 2e-3) ** 2;
        const carried =
          rate *
          (Math.PI / 16e-3) *
          Math.cos((Math.PI * s) / 16e-3) *
          Math.cos((Math.PI * y) / 4e-3) *
          Math.cos((Math.PI * z) / 2e-3);
        return bent * wave(s, y, z) + carried;
      };
      const count = along.widths.length;
      const source = new Float64Array(section.cells * count);
      for (let cell = 0; cell < section.cells; cell++)
        for (let i = 0; i < count; i++) {
          const volume =
            (section.width[cell] as number) * (section.height[cell] as number) * (along.widths[i] as number);
          source[cell * count + i] =
            volume * needed(along.centres[i] as number, section.y[cell] as number, section.z[cell] as number);
        }
      const problem = { law, section, along, travel, source, losses: { toAir: () => 0, boiling: null } };
      const { potential } = solveSteady(problem, { tolerance: 1e-8 });
      let worst = 0;
      for (let cell = 0; cell < section.cells; cell++)
        for (let i = 0; i < count; i++) {
          const wanted = wave(
            along.centres[i] as number,
            section.y[cell] as number,
            section.z[cell] as number,
          );
          worst = Math.max(worst, Math.abs((potential[cell * count + i] as number) - wanted));
        }
      return worst;
    };
    const [coarse, middle, fine] = [10, 20, 40].map(missingAt);
    expect(Math.log2((coarse as number) / (middle as number))).toBeGreaterThan(1.8);
    expect(Math.log2((middle as number) / (fine as number))).toBeGreaterThan(1.9);
  });

  it('has nothing missing where nothing is let in', () => {
    const sheet = halfSheet(phaseLawOf(stainless), { fine: 0.5e-3 });
    const source = new Float64Array(sheet.section.cells * sheet.along.widths.length);
    const into = new Float64Array(source.length);
    const problem = { ...sheet, source, losses: { toAir: () => 30, boiling: null } };
    expect(steadyResidualInto(problem, new Float64Array(source.length), into)).toBe(0);
  });
});

describe('a section that cools', () => {
  const law = phaseLawOf(stainless);
  const { section } = halfSheet(law, { fine: 0.25e-3 });
  const area = (cell: number) => section.width[cell]! * section.height[cell]!;
  const held = (potential: Float64Array) =>
    potential.reduce((sum, each, cell) => sum + area(cell) * enthalpyOfPotential(law, each), 0);
  const molten = () => Float64Array.from(section.y, (y) => (y < 1.5e-3 ? 1.2 * law.potentialAtLiquidus : 0));

  it('keeps its heat while it freezes, and gives it away to air', () => {
    const [shut, open] = [molten(), molten()];
    const before = held(shut);
    for (const seconds of [0.01, 0.03, 0.1, 0.3, 1, 3]) {
      coolSection({ law, section, toAir: () => 0 }, shut, seconds);
      coolSection({ law, section, toAir: () => 40 }, open, seconds);
    }
    expect(Math.abs(held(shut) / before - 1)).toBeLessThan(2e-3);
    expect(held(open)).toBeLessThan(0.99 * before);
    expect(Math.max(...shut)).toBeLessThan(law.potentialAtSolidus);
  });

  it('is solved by one triangle as by many side by side', () => {
    const [cells, bandwidth] = [12, 3];
    const random = numberStream(3);
    const band = Float64Array.from({ length: cells * (bandwidth + 1) }, (_, at) =>
      at % (bandwidth + 1) === 0
        ? 4 + random()
        : at % (bandwidth + 1) <= Math.floor(at / (bandwidth + 1))
          ? -random() / 2
          : 0,
    );
    const right = Float64Array.from({ length: cells }, () => random());
    const [bandOfOne, one, bandOfMany, many] = [band.slice(), right.slice(), band.slice(), right.slice()];
    factorOne(bandOfOne, cells, bandwidth);
    substituteOne(bandOfOne, one, cells, bandwidth);
    factorBand(bandOfMany, cells, bandwidth, 1);
    substituteBand(bandOfMany, many, cells, bandwidth, 1);
    one.forEach((value, cell) => expect(value).toBeCloseTo(many[cell]!, 12));
  });
});
