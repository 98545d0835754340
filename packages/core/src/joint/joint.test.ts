import fc from 'fast-check';
import { degree, inDegrees, inMm, inSquareMm, mm, second, type Metre } from '../quantity/index.js';
import { metalTable } from '../metal/index.js';
import {
  backingFor,
  beamAim,
  gapAsKnob,
  gapBorne,
  gasShelter,
  heatDirectionsWhy,
  jointKinds,
  jointOutline,
  jointThermal,
  metalNeeded,
  notInTheModel,
  nozzleFor,
  seamOf,
  seamStitches,
  thinnerSheet,
  weldedLength,
  type Joint,
  type JointKind,
  type PolygonMm,
} from './index.js';

interface Sizes {
  first: number;
  second: number;
  gap?: number;
}

/** A joint of a kind with ordinary sizes. */
function made(kind: JointKind, { first, second: other, gap = 0 }: Sizes): Joint {
  const sheets = { firstThickness: mm(first), secondThickness: mm(other), gap: mm(gap) };
  switch (kind) {
    case 'tee':
      return { kind, ...sheets, leg: mm(3), sides: 2 };
    case 'insideCorner':
      return { kind, ...sheets, leg: mm(3) };
    case 'flareGroove':
    case 'tubeToPlate':
      return { kind, ...sheets, leg: mm(3), tubeRadius: mm(12) };
    case 'tubeButt':
      return { kind, ...sheets, tubeRadius: mm(12) };
    case 'plug':
      return { kind, ...sheets, holeDiameter: mm(4) };
    case 'tack':
      return { kind, on: { kind: 'butt', ...sheets }, length: mm(3), lightOn: second(0.6) };
    case 'butt':
    case 'lap':
    case 'outsideCorner':
    case 'edge':
      return { kind, ...sheets };
  }
}

const sheet = fc.double({ min: 0.3, max: 6, noNaN: true });
const kinds = fc.constantFrom(...jointKinds);
const usual = { first: 2, second: 1.5 };

describe('the heat’s directions', () => {
  it.each<[JointKind, number, number]>([
    ['butt', 1.5, 3.5 / 1.5],
    ['tubeButt', 1.5, 3.5 / 1.5],
    ['tack', 1.5, 3.5 / 1.5],
    ['lap', 2 + 0.4 * 1.5, 7 / 2.6],
    ['tee', 0.7 * 3 + 0.2 * 1.5, 5.5 / 2.4],
    ['tubeToPlate', 2.4, 5.5 / 2.4],
    ['insideCorner', 2.4, 3.5 / 2.4],
    ['flareGroove', (5 / 16) * 3 + 0.2 * 2, 7 / ((5 / 16) * 3 + 0.2 * 2)],
    ['plug', 0.7 * 2 + 0.2 * 1.5, 5 / 1.7],
    ['outsideCorner', 1.5, 3.5 / 1.5],
    ['edge', 1.5, 3.5 / 1.5],
  ])('of a %s of 2 and 1.5 mm: %d mm to melt, %d ways', (kind, thicknessMm, ways) => {
    const { thickness, heatDirections } = jointThermal(made(kind, usual));
    expect(inMm(thickness)).toBeCloseTo(thicknessMm, 9);
    expect(heatDirections).toBeCloseTo(ways, 9);
    expect(heatDirectionsWhy(made(kind, usual))).toMatch(/heat|sheets/);
  });

  it('of an edge and of an outside corner are those of a butt of the same sheets: each is one folded', () => {
    fc.assert(
      fc.property(sheet, sheet, (first, other) => {
        const butt = jointThermal(made('butt', { first, second: other }));
        expect(jointThermal(made('edge', { first, second: other }))).toEqual(butt);
        expect(jointThermal(made('outsideCorner', { first, second: other }))).toEqual(butt);
      }),
    );
  });

  it('do not mind which side of a butt is named first', () => {
    fc.assert(
      fc.property(sheet, sheet, (first, other) => {
        expect(jointThermal(made('butt', { first, second: other }))).toEqual(
          jointThermal(made('butt', { first: other, second: first })),
        );
      }),
    );
  });

  it('of a bevelled butt are counted at its land', () => {
    const bevel = { land: mm(1), includedAngle: degree(60) };
    const { thickness, heatDirections } = jointThermal({
      ...made('butt', { first: 4, second: 4 }),
      kind: 'butt',
      bevel,
    } as Joint);
    expect(inMm(thickness)).toBe(1);
    expect(heatDirections).toBeCloseTo(8, 9);
  });
});

