import type { MetalFamily } from '../metal/index.js';
import { correctionAlong } from './depthCorrection.js';
import type { LineTerm } from './depthLine.js';
import type { ShopEvidence } from './shopEvidence.js';

/** How a machine welds a metal family beside the model, covariates at their usual values. */
export interface ShopOffset {
  /** Per cent deeper; negative for shallower. */
  readonly deeperPercent: number;
  /** Per cent either way, one standard deviation. */
  readonly giveOrTake: number;
  /** Such as "9 % deeper than the model, give or take 5 %". */
  readonly words: string;
}

/**
 * The summed contrast of shop, machine and family, which overlap and mean little each on its own.
 *
 * @returns null where the evidence holds nothing of that machine or family
 * @example
 * shopOffset(shopEvidence(sampleWeld, [sampleCoupon('faint', 'a'), sampleCoupon('faint', 'b')]), sampleWeld.machineId, 'stainless').words // => '12 % shallower than the model, give or take 10 %'
 */
export function shopOffset(
  evidence: ShopEvidence,
  machineId: string,
  family: MetalFamily,
): ShopOffset | null {
  const { terms } = evidence.line;
  const isOf = (term: LineTerm): boolean => {
    if (term.kind === 'machine') return term.machineId === machineId;
    return term.kind === 'family' && term.family === family;
  };
  if (evidence.used.length === 0 || terms.filter(isOf).length < 2) return null;
  // Of a firm's workshops it is the one that was asked about.
  const row = Float64Array.from(terms, (term) => (term.kind === 'shop' || isOf(term) ? 1 : 0));
  const { lnRatio, sd } = correctionAlong(evidence, row);
  const deeperPercent = Math.expm1(lnRatio) * 100;
  const giveOrTake = Math.exp(lnRatio) * sd * 100;
  return { deeperPercent, giveOrTake, words: offsetWords(deeperPercent, giveOrTake) };
}

function offsetWords(percent: number, giveOrTake: number): string {
  const size = Math.abs(Math.round(percent));
  const doubt = `give or take ${Math.round(giveOrTake)} %`;
  if (size === 0) return `as deep as the model, ${doubt}`;
  return `${size} % ${percent > 0 ? 'deeper' : 'shallower'} than the model, ${doubt}`;
}
