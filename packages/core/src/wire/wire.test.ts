import fc from 'fast-check';
import { findMetal, metalTable, type MetalId } from '../metal/index.js';
import { usualPractice } from '../practice/index.js';
import { inMm, inSquareMm, metre, mm, mmPerSecond, second, squareMetre, watt } from '../quantity/index.js';
import {
  dressingLeft,
  fillerPurposes,
  fillers,
  fillersFor,
  fillerTable,
  nozzleWarming,
  paceAgainstWire,
  planPasses,
  spoolLeft,
  travelFromWire,
  wireArea,
  wireDiameterFor,
  wireDiameters,
  wireForSeam,
  wireForTravel,
  wireName,
} from './index.js';

describe('the pace the wire sets', () => {
  it('lays down exactly what the seam needs', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...wireDiameters),
        fc.double({ min: 1, max: 60, noNaN: true }),
        fc.double({ min: 0.1, max: 4, noNaN: true }),
        (diameter, speed, fillMm2) => {
          const fill = squareMetre(fillMm2 * 1e-6);
          const travel = travelFromWire(diameter, mmPerSecond(speed), fill);
          expect(travel * fill).toBeCloseTo(wireArea(diameter) * mmPerSecond(speed), 15);
          expect(wireForTravel(diameter, travel, fill)).toBeCloseTo(mmPerSecond(speed), 12);
        },
      ),
    );
  });
});

describe('wire by thickness', () => {
  it('is never thinner for a thicker sheet, is one a feeder carries, and says why', () => {
    let last = 0;
    for (let thickness = 0.3; thickness <= 12; thickness += 0.1) {
      const { diameter, reason } = wireDiameterFor(mm(thickness));
      expect(wireDiameters).toContain(diameter);
      expect(inMm(diameter)).toBeGreaterThanOrEqual(last);
      expect(reason).not.toBe('');
      last = inMm(diameter);
    }
    expect(last).toBe(1.6);
  });
});

