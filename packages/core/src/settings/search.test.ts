import fc from 'fast-check';
import { jointKinds, jointThermal, type Joint, type JointKind } from '../joint/index.js';
import type { MachineLimits } from '../machine/index.js';
import type { MetalId } from '../metal/index.js';
import { usualPractice } from '../practice/index.js';
import {
  fraction,
  hertz,
  inCelsius,
  inJoulePerMm,
  inMm,
  inMmPerSecond,
  metrePerSecond,
  mm,
  mmPerSecond,
} from '../quantity/index.js';
import { bench, sampleJob, sheetJoint, type SaidJob } from '../testing/sampleJobs.js';
import {
  aimKinds,
  forecastWeld,
  knobEffect,
  knobValue,
  lossForAim,
  settingCompanions,
  settingReasons,
  solveDuty,
  suggestAlternatives,
  suggestSetting,
  tryRemedies,
  turnKnob,
  weldConsequences,
  wobbleFor,
  type Aim,
  type JobChange,
  type Suggestion as WeldSuggestion,
  type WeldSetting,
} from './index.js';

const aimOf = (kind: Aim['kind']): Aim => (kind === 'share' ? { kind, share: fraction(0.7) } : { kind });
const suggest = (said: SaidJob) => suggestSetting(sampleJob(said));
const jointOf = sheetJoint;

describe('the search over joints', () => {
  it.each(jointKinds)(
    'finds a setting for a %s in 1 mm 304, with or without wire, inside the machine',
    (kind) => {
      for (const wire of [null, mm(0.8)]) {
        const job = sampleJob({ joint: jointOf(kind, 1), wire });
        const found = suggestSetting(job);
        const { setting, forecast } = found;
        const reasons = settingReasons(job, found);
        expect(setting.power).toBeGreaterThanOrEqual(150);
        expect(setting.power).toBeLessThanOrEqual(1500);
        expect(forecast.evenChance).toBeGreaterThan(0.4);
        expect(forecast.soundChance).toBeGreaterThan(0.6);
        expect(inMmPerSecond(forecast.travel)).toBeGreaterThan(3.5);
        expect(inMmPerSecond(forecast.travel)).toBeLessThan(20);
        expect(Object.values(reasons).every((reason) => reason !== '')).toBe(true);
      }
    },
  );

  it('gives a tack the pace of its own length and time, without wire', () => {
    const { setting } = suggest({ joint: jointOf('tack', 1), wire: mm(0.8) });
    expect(setting.pace).toEqual({ by: 'hand', travel: 0.006 });
  });

  it('wants a butt’s power at an edge, which is one folded, and more for a lap of the same sheet', () => {
    const power = (kind: JointKind) => suggest({ joint: jointOf(kind, 1.5) }).setting.power;
    expect(power('edge')).toBe(power('butt'));
    expect(power('lap')).toBeGreaterThan(power('butt'));
  });

  it.each<[JointKind, JobChange['kind']]>([
    ['butt', 'bothSides'],
    ['tee', 'bothSides'],
    ['insideCorner', 'leg'],
    ['tubeButt', 'bevel'],
    ['edge', 'bothSides'],
  ])('tries for a %s that is too thick what that joint allows, and %s helps', (kind, remedy) => {
    const thick = jointOf(kind, kind === 'edge' ? 12 : 6);
    const joint = 'leg' in thick ? { ...thick, leg: mm(5) } : thick;
    const job = sampleJob({ joint, wire: 'leg' in thick ? mm(1.2) : null });
    expect(tryRemedies(job, suggestSetting(job)).map(({ change }) => change.kind)).toContain(remedy);
  });

  it('has one remedy less where the bevel is already cut', () => {
    const bevel = { land: mm(8), includedAngle: 1 as never };
    const job = sampleJob({ joint: { ...jointOf('butt', 12), bevel } as Joint });
    const remedies = tryRemedies(job, suggestSetting(job));
    expect(remedies.length).toBeGreaterThan(0);
    expect(remedies.some(({ change }) => change.kind === 'bevel')).toBe(false);
  });
});