describe('a joint that cannot be', () => {
  it.each<[string, Joint, string]>([
    ['sheet', made('butt', { first: 0.2, second: 1 }), 'thickness 0.2 mm: allowed is 0.3 to 12 mm.'],
    ['second sheet', made('lap', { first: 1, second: 13 }), 'thickness 13 mm'],
    ['no number', made('edge', { first: NaN, second: 1 }), 'thickness NaN mm'],
    [
      'gap below nothing',
      made('butt', { first: 1, second: 2, gap: -0.1 }),
      'gap -0.1 mm: allowed is 0 to 1 mm, the thinner sheet’s thickness. Re-fit the parts',
    ],
    ['gap', made('tee', { first: 1, second: 2, gap: 1.5 }), 'gap 1.5 mm'],
    ['tack', { ...made('tack', usual), length: mm(50) } as Joint, 'tack 50 mm: allowed is 0.5 to 30 mm.'],
    ['tack’s time', { ...made('tack', usual), lightOn: second(0) } as Joint, 'time of a tack 0 s'],
    ['leg', { ...made('tee', usual), leg: mm(20) } as Joint, 'leg 20 mm: allowed is 0.05 to 12 mm.'],
    ['tube', { ...made('tubeToPlate', usual), tubeRadius: mm(1) } as Joint, 'tube radius 1 mm'],
    ['hole', { ...made('plug', usual), holeDiameter: mm(40) } as Joint, 'hole 40 mm: allowed is 1 to 20 mm.'],
    [
      'land',
      { ...made('butt', usual), bevel: { land: mm(1.8), includedAngle: degree(60) } } as Joint,
      'land 1.8 mm: allowed is 0.3 to 1.5 mm.',
    ],
    [
      'bevel',
      { ...made('butt', usual), bevel: { land: mm(1), includedAngle: degree(170) } } as Joint,
      'bevel angle 170',
    ],
  ])('is refused by its %s', (_, joint, message) => {
    expect(() => jointThermal(joint)).toThrow(message);
  });
});

