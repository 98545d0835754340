import type { CouponTestDraft, FieldProblem } from '@lone-heron/contract';

/**
 * What a schema cannot see of a test: that its photos are the coupon's, and that a reading is one that can be.
 *
 * @param photos ids of the coupon's photos
 */
export function senseProblems(
  { detail, photoIds }: Pick<CouponTestDraft, 'detail' | 'photoIds'>,
  photos: ReadonlySet<string>,
): FieldProblem[] {
  const problems: FieldProblem[] = photoIds
    .filter((given) => !photos.has(given))
    .map((given) => ({ field: 'photoIds', given, allowed: 'the ids of photos of this coupon' }));
  if ((detail.kind === 'section' || detail.kind === 'tint') && detail.photoId !== null) {
    const allowed = 'the id of a photo of this coupon';
    if (!photos.has(detail.photoId))
      problems.push({ field: 'detail.photoId', given: detail.photoId, allowed });
  }
  if (detail.kind === 'section') {
    const { isThrough, measured } = detail;
    if (!isThrough && (measured.depth?.mm ?? 0) <= 0) {
      problems.push({
        field: 'detail.measured.depth',
        given: String(measured.depth?.mm ?? 'nothing'),
        allowed: 'a depth above 0 mm, where the melt did not come through',
      });
    }
  }
  if (detail.kind === 'pressure') {
    for (const field of ['startBar', 'endBar'] as const) {
      if (detail[field] > detail.gauge.fullScaleBar) {
        const allowed = `up to ${detail.gauge.fullScaleBar} bar, the end of the dial`;
        problems.push({ field: `detail.${field}`, given: String(detail[field]), allowed });
      }
    }
  }
  return problems;
}