describe('aims', () => {
  it.each(aimKinds)('%s: the same job gives the same answer, and it lands', (kind) => {
    const said: SaidJob = { thickness: 3, gap: 0.2, wire: mm(1), aim: aimOf(kind) };
    const found = suggest(said);
    expect(suggest(said)).toEqual(found);
    expect(found.forecast.evenChance).toBeGreaterThan(0.3);
    expect(found.obstacle).toBeNull();
  });

  it('least dressing leaves less to grind than full reach', () => {
    const dressing = (kind: 'reach' | 'leastDressing') => {
      const job = sampleJob({ thickness: 2, wire: mm(1), aim: { kind } });
      const { setting, forecast } = suggestSetting(job);
      return weldConsequences(job, setting, forecast).dressing.area;
    };
    expect(dressing('leastDressing')).toBeLessThan(dressing('reach'));
  });

  it('wide and forgiving costs an unsteady hand no more than full reach does', () => {
    for (const thickness of [0.8, 1.5, 2.5]) {
      const [forgiving, plain] = (['wideForgiving', 'reach'] as const).map((kind) =>
        suggest({ thickness, aim: { kind } }),
      );
      const job = sampleJob({ thickness, aim: { kind: 'wideForgiving' } });
      const cost = ({ setting }: WeldSuggestion) => lossForAim(job, setting, forecastWeld(job, setting));
      expect(cost(forgiving!)).toBeLessThanOrEqual(cost(plain!) + 0.02);
    }
  });

  it('least colour never takes more heat than reaching the back does', () => {
    for (const metal of ['stainless304', 'aluminium5052', 'lowCarbonSteel'] as const)
      for (const thickness of [0.6, 1.5, 3, 4])
        for (const wire of [null, mm(1)]) {
          const heat = (kind: 'reach' | 'leastHeat') =>
            suggest({ metal, thickness, wire, aim: { kind } }).forecast.heat;
          expect(heat('leastHeat')).toBeLessThanOrEqual(heat('reach'));
        }
  });

  it('filling a gap weaves across it, and asks for wire', () => {
    const { setting, obstacle } = suggest({ thickness: 2, gap: 0.4, wire: mm(1), aim: { kind: 'fillGap' } });
    expect(knobValue(setting, 'wobbleWidth')).toBeGreaterThanOrEqual(0.0014 - 1e-12);
    expect(obstacle).toBeNull();
    expect(() => suggest({ gap: 0.5, aim: { kind: 'fillGap' } })).toThrow('gap to fill 0.5 mm without wire');
    const hard = suggest({
      metal: 'lowCarbonSteel',
      thickness: 6,
      gap: 1.2,
      wire: mm(1.6),
      aim: { kind: 'fillGap' },
    });
    expect(knobValue(hard.setting, 'wobbleWidth')).toBeGreaterThanOrEqual(0.0022 - 1e-12);
    const wide = suggest({ thickness: 3, gap: 1.2, wire: mm(0.8), aim: { kind: 'fillGap' } });
    expect(wide.obstacle).toBe('wideGap');
  });
});

