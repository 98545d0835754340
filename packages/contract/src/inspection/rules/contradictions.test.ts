import { brokeAt, leakPlaces, type CouponTest, type TestDetail } from '../couponTest.js';
import type { Joint } from '../../joint/joint.js';
import { contradictions, standsOut } from './contradictions.js';

const joint = {
  kind: 'butt',
  metal: 'stainless304',
  firstThicknessMm: 1.5,
  secondThicknessMm: 3,
  gapMm: 0,
} as Joint;
const pressure = (change: Partial<Extract<TestDetail, { kind: 'pressure' }>>): TestDetail => ({
  kind: 'pressure',
  medium: 'water',
  volumeL: 5,
  gauge: { fullScaleBar: 10, classPercent: 1.6, divisionBar: 0.2 },
  startBar: 6.2,
  endBar: 6.2,
  heldMin: 10,
  needle: 'steady',
  leak: 'none',
  isLetOff: true,
  ...change,
});
const section = (measured: Extract<TestDetail, { kind: 'section' }>['measured']): TestDetail => ({
  ...{ kind: 'section', grits: '', etchant: 'none', isThrough: true, photoId: null },
  measured,
});

describe('what a test found', () => {
  it.each(brokeAt)('of a bend that broke %s holds only where the weld is whole', (at) => {
    const isWhole = at === 'notAtAll' || at === 'inParent';
    for (const kind of ['vice', 'hammer', 'peel', 'bend'] as const) {
      const detail = {
        kind,
        brokeAt: at,
        angleDeg: 90,
        mandrelMm: 3,
        side: 'root',
        blows: 5,
      } as unknown as TestDetail;
      expect(contradictions(detail, joint).length).toBe(isWhole ? 0 : 1);
    }
  });

  it.each(leakPlaces)('of a leak at %s holds only without one', (leak) => {
    const words = contradictions({ kind: 'leak', medium: 'bubbles', leak }, joint);
    expect(words.length).toBe(leak === 'none' ? 0 : 1);
    expect(contradictions(pressure({ leak }), joint).length).toBe(leak === 'none' ? 0 : 1);
  });

  it('of a gauge that fell by more than can be overlooked did not hold', () => {
    expect(contradictions(pressure({}), joint)).toEqual([]);
    expect(contradictions(pressure({ endBar: 6.15 }), joint)).toEqual([]);
    expect(contradictions(pressure({ endBar: 5.9 }), joint)[0]).toContain('The reading fell by 0.30 bar');
    expect(contradictions(pressure({ needle: 'swinging' }), joint)[0]).toContain('The needle swung');
    expect(contradictions(pressure({ startBar: 12, endBar: 12 }), joint)[0]).toContain(
      'The dial ends at 10 bar',
    );
  });

  it('of a cut is held against the thinner sheet', () => {
    const sizes = { crown: { mm: 1.5, giveMm: 0.1 }, undercut: { mm: 0.75, giveMm: 0.1 } };
    expect(contradictions(section(sizes), joint)).toEqual([]);
    expect(contradictions(section({ crown: { mm: 5, giveMm: 0.1 } }), joint)).toEqual([
      'A crown of 5 mm on 1.5 mm is no sound weld: measured right?',
    ]);
    expect(contradictions(section({ undercut: { mm: 0.8, giveMm: 0.1 } }), joint)[0]).toContain(
      'An undercut of 0.8 mm',
    );
    expect(contradictions(section({ misalignment: { mm: 0.8, giveMm: 0.1 } }), joint).length).toBe(1);
  });

  it('of a look with a hole did not hold, and dye and tints are the level’s to judge', () => {
    expect(contradictions({ kind: 'look', back: 'hole', faults: '' }, joint).length).toBe(1);
    expect(contradictions({ kind: 'look', back: 'even', faults: '' }, joint)).toEqual([]);
    expect(contradictions({ kind: 'dye', dwellMin: 10, longestMm: 4 }, joint)).toEqual([]);
  });

  it('stands out only where it was written down as held', () => {
    const test = { detail: { kind: 'leak', medium: 'water', leak: 'weld' }, result: 'holds' } as CouponTest;
    expect(standsOut(test, joint)).toEqual(['The weld leaked.']);
    expect(standsOut({ ...test, result: 'fails' }, joint)).toEqual([]);
  });
});
