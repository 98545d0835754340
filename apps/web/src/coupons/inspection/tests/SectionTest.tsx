import { couponTestDraftSchema, sectionMeasures, type Coupon, type TestDetail } from '@lone-heron/contract';
import { useEffect, useMemo } from 'react';
import { Link } from 'react-router';
import { TypedField } from '../../../shared/form/TypedField.js';
import { shopUnits } from '../../../shared/figures/shopUnits.js';
import { readTyped } from '../../../shared/figures/readTyped.js';
import { SectionPrepared, useSectionPreparation } from './SectionPrepared.js';
import { sectionFields } from './testFields.js';
import { useKept } from '../../../shared/typing/useKept.js';

interface SectionTestProps {
  sheet: string;
  coupon: Coupon;
  onDetail: (detail: TestDetail | null) => void;
}

/** How far off a length read under a glass with a scale may be, mm. */
const underGlassMm = 0.1;

/** A section that was measured under a glass; on a photo it is measured on a page of its own. */
export function SectionTest({ sheet, coupon, onDetail }: SectionTestProps) {
  const [prepared, setPrepared] = useSectionPreparation(coupon);
  const [texts, setTexts] = useKept<Readonly<Record<string, string>>>(sheet, 'measures', () => ({}));
  const detail = useMemo(() => {
    const measured = measuredOf(texts);
    if (measured === null) return null;
    const wanted = { kind: 'section', ...prepared, measured, photoId: null };
    const hasDepth = prepared.isThrough || measured['depth'] !== undefined;
    return hasDepth ? (couponTestDraftSchema.shape.detail.safeParse(wanted).data ?? null) : null;
  }, [texts, prepared]);
  useEffect(() => onDetail(detail), [detail, onDetail]);
  return (
    <div className="flex flex-col gap-3">
      <p className="text-soft">
        Cut across the run where the weld was steady, grind in two grits, etch.{' '}
        <Link className="link" to={`/coupons/${coupon.id}/measure`}>
          Measure it on a photo
        </Link>{' '}
        or under a glass:
      </p>
      <SectionPrepared coupon={coupon} prepared={prepared} onChange={setPrepared} />
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
        {sectionMeasures.map((name) => (
          <TypedField
            key={name}
            label={sectionFields[name].label}
            unit={shopUnits().length}
            text={texts[name] ?? ''}
            read={
              (texts[name] ?? '').trim() === ''
                ? null
                : readTyped(texts[name] ?? '', sectionFields[name].quantity)
            }
            onType={(text) => setTexts({ ...texts, [name]: text })}
          />
        ))}
      </div>
    </div>
  );
}

type Measured = Partial<Record<string, { mm: number; giveMm: number }>>;

/** What was measured, with the reading error of a glass; null while a figure is at fault. */
function measuredOf(texts: Readonly<Record<string, string>>): Measured | null {
  const measured: Measured = {};
  for (const name of sectionMeasures) {
    const text = texts[name] ?? '';
    if (text.trim() === '') continue;
    const read = readTyped(text, sectionFields[name].quantity);
    if (!('value' in read)) return null;
    measured[name] = { mm: read.value, giveMm: underGlassMm };
  }
  return measured;
}