describe('metal a joint needs', () => {
  const total = (joint: Joint, bead = 2.4) => inSquareMm(metalNeeded(joint, mm(bead)).total);
  const butt = (thickness: number, gap = 0) => made('butt', { first: thickness, second: thickness, gap });

  it('is a butt’s gap, crown and root, by hand', () => {
    // 2 mm sheet, 0.2 mm gap, 2.4 mm bead: gap 0.4, crown 2/3 x 2.4 x 0.3, root 2/3 x 1.2 x 0.15 mm2.
    expect(total(butt(2, 0.2))).toBeCloseTo(0.4 + 0.48 + 0.12, 9);
    expect(inSquareMm(metalNeeded(butt(2), mm(2.4), mm(0.6)).crown)).toBeCloseTo(0.96, 9);
  });

  it('keeps the crown between 0.2 and 0.5 mm', () => {
    const crownOf = (thickness: number) => total(butt(thickness), 3) / (3 * (2 / 3 + 1 / 6));
    expect(crownOf(0.5)).toBeCloseTo(0.2, 9);
    expect(crownOf(10)).toBeCloseTo(0.5, 9);
  });

  it('is a fillet a tenth over its triangle, and the V of a bevel', () => {
    expect(total(made('tee', usual))).toBeCloseTo(1.1 * 4.5, 9);
    expect(total(made('insideCorner', usual))).toBeCloseTo(1.1 * 4.5, 9);
    const bevelled = { ...butt(4), bevel: { land: mm(1), includedAngle: degree(90) } } as Joint;
    expect(total(bevelled) - total(butt(4))).toBeCloseTo(9, 9);
  });

  it('of a groove beside a tube is what lies under its circle, by counting', () => {
    let area = 0;
    const steps = 20_000;
    for (let i = 0; i < steps; i++) {
      const x = (3 * (i + 0.5)) / steps;
      area += ((12 - Math.sqrt(144 - x * x)) * 3) / steps;
    }
    expect(total(made('flareGroove', usual))).toBeCloseTo(1.1 * area, 5);
  });

  it('takes what an outside corner’s edges give off, and fills a small plug whole', () => {
    const corner = metalNeeded(made('outsideCorner', usual), mm(2));
    expect(inSquareMm(corner.edges)).toBeCloseTo(0.25 * 2.25, 9);
    expect(inSquareMm(corner.total)).toBeCloseTo((Math.PI / 4 - 0.25) * 2.25, 9);
    // A 4 mm hole in 2 mm sheet holds 25.1 mm3; round its 12.6 mm edge that is 2 mm2.
    expect(total(made('plug', usual))).toBeCloseTo(2, 9);
    const large = { ...made('plug', usual), holeDiameter: mm(10) } as Joint;
    expect(total(large)).toBeCloseTo((1.1 * 4) / 2, 9);
  });

  it('grows with the gap in every joint, and is never below nothing', () => {
    fc.assert(
      fc.property(
        kinds,
        sheet,
        sheet,
        fc.double({ min: 0, max: 0.1, noNaN: true }),
        (kind, first, other, gap) => {
          const tight = total(made(kind, { first, second: other, gap }));
          const open = total(made(kind, { first, second: other, gap: gap + 0.05 }));
          expect(tight).toBeGreaterThanOrEqual(0);
          expect(open).toBeGreaterThan(tight);
        },
      ),
    );
  });
});

describe('a gap', () => {
  it('is borne to a tenth of the sheet plainly and near the wire’s diameter with a weave', () => {
    const joint = made('butt', { first: 3, second: 3, gap: 0.5 });
    const borne = gapBorne(joint, mm(1));
    expect(inMm(borne.plain)).toBeCloseTo(0.3, 9);
    expect(inMm(borne.bridged as Metre)).toBeCloseTo(1, 9);
    expect(inMm(borne.leastWeave)).toBeCloseTo(1.5, 9);
    expect(gapBorne(joint, null).bridged).toBeNull();
    expect(inMm(gapBorne(made('butt', { first: 1, second: 1 }), mm(1.2)).bridged as Metre)).toBeCloseTo(
      0.45,
      9,
    );
    expect(gapBorne(made('lap', usual), mm(1)).bridged).toBeNull();
  });

  it('is a knob on thicker butts only, without a made-up figure', () => {
    expect(gapAsKnob(made('butt', { first: 4, second: 4 }))).toContain('the model does not count it');
    expect(gapAsKnob(made('butt', usual))).toBeNull();
    expect(gapAsKnob(made('lap', { first: 4, second: 4 }))).toBeNull();
  });
});

describe('the beam', () => {
  it('goes to the line between equal sheets and towards the thicker of two', () => {
    expect(beamAim(made('butt', { first: 2, second: 2 }), mm(2)).offset).toBe(0);
    expect(beamAim(made('butt', { first: 3, second: 1 }), mm(2)).offset).toBeGreaterThan(0);
    expect(beamAim(made('tee', { first: 1, second: 3 }), mm(2)).offset).toBeLessThan(0);
    expect(beamAim(made('lap', { first: 1, second: 3 }), mm(2)).offset).toBe(0);
  });

  it.each<[JointKind, number]>([
    ['butt', 90],
    ['tee', 45],
    ['outsideCorner', 135],
    ['plug', 60],
  ])('meets a %s at %d degrees to its first sheet, and says why', (kind, angle) => {
    const aim = beamAim(made(kind, usual), mm(2));
    expect(inDegrees(aim.fromFirst)).toBeCloseTo(angle, 9);
    expect(aim.why.length).toBeGreaterThan(10);
  });
});

