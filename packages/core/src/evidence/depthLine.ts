import type { MetalFamily } from '../metal/index.js';
import type { ShieldingGas } from '../gas/index.js';
import type { EvidenceCoupon, EvidenceWeld } from './EvidenceWeld.js';
import { weldScatter } from '../odds/index.js';
import { tableSpread } from './tableSpread.js';

/** What one weight of the shop's line stands for. */
export type LineTerm =
  | { readonly kind: 'shop' }
  /** What another workshop of the firm differs by from the one that is asked about, in a family of metals or, where that is null, in all it welds. */
  | { readonly kind: 'workshop'; readonly workshopId: string; readonly family: MetalFamily | null }
  | { readonly kind: 'machine'; readonly machineId: string }
  | { readonly kind: 'family'; readonly family: MetalFamily }
  | { readonly kind: 'gas'; readonly gas: ShieldingGas }
  | { readonly kind: 'gunAngle' | 'wobbleRate' | 'modulation' | 'duty' | 'power' | 'thick' };

/** The line ln(real/model depth) = x'beta: its terms with the standard deviation of each weight before any coupon. */
export interface DepthLine {
  readonly terms: readonly LineTerm[];
  readonly priorSd: readonly number[];
}

/** Standard deviations of the weights before any coupon; covariates per unit of x. What is 0 here follows from the others. */
const prior = {
  shop: 0,
  workshop: 0,
  machine: 0.12,
  family: 0.12,
  gas: 0.06,
  gunAngle: 0.06,
  wobbleRate: 0.15,
  modulation: 0.05,
  duty: 0.15,
  power: 0.1,
  thick: 0.27,
} as const;

/** The shop's own offset is never taken for surer than this. */
const leastShopSd = 0.03;

const covariates = ['gunAngle', 'wobbleRate', 'modulation', 'duty', 'power', 'thick'] as const;

/**
 * The line that a question and a set of coupons need: one weight for the shop, one for each machine, metal family and
 * gas that occurs, and the covariates. A coupon of another workshop of the firm
 * has weights for what that one differs by, so that it says less of this one; how much less is learned. @see likeLine
 *
 * The spread of the metal table is the whole spread of a weld before any coupon. What one weld differs from the next by,
 * and what machine, family, gas and covariates take of it at the question, is taken off the shop's own weight, so that
 * without a coupon the next weld has exactly the table's spread. A family whose own spread is wider than the question's carries the excess in its weight.
 *
 * @example
 * depthLine(sampleWeld, []).terms.length // => 10
 */
export function depthLine(question: EvidenceWeld, coupons: readonly EvidenceCoupon[]): DepthLine {
  const welds = [question, ...coupons.map(({ weld }) => weld)];
  const terms: LineTerm[] = [
    { kind: 'shop' },
    ...otherWorkshops(question, welds),
    ...distinct(welds, ({ machineId }) => machineId).map(
      (machineId) => ({ kind: 'machine', machineId }) as const,
    ),
    ...distinct(welds, ({ melt }) => melt.metal.family).map(
      (family) => ({ kind: 'family', family }) as const,
    ),
    ...distinct(welds, ({ gas }) => gas).map((gas) => ({ kind: 'gas', gas }) as const),
    ...covariates.map((kind) => ({ kind })),
  ];
  const whole = tableSpread(question) ** 2 - weldScatter ** 2;
  const priorSd = terms.map((term) => termSd(term, question, welds, whole));
  const x = lineRow(terms, question);
  const others = terms.reduce(
    (sum, _, i) => sum + (i === 0 ? 0 : ((x[i] as number) * (priorSd[i] as number)) ** 2),
    0,
  );
  priorSd[0] = Math.sqrt(Math.max(whole - others, leastShopSd ** 2));
  return likeLine({ terms, priorSd }, usualLikeness);
}

/** What other workshops than the question's differ by. */
function otherWorkshops(question: EvidenceWeld, welds: readonly EvidenceWeld[]): readonly LineTerm[] {
  const others = welds.filter((weld) => workshopOf(weld) !== workshopOf(question));
  return distinct(others, workshopOf).flatMap((workshopId): LineTerm[] => {
    const theirs = others.filter((weld) => workshopOf(weld) === workshopId);
    const families = distinct(theirs, ({ melt }) => melt.metal.family);
    return [null, ...families].map((family) => ({ kind: 'workshop', workshopId, family }));
  });
}

const workshopOf = ({ workshopId = '' }: EvidenceWeld): string => workshopId;

/** How alike workshops of a firm are taken to be where nothing says otherwise. */
const usualLikeness = 0.5;

