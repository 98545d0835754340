import fc from 'fast-check';
import { chanceBelow, thresholdAlong } from '../evidence/index.js';
import { findMetal, roomTemperature } from '../metal/index.js';
import { fraction, hertz, metre, mm, mmPerSecond, watt } from '../quantity/index.js';
import { gaussian, numberStream } from '../testing/numberStream.js';
import { cleaningOf } from './cleaningOf.js';
import { markFluence, passingTime } from './markFluence.js';
import {
  cleanAims,
  cleanFigures,
  cleanPrior,
  cleanZones,
  coats,
  learnCoat,
  stripLooks,
  stripOdds,
  suggestClean,
  type CleanedStrip,
  type CleanJob,
  type CleanSetting,
  type StripLook,
} from './index.js';

const head: CleanJob['head'] = {
  power: { least: watt(200), most: watt(2000), step: 10 },
  duty: { least: fraction(0.1), most: fraction(1), step: 0.05 },
  pulses: { least: hertz(1000), most: hertz(20_000), step: 100 },
  width: { least: mm(5), most: mm(100), step: 0.001 },
  rate: { least: hertz(10), most: hertz(200), step: 1 },
  spot: mm(0.6),
  shapes: ['line', 'circle'],
};
const job: CleanJob = {
  ...{ metal: findMetal('stainless304'), thickness: mm(2), coat: 'heatTint', head },
  ...{ length: metre(0.5), width: mm(20), aim: 'tint' },
};
const setting: CleanSetting = {
  ...{ power: watt(800), duty: fraction(1), pulses: null, shape: 'line', width: mm(20), rate: hertz(100) },
  ...{ passes: 1, travel: mmPerSecond(15) },
};

describe('odds of a strip', () => {
  it('sum to one, and more passes never leave more coat', () => {
    const watts = fc.double({ min: 200, max: 2000, noNaN: true });
    fc.assert(
      fc.property(watts, fc.constantFrom(...coats), fc.integer({ min: 1, max: 6 }), (power, coat, passes) => {
        const belief = learnCoat(coat, []);
        const after = (count: number) =>
          stripOdds(belief, { ...job, coat }, { ...setting, power: watt(power), passes: count });
        const [less, more] = [after(passes), after(passes + 1)];
        expect(stripLooks.reduce((sum, look) => sum + less[look], 0)).toBeCloseTo(1, 12);
        expect(stripLooks.every((look) => less[look] >= 0)).toBe(true);
        expect(more.untouched + more.patchy).toBeLessThanOrEqual(less.untouched + less.patchy);
      }),
    );
  });

  it('of a circle are those of a straight sweep that brings as much', () => {
    const fluence = (shape: 'line' | 'circle') => cleanFigures(job, { ...setting, shape }).fluence;
    expect(fluence('line') / fluence('circle')).toBeCloseTo(Math.PI / 2);
  });

  it('leave coat between rows that do not meet, whatever the power', () => {
    const sparse = { ...setting, rate: hertz(10), travel: mmPerSecond(40), power: watt(2000) };
    const { bare, marked } = stripOdds(learnCoat('heatTint', []), job, sparse);
    expect(bare + marked).toBe(0);
  });
});

describe('what cleaning a face comes to', () => {
  it('is lanes, passes and light over the whole face', () => {
    const face = { ...job, width: mm(50) };
    const figures = cleanFigures(face, { ...setting, passes: 2 });
    expect(figures.lanes).toBe(3);
    expect(figures.lightOn).toBeCloseTo((3 * 2 * 0.5) / 0.015, 9);
    expect(figures.areaRate).toBeCloseTo((0.5 * 0.05) / figures.lightOn, 12);
    expect(figures.passRise).toBeCloseTo(figures.sheetRise / 2, 12);
    expect(cleanFigures({ ...job, width: mm(40) }, setting).lanes).toBe(2);
  });

  it('may warm the sheet to 60 K short of its first colour, or by 130 K where it shows none', () => {
    const limit = (metal: 'stainless304' | 'aluminium5052') =>
      cleanFigures({ ...job, metal: findMetal(metal) }, setting).riseLimit;
    const { tint } = findMetal('stainless304');
    if (tint === null) throw new Error('304 shows colours');
    expect(limit('stainless304')).toBeCloseTo(tint.straw - roomTemperature - 60, 9);
    expect(findMetal('aluminium5052').tint).toBeNull();
    expect(limit('aluminium5052')).toBe(130);
  });

  it('is dashes where the light is pulsed', () => {
    const dashes = (duty: number, pulses: number | null) =>
      cleanFigures(job, { ...setting, duty: fraction(duty), pulses: pulses === null ? null : hertz(pulses) })
        .dashes;
    expect(dashes(1, null)).toBeNull();
    expect(dashes(1, 2000)).toBeNull();
    expect(dashes(0.5, null)).toBeNull();
    // 20 mm to and fro a hundred times a second: 4 m/s.
    const found = dashes(0.4, 2000);
    expect(found?.bright).toBeCloseTo((4 * 0.4) / 2000, 9);
    expect(found?.dark).toBeCloseTo((4 * 0.6) / 2000, 9);
  });

  it('is asked without pulses of a head that has none', () => {
    const steady = { ...job, head: { ...head, pulses: null } };
    expect(suggestClean(steady, learnCoat('heatTint', []))).toMatchObject({ duty: 1, pulses: null });
    const untrimmed = { ...job, head: { ...head, duty: null } };
    expect(suggestClean(untrimmed, learnCoat('heatTint', []))).toMatchObject({ duty: 1, pulses: null });
  });
});

