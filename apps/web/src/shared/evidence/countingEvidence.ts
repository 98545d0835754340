import type { EvidenceCoupon, Practice } from '@lone-heron/core';

/** The coupons that speak to a question where the firm has several workshops: all, or by its practice those of the same one alone. */
export function countingEvidence(
  evidence: readonly EvidenceCoupon[],
  { workshopId }: { readonly workshopId?: string },
  { otherWorkshops }: Pick<Practice, 'otherWorkshops'>,
): readonly EvidenceCoupon[] {
  return otherWorkshops === 'borrowed'
    ? evidence
    : evidence.filter(({ weld }) => weld.workshopId === workshopId);
}