describe('the shop’s schools', () => {
  const shape = (metal: MetalId, thickness: number, practice = usualPractice, machine = bench) =>
    wobbleFor(sampleJob({ metal, thickness, practice, machine })).shape;

  it('choose the shape: by metal, or always the same, or the nearest the machine has', () => {
    expect(shape('stainless304', 2)).toBe('sideToSide');
    expect(shape('aluminium5052', 2)).toBe('circle');
    expect(shape('brass', 2)).toBe('circle');
    expect(shape('lowCarbonSteel', 5)).toBe('figureEight');
    expect(shape('aluminium5052', 2, { ...usualPractice, wobbleShape: 'sideToSide' })).toBe('sideToSide');
    expect(shape('stainless304', 2, { ...usualPractice, wobbleShape: 'circle' })).toBe('circle');
    expect(shape('stainless304', 2, { ...usualPractice, wobbleShape: 'closed' })).toBe('figureEight');
    const plain = { ...bench, wobbleShapes: ['sideToSide'] as const };
    const forced = wobbleFor(sampleJob({ metal: 'aluminium5052', machine: plain }));
    expect(forced.shape).toBe('sideToSide');
    expect(forced.reasons.shape).toContain('the machine has no circle');
  });

  it('choose the width and the rate', () => {
    const choice = (practice: Partial<typeof usualPractice>) =>
      wobbleFor(sampleJob({ practice: { ...usualPractice, ...practice } }));
    expect(inMm(choice({ wobbleWidth: 'narrow' }).width)).toBeCloseTo(1.5, 9);
    expect(inMm(choice({ wobbleWidth: 'wide' }).width)).toBeCloseTo(2.4, 9);
    expect(choice({ wobbleRate: 'handSpeed' }).frequency).toBeCloseTo(8 / 0.15, 9);
    expect(choice({}).frequency).toBe(60);
  });

  it('hold the wire back where the shop does', () => {
    const said = { wire: mm(0.8), thickness: 2 };
    const held = suggest({ ...said, practice: { ...usualPractice, pace: 'heldBack' } });
    expect(held.forecast.travel).toBeLessThan(suggest(said).forecast.travel);
  });

  it('light aluminium with full peak and a trim of duty where the shop does, and stainless never', () => {
    const practice = { ...usualPractice, reflective: 'fullPeak' } as const;
    const found = suggest({ metal: 'aluminium5052', practice });
    expect(found.setting.power).toBe(1500);
    expect(found.setting.duty).toBeLessThan(1);
    expect((found.setting.duty - 0.3) / 0.05).toBeCloseTo(Math.round((found.setting.duty - 0.3) / 0.05), 9);
    expect(settingReasons(sampleJob({ metal: 'aluminium5052', practice }), found).power).toContain(
      'full peak power',
    );
    expect(suggest({ practice }).setting.duty).toBe(1);
    const withoutDuty: MachineLimits = { ...bench };
    delete (withoutDuty as { duty?: unknown }).duty;
    expect(suggest({ metal: 'aluminium5052', practice, machine: withoutDuty }).setting.duty).toBe(1);
  });

  it('bring the peak down too where the least duty at full peak is still too much', () => {
    const practice = { ...usualPractice, reflective: 'fullPeak' } as const;
    const job = sampleJob({ metal: 'aluminium5052', thickness: 1, practice });
    const { setting, loss } = suggestSetting(job);
    expect(setting.duty).toBeCloseTo(0.3, 9);
    expect(setting.power).toBeLessThan(1500);
    const atFullPeak = turnKnob(setting, 'power', 1500);
    expect(loss).toBeLessThan(lossForAim(job, atFullPeak, forecastWeld(job, atFullPeak)));
  });

  it('say what goes with a setting: gas, nozzle, focus, ramps', () => {
    const job = sampleJob({ joint: jointOf('tee', 2), wire: mm(1) });
    const { setting } = suggestSetting(job);
    const usual = settingCompanions(job, setting);
    expect(usual.nozzle).toMatchObject({ shape: 'vee', isGrooved: true });
    expect(usual.focus.value).toBe(0);
    expect(usual.gas.gas).toBe('argon');
    const other = settingCompanions(
      { ...job, practice: { ...usualPractice, nozzle: 'oneForMost', focus: 'slightlyAbove' } },
      setting,
    );
    expect(other.nozzle.shape).toBe('flat');
    expect(inMm(other.focus.value)).toBe(1);
    const companionsOf = (metal: MetalId) =>
      settingCompanions({ ...job, metal: sampleJob({ metal }).metal }, setting);
    expect(companionsOf('copper').rampUp.value).toBeLessThan(usual.rampUp.value);
    expect(companionsOf('nickel625').rampDown.value).toBeGreaterThan(usual.rampDown.value);
    expect(companionsOf('titanium2').gasAfter.value).toBeGreaterThan(usual.gasAfter.value);
  });
});

