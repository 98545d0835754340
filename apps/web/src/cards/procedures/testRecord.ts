import {
  realTravelMmS,
  type CardContent,
  type PaperLine,
  type PaperSection,
  type ProcedureStated,
  type WeldedCoupon,
} from '@lone-heron/contract';
import { format } from 'date-fns';
import { spokenTravel } from '../../shared/figures/spoken.js';
import { figure, mmFigure } from '../../shared/figures/figures.js';
import { lookNames, wordsOfLooks } from '../../shared/vocabulary/looks.js';
import { dialledInWords, jointInWords } from '../../shared/sentences/settingInWords.js';
import { foundInWords, resultWords, testWords } from '../../shared/vocabulary/testWords.js';
import { statedLines } from './procedureSheet.js';

interface RecordFacts {
  readonly content: CardContent;
  readonly stated: ProcedureStated;
  readonly welded: readonly WeldedCoupon[];
  readonly nameOf: (personId: string) => string;
}

/** What was welded by the card and what its tests found, coupon by coupon. */
export function testRecord(facts: RecordFacts): PaperSection[] {
  const { content, welded, nameOf } = facts;
  return [
    {
      heading: 'Welded by',
      lines: [
        line('Card', content.name),
        line('Joint', jointInWords(content.joint)),
        line('Level', content.level.name),
        line('Coupons', welded.length === 0 ? null : String(welded.length)),
        ...statedLines('Record', facts),
      ],
    },
    ...welded.map((each) => couponSection(each, nameOf)),
  ];
}

const line = (name: string, value: string | null): PaperLine => ({ name, value, from: 'coupons' });

function couponSection({ coupon, tests }: WeldedCoupon, nameOf: RecordFacts['nameOf']): PaperSection {
  const { lightOnS, runLengthMm } = coupon;
  const travel = realTravelMmS(coupon);
  const day = (iso: string) => format(new Date(iso), 'd MMM yyyy');
  return {
    heading: `Coupon ${coupon.number}`,
    lines: [
      line('Welded', `${day(coupon.weldedAt)} by ${nameOf(coupon.personId)}`),
      line('Machine', `revision ${coupon.machineRevision}, protective window ${coupon.windowNumber}`),
      line('Dialled', dialledInWords(coupon.setting)),
      line('Light on', lightOnS === null ? null : `${figure(lightOnS, 1)} s`),
      line('Length', runLengthMm === null ? null : mmFigure(runLengthMm)),
      line('Real travel', travel === null ? null : spokenTravel(travel)),
      line(lookNames[coupon.lookedAt ?? 'back'], wordsOfLooks(coupon.lookedAt)[coupon.back].long),
      ...tests.map(({ detail, result, doneAt, doneBy, remark }) =>
        line(
          testWords[detail.kind].name,
          `${foundInWords(detail)}; ${resultWords[result]}. ${day(doneAt)}, ${nameOf(doneBy)}${remark === '' ? '' : `. ${remark}`}`,
        ),
      ),
      ...(tests.length === 0 ? [line('Tests', null)] : []),
    ],
  };
}
