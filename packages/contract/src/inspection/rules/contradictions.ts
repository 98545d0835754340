import { barGauge, litre, pressureFinding } from '@lone-heron/core';
import type { Joint } from '../../joint/joint.js';
import type { CouponTest, TestDetail } from '../couponTest.js';

type Of<Kind extends TestDetail['kind']> = Extract<TestDetail, { kind: Kind }>;

/** Of the thinner sheet: more than this is no sound weld, whatever the level asks. */
const mostShares = { crown: 1, undercut: 0.5, misalignment: 0.5 } as const;

/**
 * Why what a test found cannot have held, in sentences; empty where it can. A result that says otherwise is a slip of the pen or of
 * the eye, and is not taken.
 */
export function contradictions(detail: TestDetail, joint: Joint): readonly string[] {
  switch (detail.kind) {
    case 'bend':
    case 'vice':
    case 'hammer':
    case 'peel':
      return breakOf(detail.brokeAt);
    case 'leak':
      return leakOf(detail.leak);
    case 'pressure':
      return pressureOf(detail);
    case 'section':
      return sectionOf(detail, Math.min(joint.firstThicknessMm, joint.secondThicknessMm));
    case 'look':
      return detail.back === 'hole' ? ['A hole does not hold.'] : [];
    case 'dye':
    case 'tint':
      return [];
  }
}

/** Why a test that was written down as held is not taken for it; empty where it is, or did not say so. */
export function standsOut({ detail, result }: CouponTest, joint: Joint): readonly string[] {
  return result === 'holds' ? contradictions(detail, joint) : [];
}

function breakOf(brokeAt: Of<'bend'>['brokeAt']): readonly string[] {
  if (brokeAt === 'inWeld') return ['It broke in the weld.'];
  return brokeAt === 'besideWeld' ? ['It broke beside the weld.'] : [];
}

function leakOf(leak: Of<'leak'>['leak']): readonly string[] {
  const words = {
    none: [],
    weld: ['The weld leaked.'],
    fitting: ['A fitting leaked, which says nothing of the weld: seal it and test again.'],
    notFound: ['Something leaked and was not found: find it before anything is claimed.'],
  } as const;
  return words[leak];
}

function pressureOf(detail: Of<'pressure'>): readonly string[] {
  const { gauge, volumeL, startBar, endBar, needle, leak, heldMin } = detail;
  if (Math.max(startBar, endBar) > gauge.fullScaleBar)
    return [`The dial ends at ${gauge.fullScaleBar} bar: it cannot have read more.`];
  const { verdict, words } = pressureFinding({
    gauge: {
      fullScale: barGauge(gauge.fullScaleBar),
      classPercent: gauge.classPercent,
      division: barGauge(gauge.divisionBar),
    },
    volume: litre(volumeL),
    ...{ start: barGauge(startBar), end: barGauge(endBar), minutes: heldMin, needle, leak },
  });
  return verdict === 'held' ? [] : [words];
}

function sectionOf({ measured }: Of<'section'>, thinnerMm: number): readonly string[] {
  return (['crown', 'undercut', 'misalignment'] as const).flatMap((name) => {
    const mm = measured[name]?.mm ?? 0;
    if (mm <= mostShares[name] * thinnerMm) return [];
    return [
      `A${name === 'undercut' ? 'n' : ''} ${name} of ${mm} mm on ${thinnerMm} mm is no sound weld: measured right?`,
    ];
  });
}
