import { sectionRanges, testRanges, type SectionMeasure } from '@lone-heron/contract';
import type { TypedQuantity } from '../../../shared/figures/readTyped.js';
import { sentenceStart } from '../../../shared/sentences/sentenceStart.js';

/** A figure that a test asks. */
export interface FigureField {
  readonly label: string;
  readonly quantity: TypedQuantity;
}

const figureField = (
  label: string,
  name: keyof typeof testRanges,
  dimension: TypedQuantity['dimension'] = null,
): FigureField => ({ label, quantity: { range: testRanges[name], dimension } });

/** Figures of the tests that ask for some, by the field of the record. */
export const figureFields = {
  angleDeg: figureField('Bent by', 'bendAngle'),
  mandrelMm: figureField('Mandrel', 'mandrel', 'length'),
  blows: figureField('Blows', 'blows'),
  dwellMin: figureField('Dye left for', 'dwell'),
  longestMm: figureField('Longest indication, 0 for none', 'indication', 'length'),
  volumeL: figureField('Water it holds', 'volume', 'volume'),
  fullScaleBar: figureField('End of the dial', 'fullScale', 'pressure'),
  classPercent: figureField('Class of the gauge', 'gaugeClass'),
  divisionBar: figureField('One division', 'division', 'pressure'),
  testBar: figureField('Pressure wanted', 'pressure', 'pressure'),
  startBar: figureField('Read at the start', 'pressure', 'pressure'),
  endBar: {
    label: 'Read at the end',
    quantity: { range: { ...testRanges.pressure, min: 0 }, dimension: 'pressure' },
  },
  heldMin: figureField('Held for', 'hold'),
} as const satisfies Readonly<Record<string, FigureField>>;

/** What can be measured of a section under a glass. */
export const sectionFields: Readonly<Record<SectionMeasure, FigureField>> = Object.fromEntries(
  Object.entries(sectionRanges).map(([name, range]) => [
    name,
    { label: sentenceStart(range.quantity), quantity: { range, dimension: 'length' } },
  ]),
) as Record<SectionMeasure, FigureField>;