describe('alternatives', () => {
  it('are two or three that differ, land nearly as surely, and say what they trade', () => {
    const job = sampleJob({ thickness: 2 });
    const chosen = suggestSetting(job);
    const others = suggestAlternatives(job, chosen);
    expect(others.length).toBeGreaterThanOrEqual(2);
    expect(others.length).toBeLessThanOrEqual(3);
    for (const { forecast, trades } of others) {
      expect(forecast.evenChance).toBeGreaterThan(chosen.forecast.evenChance - 0.15);
      expect(trades.length).toBeGreaterThan(0);
    }
    const cool = others.find(({ name }) => name === 'coolAndQuick');
    expect(cool?.forecast.heat).toBeLessThan(chosen.forecast.heat);
    expect(cool?.trades[0]).toMatch(/^\d+ J\/mm less heat$/);
    expect(cool?.trades.join()).toMatch(/the hand must go \d+\.\d mm\/s faster/);
    const saved = inJoulePerMm(chosen.forecast.heat) - inJoulePerMm(cool!.forecast.heat);
    expect(Number(/^(\d+)/.exec(cool!.trades[0]!)![1])).toBeCloseTo(saved, -0.5);
  });

  it('are none for a share of the thickness, and never what does not land', () => {
    const share = sampleJob({ thickness: 3, aim: { kind: 'share', share: fraction(0.7) } });
    expect(suggestAlternatives(share, suggestSetting(share))).toEqual([]);
    const hopeless = sampleJob({ thickness: 9 });
    expect(suggestAlternatives(hopeless, suggestSetting(hopeless))).toEqual([]);
  });
});

describe('what a setting does to the part', () => {
  const job = sampleJob({ thickness: 2, wire: mm(1) });
  const { setting, forecast } = suggestSetting(job);
  const found = weldConsequences(job, setting, forecast);

  it('absorbs what the model says it absorbs', () => {
    expect(found.absorbedHeat / found.grossHeat).toBeCloseTo(forecast.prediction.absorptivity, 12);
    expect(found.zincFume).toBe(0);
    expect(found.coolingTime).toBeGreaterThan(0.5);
    expect(found.pace?.by).toBe('wire');
  });

  it('colours wider in front than behind, and shrinks by tenths of a millimetre', () => {
    expect(found.tint?.front.straw).toBeGreaterThan(found.tint?.back.straw as number);
    expect(inMm(found.distortion.transverseShrinkage)).toBeGreaterThan(0.05);
    expect(inMm(found.distortion.transverseShrinkage)).toBeLessThan(1);
  });

  it('lays down the wire’s metal: crown, gap and root add up to it', () => {
    const { bead } = found;
    const laid = (Math.PI / 4) * 1e-6 * (knobValue(setting, 'wireSpeed') as number);
    const gap = 0.1e-3 * 2e-3;
    expect(bead.crownArea + bead.rootArea + gap).toBeCloseTo(laid / forecast.travel, 12);
    expect(bead.undercut).toBe(0);
    expect((2 / 3) * bead.faceWidth * bead.crownHeight).toBeCloseTo(bead.crownArea, 15);
  });

  it('counts a fillet as wanted, not as something to grind off, and shows no root where there is no open back', () => {
    for (const kind of ['tee', 'insideCorner', 'flareGroove', 'tubeToPlate'] as const) {
      const fillet = sampleJob({ joint: jointOf(kind, 1.5), wire: mm(0.8) });
      const suggestion = suggestSetting(fillet);
      const { bead, dressing } = weldConsequences(fillet, suggestion.setting, suggestion.forecast);
      expect(bead.rootWidth).toBe(0);
      expect(bead.crownHeight * 1000).toBeLessThan(0.05);
      expect(bead.undercut * 1000).toBeLessThan(0.05);
      expect(dressing.minutesPerMetre).toBeLessThan(2.5);
    }
  });

  it('colours behind a lap less than in front, behind an edge not at all', () => {
    const tintOf = (kind: JointKind) => {
      const one = sampleJob({ joint: jointOf(kind, 1.5) });
      const suggestion = suggestSetting(one);
      return weldConsequences(one, suggestion.setting, suggestion.forecast).tint;
    };
    expect(tintOf('lap')?.back.straw).toBeLessThan(tintOf('lap')?.front.straw as number);
    expect(tintOf('edge')?.back).toEqual({ straw: 0, gold: 0, blue: 0 });
  });

  it('leaves undercut where no wire feeds a bead that came through', () => {
    const bare = sampleJob({ thickness: 2, gap: 0.2 });
    const suggestion = suggestSetting(bare);
    const { bead, pace } = weldConsequences(bare, suggestion.setting, suggestion.forecast);
    expect(bead.undercut).toBeGreaterThan(0);
    expect(bead.crownHeight).toBe(0);
    expect(pace).toBeNull();
  });

  it('is greater for more heat in every way', () => {
    const held = forecastWeld(job, setting, metrePerSecond(forecast.travel * 0.8));
    const more = weldConsequences(job, setting, held);
    expect(more.pace?.by).toBe('heldBack');
    const metal = ({ bead }: typeof more) => bead.crownArea + bead.rootArea;
    expect(metal(more)).toBeGreaterThan(metal(found));
    const hurried = forecastWeld(job, setting, metrePerSecond(forecast.travel * 1.3));
    expect(weldConsequences(job, setting, hurried).pace?.by).toBe('hurried');
    expect(hurried.prediction.wireShare).toBeCloseTo(forecast.prediction.wireShare, 3);
    expect(more.grossHeat).toBeGreaterThan(found.grossHeat);
    expect(more.tint?.back.straw).toBeGreaterThan(found.tint?.back.straw as number);
    expect(more.distortion.transverseShrinkage).toBeGreaterThan(found.distortion.transverseShrinkage);
    expect(more.coolingTime).toBeGreaterThan(found.coolingTime as number);
  });

  it('boils zinc off where there is any, and shows no colour on aluminium', () => {
    const zinc = sampleJob({ metal: 'galvanised', thickness: 1.2 });
    const suggestion = suggestSetting(zinc);
    const fume = weldConsequences(zinc, suggestion.setting, suggestion.forecast, 140).zincFume;
    // A band of some millimetres at 140 g/m2 on both sides.
    expect(fume * 1000).toBeGreaterThan(0.5);
    expect(fume * 1000).toBeLessThan(5);
    const aluminium = sampleJob({ metal: 'aluminium5052' });
    const bright = suggestSetting(aluminium);
    const light = weldConsequences(aluminium, bright.setting, bright.forecast);
    expect(light.tint).toBeNull();
    expect(light.coolingTime).toBeNull();
    expect(inCelsius(aluminium.metal.meltingPoint)).toBeLessThan(800);
  });
});