describe('strips of the shop', () => {
  const strip = (look: StripLook, isOtherMachine = false): CleanedStrip => ({
    job,
    setting,
    look,
    isOtherMachine,
  });
  const thresholdAfter = (...strips: CleanedStrip[]) =>
    thresholdAlong(learnCoat('heatTint', strips), [1, 0, 0]);

  it('move the threshold to where they say, and narrow it', () => {
    const before = thresholdAfter();
    expect(thresholdAfter(strip('untouched')).mean).toBeGreaterThan(before.mean);
    expect(thresholdAfter(strip('bare')).mean).toBeLessThan(before.mean);
    const ten = thresholdAfter(...Array.from({ length: 10 }, () => strip('patchy')));
    expect(ten.sd).toBeLessThan(before.sd / 2);
  });

  it('narrow the zone that is shown, around where the coat comes off', () => {
    const zone = (...strips: CleanedStrip[]) => cleanZones(learnCoat('heatTint', strips), job, setting).coat;
    const [before, after] = [zone(), zone(...Array.from({ length: 8 }, () => strip('patchy')))];
    expect(after.high / after.low).toBeLessThan(before.high / before.low);
    expect(cleanFigures(job, setting).fluence).toBeGreaterThan(after.low);
  });

  it('of another machine count for less', () => {
    const [own, other] = [thresholdAfter(strip('untouched')), thresholdAfter(strip('untouched', true))];
    expect(other.mean).toBeLessThan(own.mean);
    expect(other.sd).toBeGreaterThan(own.sd);
  });
});

describe('over 200 simulated shops', () => {
  /** A shop with a coat of its own; whether the stated interval holds its threshold. */
  const isHeld = (seed: number, z: number): boolean => {
    const random = numberStream(seed);
    const coat = coats[Math.floor(random() * coats.length)] ?? 'paint';
    const { mean, sd } = cleanPrior(coat);
    const [threshold, depth, mark] = mean.map((each, i) => each + (sd[i] ?? 0) * gaussian(random)) as [
      number,
      number,
      number,
    ];
    const strips = Array.from({ length: 4 + Math.floor(16 * random()) }, () => {
      const tried = {
        ...setting,
        power: watt(200 + 1800 * random()),
        passes: 1 + Math.floor(3 * random()),
        rate: hertz(40 + 120 * random()),
      };
      const { fluence, rowsOverOnePlace } = cleaningOf({ ...job, coat }, tried);
      const seen = Math.log(fluence / Math.sqrt(passingTime(job, tried) / 100e-6)) + 0.15 * gaussian(random);
      const need = Math.max(depth, 0) / (tried.passes * Math.max(rowsOverOnePlace, 1));
      const isMarked = Math.log(fluence / markFluence(job, tried)) + 0.15 * gaussian(random) > mark;
      const cleared = isMarked ? 'marked' : 'bare';
      const look = seen < threshold ? 'untouched' : seen < threshold + need ? 'patchy' : cleared;
      return { job: { ...job, coat }, setting: tried, look, isOtherMachine: false } as const;
    });
    const found = thresholdAlong(learnCoat(coat, strips), [1, 0, 0]);
    return Math.abs(found.mean - threshold) <= z * found.sd;
  };

  it('the 80 % interval holds the hidden threshold about as often as it says', () => {
    const held = Array.from({ length: 200 }, (_, i) => isHeld(500 + 41 * i, 1.2815515655446004));
    const share = held.filter(Boolean).length / held.length;
    expect(share).toBeGreaterThanOrEqual(0.72);
    expect(share).toBeLessThanOrEqual(0.88);
  });
});

describe('what is suggested', () => {
  it.each(cleanAims)(
    'for %s is in the machine’s steps, leaves no stripes and keeps the sheet under its limit',
    (aim) => {
      const wanted = { ...job, aim };
      const found = suggestClean(wanted, learnCoat('heatTint', []));
      const figures = cleanFigures(wanted, found);
      expect(figures.rowsOverOnePlace).toBeGreaterThanOrEqual(1.5);
      expect(figures.passRise).toBeLessThanOrEqual(figures.riseLimit);
      expect((found.power - 200) % 10).toBeCloseTo(0);
      expect(figures.lanes).toBe(1);
    },
  );

  it('marks less where the metal must not be marked, and goes quicker where it may', () => {
    const belief = learnCoat('lightRust', []);
    const steel = { ...job, metal: findMetal('lowCarbonSteel'), coat: 'lightRust', width: mm(200) } as const;
    const [bare, quick] = (['bare', 'quick'] as const).map((aim) => suggestClean({ ...steel, aim }, belief));
    expect(stripOdds(belief, steel, bare!).marked).toBeLessThan(
      stripOdds(belief, steel, quick!).marked + 0.01,
    );
    expect(cleanFigures(steel, quick!).lightOn).toBeLessThanOrEqual(cleanFigures(steel, bare!).lightOn);
  });

  it('turns down after strips that were marked, and up after untouched ones', () => {
    const first = suggestClean(job, learnCoat('heatTint', []));
    const after = (look: StripLook) => {
      const strips = Array.from({ length: 4 }, () => ({ job, setting: first, look, isOtherMachine: false }));
      return cleanFigures(job, suggestClean(job, learnCoat('heatTint', strips))).fluence;
    };
    expect(after('untouched')).toBeGreaterThan(cleanFigures(job, first).fluence);
    expect(after('marked')).toBeLessThan(cleanFigures(job, first).fluence);
    expect(chanceBelow(learnCoat('heatTint', []), [0, 0, 1], 0, 0.15)).toBe(0.5);
  });
});
