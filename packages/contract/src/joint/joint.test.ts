import {
  inMm,
  jointThermal,
  metalNeeded,
  mm,
  seamKinds,
  suggestSetting,
  type SeamKind,
} from '@lone-heron/core';
import {
  coreConditions,
  coreJob,
  coreJoint,
  fieldProblems,
  jointMetals,
  jointSchema,
  startingProfiles,
  type Joint,
  type MachineProfile,
} from '../index.js';
import { plainConditions } from './joint.js';

const sheets = { metal: 'stainless304', firstThicknessMm: 2, secondThicknessMm: 1.5, gapMm: 0.1 } as const;
const sizes = { legMm: 2, tubeRadiusMm: 20, holeDiameterMm: 6 };

/** A joint of a kind with the sizes that kind has, as a client would send it. */
function recorded(kind: SeamKind, more: object = {}): Joint {
  const own = {
    tee: ['legMm'],
    insideCorner: ['legMm'],
    flareGroove: ['tubeRadiusMm', 'legMm'],
    tubeToPlate: ['tubeRadiusMm', 'legMm'],
    tubeButt: ['tubeRadiusMm'],
    plug: ['holeDiameterMm'],
  } as Partial<Record<SeamKind, (keyof typeof sizes)[]>>;
  const needed = Object.fromEntries((own[kind] ?? []).map((size) => [size, sizes[size]]));
  return jointSchema.parse({ kind, ...sheets, ...needed, ...more });
}

const refusalOf = (value: unknown) => {
  const parsed = jointSchema.safeParse(value);
  return parsed.success ? null : (fieldProblems(parsed.error, value)[0] ?? null);
};

describe('a recorded joint', () => {
  it.each(seamKinds)('of the kind %s reaches the core with every size it has', (kind) => {
    const core = coreJoint(recorded(kind));
    expect(core.kind).toBe(kind);
    expect(jointThermal(core).thickness).toBeGreaterThan(0);
    expect(metalNeeded(core, mm(2)).total).toBeGreaterThan(0);
  });

  it('of a kind that needs a size is refused without it, and with a size it has not', () => {
    expect(refusalOf({ kind: 'tee', ...sheets })).toMatchObject({ field: 'legMm', given: 'nothing' });
    expect(refusalOf({ kind: 'lap', ...sheets, legMm: 2 })?.allowed).toBe('no field called legMm');
  });

  it('keeps a land and a gap to the thinner sheet, and a pitch beyond its stitch', () => {
    const bevel = { landMm: 1.8, angleDeg: 60 };
    expect(refusalOf({ kind: 'butt', ...sheets, bevel })).toMatchObject({
      field: 'bevel.landMm',
      given: '1.8',
    });
    expect(refusalOf({ kind: 'butt', ...sheets, gapMm: 1.6 })).toMatchObject({ field: 'gapMm' });
    const stitches = { lengthMm: 20, pitchMm: 20, offsetMm: 0 };
    const conditions = { ...plainConditions, stitches };
    expect(refusalOf({ kind: 'lap', ...sheets, conditions })).toMatchObject({
      field: 'conditions.stitches.pitchMm',
      allowed: 'more than the stitch, 20 mm',
    });
  });

  it('bevelled melts its land alone, tacked it is timed, stitched it stops', () => {
    const bevelled = recorded('butt', { bevel: { landMm: 0.8, angleDeg: 60 } });
    expect(inMm(jointThermal(coreJoint(bevelled)).thickness)).toBeCloseTo(0.8, 9);
    const tacked = coreJoint(recorded('tee', { tack: { lengthMm: 3, lightOnS: 0.6 } }));
    expect(tacked).toMatchObject({ kind: 'tack', on: { kind: 'tee' }, lightOn: 0.6 });
    const stitches = { lengthMm: 20, pitchMm: 60, offsetMm: 30 };
    const stitched = recorded('lap', { conditions: { ...plainConditions, stitches } });
    expect(coreConditions(stitched).run).toEqual({
      kind: 'stitched',
      length: mm(20),
      pitch: mm(60),
      offset: mm(30),
    });
    expect(coreConditions(recorded('lap')).run).toEqual({ kind: 'continuous' });
  });
});

describe('a job from a joint', () => {
  const profile = startingProfiles[0]?.profile as MachineProfile;
  const jobOf = (joint: Joint) => coreJob(joint, 1, profile, { kind: 'reach' });

  it('knows a free edge and a bar behind the seam, which take heat or throw it back', () => {
    const conditions = { ...plainConditions, backing: 'copper' as const, freeEdgeMm: 12 };
    expect(jobOf(recorded('butt', { conditions }))).toMatchObject({ backing: 'copper', freeEdge: mm(12) });
    expect(coreConditions(recorded('butt', { conditions })).freeEdge).toBe(mm(12));
    expect(jobOf(recorded('butt'))).not.toHaveProperty('freeEdge');
    expect(refusalOf({ ...recorded('butt'), conditions: { ...conditions, freeEdgeMm: 1 } })).toMatchObject({
      field: 'conditions.freeEdgeMm',
      allowed: 'a number from 3 to 500 mm',
    });
  });

  it('of two metals is dialled for the one that melts harder, and knows both', () => {
    const joint = recorded('butt', { secondMetal: 'copper' });
    expect(jointMetals(joint).map(({ id }) => id)).toEqual(['stainless304', 'copper']);
    expect(jobOf(joint).metal.id).toBe('copper');
    expect(jobOf(joint).pair?.map(({ id }) => id)).toEqual(['stainless304', 'copper']);
    expect(jobOf(recorded('butt', { secondMetal: 'stainless304' })).pair).toBeUndefined();
  });

  it('from both sides is two runs that meet, but a fillet stays a fillet on each side', () => {
    const both = jobOf(recorded('butt', { sides: 2 }));
    expect([both.runs, both.aim]).toEqual([2, { kind: 'reach' }]);
    const tee = jobOf(recorded('tee', { sides: 2 }));
    expect(tee.runs).toBeUndefined();
    expect(tee.joint).toMatchObject({ sides: 2 });
    expect(
      suggestSetting(jobOf(recorded('butt', { firstThicknessMm: 5, secondThicknessMm: 5, sides: 2 })))
        .obstacle,
    ).toBeNull();
  });
});