describe('fillers', () => {
  const metals = Object.values(metalTable);
  const advice = (first: MetalId, second: MetalId) => fillersFor(findMetal(first), findMetal(second));

  it('do not mind which metal is named first, and give a reason for each', () => {
    for (const first of metals) {
      for (const second of metals) {
        const there = fillersFor(first, second);
        expect(there.options).toEqual(fillersFor(second, first).options);
        for (const { filler, purpose, why } of there.options) {
          expect(fillers).toContain(filler);
          expect(fillerPurposes).toContain(purpose);
          expect(why).not.toBe('');
        }
        if (there.options.length === 0) expect(there.warnings[0]).toMatch(/do not weld by melting/);
      }
    }
  });

  it.each<[MetalId, MetalId, string]>([
    ['lowCarbonSteel', 'galvanised', 'G3Si1'],
    ['stainless304', 'lowCarbonSteel', '309L'],
    ['stainless304', 'stainless316', '316L'],
    ['aluminium6061', 'aluminium6082', '4043'],
    ['aluminium5052', 'aluminium5083', '5356'],
    ['copper', 'lowCarbonSteel', 'CuSi3'],
    ['titanium2', 'titanium2', 'TiGr2'],
    ['nickel625', 'stainless316', 'NiCr22Mo9'],
  ])('of %s and %s start with %s', (first, second, filler) => {
    expect(advice(first, second).options[0]?.filler).toBe(filler);
  });

  it('are there for what the seam is for', () => {
    const purposes = (id: MetalId) => advice(id, id).options.map(({ purpose }) => purpose);
    expect(purposes('stainless304')).toContain('food');
    expect(purposes('aluminium6061')).toEqual(expect.arrayContaining(['crackSafe', 'strength', 'anodising']));
  });

  it('follow the shop’s school on soft aluminium only', () => {
    const magnesium = { ...usualPractice, softAluminiumFiller: 'magnesium' } as const;
    const first = (id: MetalId) => fillersFor(findMetal(id), findMetal(id), magnesium).options[0]?.filler;
    expect(first('aluminium6061')).toBe('5356');
    expect(first('aluminium3003')).toBe('5356');
    expect(first('stainless304')).toBe('308L');
  });

  it('come with the pair’s warnings', () => {
    expect(advice('aluminium6061', 'aluminium6061').warnings.join()).toContain('Cracks along the middle');
    expect(advice('aluminium6061', 'aluminium6061').withoutWire).toBe('risky');
    expect(advice('brass', 'brass').warnings.join()).toContain('Zinc boils off');
    expect(advice('galvanised', 'lowCarbonSteel').warnings.join()).toContain('Zinc boils off');
    expect(advice('copper', 'copper').warnings.join()).toContain('Reflects nearly all');
    expect(advice('stainless304', 'stainless304')).toMatchObject({ withoutWire: 'fine', warnings: [] });
    expect(advice('stainless304', 'lowCarbonSteel').withoutWire).toBe('no');
    expect(advice('aluminium5052', 'lowCarbonSteel')).toMatchObject({ options: [], withoutWire: 'no' });
  });

  it.each<[MetalId, MetalId, string]>([
    ['stainless304', 'stainless304', 'fine'],
    ['stainless304', 'stainless316', 'fine'],
    ['stainless316', 'stainless304', 'fine'],
    ['lowCarbonSteel', 'galvanised', 'fine'],
    ['aluminium5052', 'aluminium5083', 'fine'],
    ['aluminium6082', 'aluminium6061', 'risky'],
    ['brass', 'brass', 'risky'],
    ['copper', 'copper', 'risky'],
    ['stainless316', 'lowCarbonSteel', 'no'],
    ['copper', 'lowCarbonSteel', 'no'],
    ['aluminium5052', 'aluminium6061', 'no'],
  ])('of %s and %s can be left out: %s', (first, second, without) => {
    expect(advice(first, second).withoutWire).toBe(without);
  });

  it('are sold under a name, or said in hundredths of a millimetre', () => {
    expect(wireName(mm(1.2))).toBe('1.2 mm');
    expect(wireName(mm(1.1))).toBe('1.10 mm');
  });

  it('have the density of their metal', () => {
    for (const filler of fillers) {
      expect(fillerTable[filler].density).toBeGreaterThan(2500);
      expect(fillerTable[filler].density).toBeLessThan(9000);
      expect(fillerTable[filler].source).toContain('standard');
    }
  });
});

describe('a run of wire', () => {
  const seam = {
    diameter: mm(0.8),
    travel: mmPerSecond(8),
    fill: squareMetre(0.5e-6),
    seam: metre(2),
    density: 7900,
  };
  it('weighs what it fills', () => {
    const run = wireForSeam(seam);
    expect(run.mass).toBeCloseTo(0.5e-6 * 2 * 7900, 12);
    expect(run.wire * wireArea(mm(0.8))).toBeCloseTo(1e-6, 12);
    expect(travelFromWire(mm(0.8), run.speed, seam.fill)).toBeCloseTo(0.008, 12);
    const left = spoolLeft(5, run.mass / 2, metre(100));
    expect(left.left).toBeCloseTo(5 - (run.mass / 2) * 100, 9);
    expect(left.seam).toBeCloseTo(10 / run.mass, 6);
    expect(spoolLeft(0.1, 0.01, metre(20)).left).toBeLessThan(0);
  });

  it('is followed, hurried past or held back by the hand', () => {
    expect(paceAgainstWire(mmPerSecond(8.4), mmPerSecond(8)).by).toBe('wire');
    expect(paceAgainstWire(mmPerSecond(6), mmPerSecond(8))).toMatchObject({
      by: 'heldBack',
      fillShare: 8 / 6,
    });
    const words = (hand: number) => paceAgainstWire(mmPerSecond(hand), mmPerSecond(8)).words;
    expect(words(10)).toBe('the hand is ahead of the wire: the bead gets 20 % too little');
    expect(words(6.4)).toBe('the hand holds back: 25 % more metal piles up than wanted');
    expect(words(8.7)).toBe('the hand goes along with the wire');
    expect(words(7.3)).toBe('the hand goes along with the wire');
    expect(words(8.9)).not.toBe('the hand goes along with the wire');
    expect(words(7.1)).not.toBe('the hand goes along with the wire');
  });

  it('takes more passes for more metal, each as large as the next', () => {
    const groove = {
      bead: mm(3),
      diameter: mm(1.2),
      fastestWire: mmPerSecond(60),
      slowestTravel: mmPerSecond(5),
    };
    const one = planPasses({ ...groove, fill: squareMetre(5e-6) });
    expect(one).toMatchObject({ passes: 1, why: 'one pass carries it' });
    const many = planPasses({ ...groove, fill: squareMetre(30e-6) });
    expect(many.passes).toBe(5);
    expect(many.passes * many.perPass).toBeCloseTo(30e-6, 12);
    expect(many.why).toContain('sags');
    const slow = planPasses({ ...groove, fastestWire: mmPerSecond(10), fill: squareMetre(5e-6) });
    expect(slow.passes).toBe(3);
    expect(slow.why).toContain('feeder');
  });
});