/**
 * The line of a firm whose workshops are so much alike: the share of what shop, family and gas have of their own that another workshop has in
 * common with the one that is asked about. The line of one workshop alone is the same for all.
 *
 * @param likeness above 0, for workshops that have nothing to do with each other, up to 1, for benches of one shop
 */
export function likeLine({ terms, priorSd }: DepthLine, likeness: number): DepthLine {
  const differing = Math.sqrt(1 / likeness - 1);
  const sdOf = (is: (term: LineTerm) => boolean) => priorSd[terms.findIndex(is)] ?? 0;
  const ofAll =
    differing *
    Math.hypot(
      sdOf(({ kind }) => kind === 'shop'),
      prior.gas,
    );
  return {
    terms,
    priorSd: priorSd.map((sd, i) => {
      const term = terms[i];
      if (term?.kind !== 'workshop') return sd;
      return term.family === null
        ? ofAll
        : differing * sdOf((other) => other.kind === 'family' && other.family === term.family);
    }),
  };
}

function distinct<T>(welds: readonly EvidenceWeld[], of: (weld: EvidenceWeld) => T): readonly T[] {
  return [...new Set(welds.map(of))];
}

function termSd(
  term: LineTerm,
  question: EvidenceWeld,
  welds: readonly EvidenceWeld[],
  whole: number,
): number {
  if (term.kind !== 'family' || term.family === question.melt.metal.family) return prior[term.kind];
  const own = welds.filter(({ melt }) => melt.metal.family === term.family).map(tableSpread);
  return Math.sqrt(prior.family ** 2 + Math.max(0, Math.max(...own) ** 2 - weldScatter ** 2 - whole));
}

/**
 * Variance that a weld's machine, family and gas have of their own where the line holds no weight for them: they are
 * then as unknown as before any coupon.
 */
export function unknownVariance(terms: readonly LineTerm[], weld: EvidenceWeld): number {
  const isKnown = (has: (term: LineTerm) => boolean) => terms.some(has);
  const { family } = weld.melt.metal;
  const machine = isKnown((term) => term.kind === 'machine' && term.machineId === weld.machineId);
  const metal = isKnown((term) => term.kind === 'family' && term.family === family);
  const gas = isKnown((term) => term.kind === 'gas' && term.gas === weld.gas);
  return (machine ? 0 : prior.machine ** 2) + (metal ? 0 : prior.family ** 2) + (gas ? 0 : prior.gas ** 2);
}

/**
 * The row x of a weld: 1 for what it has of the shop, its machine, family and gas, and its covariates.
 *
 * @example
 * lineRow([{ kind: 'shop' }, { kind: 'gas', gas: 'nitrogen' }], sampleWeld)[1] // => 0
 */
export function lineRow(terms: readonly LineTerm[], weld: EvidenceWeld): Float64Array {
  return Float64Array.from(terms, (term) => {
    switch (term.kind) {
      case 'shop':
        return 1;
      case 'workshop':
        return term.workshopId === workshopOf(weld) &&
          (term.family === null || term.family === weld.melt.metal.family)
          ? 1
          : 0;
      case 'machine':
        return term.machineId === weld.machineId ? 1 : 0;
      case 'family':
        return term.family === weld.melt.metal.family ? 1 : 0;
      case 'gas':
        return term.gas === weld.gas ? 1 : 0;
      case 'gunAngle':
      case 'wobbleRate':
      case 'modulation':
      case 'duty':
      case 'power':
      case 'thick':
        return covariate(term.kind, weld);
    }
  });
}

const usualAngle = Math.PI / 4;
const anglePerUnit = Math.PI / 12;
const usualWobbleRate = 60;
const usualModulation = 2000;
const usualPower = 1000;
/** Where the spread of the metal table passes to what the model is carried to, m. */
const thickFrom = 4e-3;
const thickTo = 6e-3;

function covariate(kind: (typeof covariates)[number], { melt, gunAngle }: EvidenceWeld): number {
  switch (kind) {
    case 'gunAngle':
      return (gunAngle - usualAngle) / anglePerUnit;
    case 'wobbleRate':
      return melt.wobble.shape === 'none' ? 0 : Math.log(melt.wobble.frequency / usualWobbleRate);
    case 'modulation':
      return melt.duty >= 1 || melt.modulation === undefined
        ? 0
        : Math.log(melt.modulation / usualModulation);
    case 'duty':
      return Math.log(melt.duty);
    case 'power':
      return Math.log(melt.power / usualPower);
    // What the model is carried to is told by sheet of that thickness alone, never by thinner.
    case 'thick':
      return Math.min(1, Math.max(0, (melt.thickness - thickFrom) / (thickTo - thickFrom)));
  }
}