describe('duty', () => {
  const job = sampleJob({ thickness: 2 });
  const rest: Omit<WeldSetting, 'duty'> = {
    power: bench.power.most,
    wobble: { shape: 'sideToSide', width: mm(2), frequency: hertz(60) },
    pace: { by: 'hand', travel: mmPerSecond(8) },
  };

  it('is solved to the step that costs least', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.8, max: 3, noNaN: true }), (thickness) => {
        const one = sampleJob({ thickness, gap: 0 });
        const best = solveDuty(one, bench.duty!, rest).loss;
        for (let duty = 0.3; duty <= 1.0001; duty += 0.05) {
          const tried = forecastWeld(one, { ...rest, duty: fraction(Math.min(1, duty)) });
          expect(best).toBeLessThanOrEqual(tried.loss + 0.002);
        }
      }),
      { numRuns: 30 },
    );
  });

  it('that is full says what a tenth less would take', () => {
    const full = { ...rest, duty: fraction(1) };
    const effect = knobEffect(job, full, 'duty');
    const less = forecastWeld(job, turnKnob(full, 'duty', 0.9)).prediction.depth;
    expect(effect?.depthForTenPercent).toBeCloseTo(forecastWeld(job, full).prediction.depth - less, 12);
    expect(jointThermal(job.joint).thickness).toBe(0.002);
  });
});

describe('a small part', () => {
  it('runs hot: deeper the nearer its free edges, and as a large one where they are far', () => {
    const job = sampleJob({ metal: 'aluminium5052', thickness: 2 });
    const { setting } = suggestSetting(job);
    const reach = (freeEdgeMm: number) =>
      forecastWeld({ ...job, freeEdge: mm(freeEdgeMm) }, setting).prediction.reach;
    const large = forecastWeld(job, setting).prediction.reach;
    expect(reach(10)).toBeGreaterThan(reach(20) * 1.01);
    expect(reach(20)).toBeGreaterThan(large * 1.005);
    expect(reach(500)).toBeCloseTo(large, 6);
    expect(suggestSetting({ ...job, freeEdge: mm(10) }).setting.power).toBeLessThan(setting.power);
  });

  it('is never counted warmer than the model can say', () => {
    const tiny = { ...sampleJob({ metal: 'copper', thickness: 1 }), freeEdge: mm(1) };
    const { forecast } = suggestSetting(tiny);
    expect(Number.isFinite(forecast.expectedReach)).toBe(true);
  });
});