describe('gas and nozzle', () => {
  it('are sheltered in a corner and exposed at an edge, and the nozzle follows the joint', () => {
    for (const kind of jointKinds) {
      const { shelter, flowFactor, why } = gasShelter(made(kind, usual));
      const nozzle = nozzleFor(made(kind, usual), true);
      expect(why).not.toBe('');
      expect(nozzle.why).not.toBe('');
      if (shelter === 'sheltered') expect(flowFactor).toBeLessThan(1);
      if (shelter === 'exposed') expect(nozzle.shape).toBe('notched');
      if (nozzle.shape === 'vee') expect(shelter).toBe('sheltered');
      expect(nozzle.isGrooved).toBe(kind !== 'plug');
      expect(nozzleFor(made(kind, usual), false).isGrooved).toBe(false);
    }
  });
});

describe('a backing bar', () => {
  it('is chosen for what it does to the metal: copper under steel, never copper under copper or aluminium', () => {
    for (const metal of Object.values(metalTable)) {
      const { backing, why } = backingFor(metal);
      expect(why.length).toBeGreaterThan(20);
      expect(backing).toBe(
        metal.family === 'aluminium' || metal.family === 'copperAlloy' ? 'steel' : 'copper',
      );
    }
  });
});

describe('stitches', () => {
  const run = { kind: 'stitched', length: mm(20), pitch: mm(60), offset: mm(30) } as const;
  const inWholeMm = (stitches: ReturnType<typeof seamStitches>) =>
    stitches.map(({ side, from, to }) => [side, Math.round(inMm(from)), Math.round(inMm(to))]);

  it('lie at their pitch, the second side shifted, the last cut at the seam’s end', () => {
    expect(inWholeMm(seamStitches(run, mm(130), 2))).toEqual([
      [1, 0, 20],
      [1, 60, 80],
      [1, 120, 130],
      [2, 30, 50],
      [2, 90, 110],
    ]);
    expect(inMm(weldedLength(run, mm(130), 2))).toBeCloseTo(90, 9);
  });

  it('are one weld a side where the seam is continuous', () => {
    expect(inMm(weldedLength({ kind: 'continuous' }, mm(130), 2))).toBeCloseTo(260, 9);
  });

  it('need a length and a longer pitch', () => {
    expect(() => seamStitches({ ...run, pitch: mm(20) }, mm(100), 1)).toThrow(
      'stitch 20 mm every 20 mm: allowed is a stitch above 0 mm and a pitch longer than it.',
    );
  });
});

describe('what the model leaves out', () => {
  const plain = {
    backing: 'none',
    surface: 'clean',
    position: 'flat',
    run: { kind: 'continuous' },
  } as const;
  it('is nothing for a clean flat seam, and said of everything else', () => {
    expect(notInTheModel(plain)).toEqual([]);
    const all = notInTheModel({
      backing: 'copper',
      surface: 'millScale',
      position: 'verticalDown',
      run: { kind: 'stitched', length: mm(20), pitch: mm(50), offset: mm(0) },
    });
    expect(all.map(({ what }) => what)).toEqual(['backing', 'surface', 'position', 'run']);
    expect(all.every(({ words }) => words.includes('figures'))).toBe(true);
    expect(notInTheModel({ ...plain, backing: 'steel' })[0]?.words).toContain('steel bar');
  });
});

function area(polygon: PolygonMm): number {
  const twice = polygon.reduce((sum, [x, y], i) => {
    const [nextX, nextY] = polygon[(i + 1) % polygon.length]!;
    return sum + x * nextY - nextX * y;
  }, 0);
  return Math.abs(twice) / 2;
}