describe('a nozzle', () => {
  const run = { bore: mm(5), spotAtMouth: mm(1), meanPower: watt(1500), run: second(120) };
  it('runs hotter the nearer the sweep comes to its bore, and then wants rests', () => {
    const narrow = nozzleWarming({ ...run, wobbleWidth: mm(2) });
    const wide = nozzleWarming({ ...run, wobbleWidth: mm(4) });
    expect(wide.rise).toBeGreaterThan(2 * narrow.rise);
    expect(narrow).toMatchObject({ longestRun: Infinity, rest: 0, restsInRun: 0 });
    expect(wide.longestRun).toBeLessThan(120);
    expect(wide.restsInRun).toBeGreaterThanOrEqual(1);
    expect(wide.rest).toBeGreaterThan(10);
    // Walked second by second: warm to 150 K, rest to half, again, until the run is done.
    const final = wide.rise / -Math.expm1(-120 / 60);
    let [warmth, welded, rests] = [0, 0, 0];
    for (const step = 0.01; welded < 120; welded += step) {
      if (warmth >= 150) [warmth, rests] = [75, rests + 1];
      warmth += ((final - warmth) * step) / 60;
    }
    expect(wide.restsInRun).toBe(rests);
    expect(nozzleWarming({ ...run, wobbleWidth: mm(4), run: second(5) })).toMatchObject({
      rest: 0,
      restsInRun: 0,
    });
  });

  it('stays as it is where no time passes', () => {
    expect(nozzleWarming({ ...run, wobbleWidth: mm(3), run: second(0) }).rise).toBeCloseTo(0, 12);
  });
});

describe('dressing', () => {
  it('is crown and root, and takes longer on a hard metal', () => {
    const bead = {
      crownArea: squareMetre(0.6e-6),
      rootArea: squareMetre(0.2e-6),
      faceWidth: mm(3),
      rootWidth: mm(1),
    };
    const stainless = dressingLeft(bead, findMetal('stainless304'));
    expect(inSquareMm(stainless.area)).toBeCloseTo(0.8, 12);
    expect(stainless.minutesPerMetre).toBeCloseTo(800 / 600 + 2 + 0.5, 9);
    expect(dressingLeft(bead, findMetal('aluminium5052')).minutesPerMetre).toBeLessThan(
      stainless.minutesPerMetre,
    );
    const flush = dressingLeft(
      { ...bead, crownArea: squareMetre(0), rootArea: squareMetre(0) },
      findMetal('copper'),
    );
    expect(flush.minutesPerMetre).toBe(0.5);
  });
});