describe('the outline', () => {
  const bounds = (polygons: readonly PolygonMm[]) => {
    const xs = polygons.flat().map(([x]) => x);
    const ys = polygons.flat().map(([, y]) => y);
    return {
      width: Math.max(...xs) - Math.min(...xs),
      height: Math.max(...ys) - Math.min(...ys),
      left: Math.min(...xs),
      right: Math.max(...xs),
      top: Math.max(...ys),
      bottom: Math.min(...ys),
    };
  };

  it('has metal on both sides and sheets of their own thickness', () => {
    fc.assert(
      fc.property(kinds, sheet, sheet, (kind, first, other) => {
        const { first: a, second: b, beam } = jointOutline(made(kind, { first, second: other }));
        for (const polygon of [...a, ...b]) expect(area(polygon)).toBeGreaterThan(0);
        const thinnest = (polygons: readonly PolygonMm[]) =>
          Math.min(...polygons.map((p) => Math.min(bounds([p]).width, bounds([p]).height)));
        if (kind !== 'flareGroove') expect(thinnest(a)).toBeCloseTo(first, 9);
        expect(thinnest(b)).toBeCloseTo(other, 9);
        expect(Math.hypot(...beam.from)).toBeCloseTo(1, 12);
      }),
    );
  });

  it('shows the gap as it is', () => {
    const gap = 0.2;
    const butt = jointOutline(made('butt', { ...usual, gap }));
    expect(bounds(butt.second).left - bounds(butt.first).right).toBeCloseTo(gap, 9);
    const lap = jointOutline(made('lap', { ...usual, gap }));
    expect(bounds(lap.first).bottom - bounds(lap.second).top).toBeCloseTo(gap, 9);
    const tee = jointOutline(made('tee', { ...usual, gap }));
    expect(bounds(tee.second).bottom - bounds(tee.first).top).toBeCloseTo(gap, 9);
    const edge = jointOutline(made('edge', { ...usual, gap }));
    expect(bounds(edge.second).left - bounds(edge.first).right).toBeCloseTo(gap, 9);
    const flare = jointOutline(made('flareGroove', { ...usual, gap }));
    expect(bounds(flare.first).bottom - bounds(flare.second).top).toBeCloseTo(gap, 6);
    expect(bounds(flare.first).height).toBeCloseTo(24, 6);
  });

  it('fills the area that the metal balance asks for: corner, groove, fillet and V', () => {
    const fillArea = (joint: Joint) => jointOutline(joint).fill.reduce((sum, each) => sum + area(each), 0);
    expect(fillArea(made('tee', usual))).toBeCloseTo(4.5, 9);
    expect(fillArea(made('outsideCorner', usual))).toBeCloseTo((Math.PI / 4) * 2.25, 1);
    expect(1.1 * fillArea(made('flareGroove', usual))).toBeCloseTo(
      inSquareMm(metalNeeded(made('flareGroove', usual), mm(2)).fill),
      1,
    );
    const bevelled = {
      ...made('butt', { first: 4, second: 4 }),
      bevel: { land: mm(1), includedAngle: degree(60) },
    } as Joint;
    const cut = (seam: Joint) => jointOutline(seam).first.reduce((sum, each) => sum + area(each), 0);
    const cutAway = 2 * (cut(made('butt', { first: 4, second: 4 })) - cut(bevelled));
    expect(cutAway).toBeCloseTo(9 * Math.tan(Math.PI / 6), 9);
    expect(fillArea(bevelled)).toBeCloseTo(cutAway, 9);
    expect(fillArea(made('butt', { ...usual, gap: 0.2 }))).toBeCloseTo(0.2 * 1.5, 9);
    expect(jointOutline(made('plug', usual)).fill).toHaveLength(1);
    expect(jointOutline({ ...made('plug', usual), holeDiameter: mm(10) } as Joint).fill).toHaveLength(2);
    expect(jointOutline(made('lap', usual)).fill).toEqual([]);
  });

  it('of a tack is that of the seam it is on', () => {
    const tack = made('tack', usual);
    expect(jointOutline(tack)).toEqual(jointOutline(seamOf(tack)));
    expect(thinnerSheet(tack)).toBe(thinnerSheet(seamOf(tack)));
  });
});
