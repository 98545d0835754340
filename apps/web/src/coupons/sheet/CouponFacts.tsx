import { coreSetting, realTravelMmS, type Coupon, type Machine, type Person } from '@lone-heron/contract';
import { fillerTable, gasTable, wobbleNames } from '@lone-heron/core';
import { spokenLength } from '../../shared/figures/spoken.js';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { panelFigure, panelRows } from '../../shared/panel/panelKnobs.js';
import { figure } from '../../shared/figures/figures.js';
import { flowFigure, travelFigure } from '../../shared/figures/houseUnits.js';
import { wordsOfLooks } from '../../shared/vocabulary/looks.js';
import { shownMoment } from '../../shared/figures/moments.js';
import { colourWords, faceWords, slipWords, weldingWords } from '../../shared/vocabulary/signs.js';
import { useNow } from '../../shared/clock/useNow.js';
import { wireInWords } from '../../shared/sentences/wireInWords.js';

interface CouponFactsProps {
  coupon: Coupon;
  machine: Machine | undefined;
  people: readonly Person[];
}

/** What was dialled in the panel's own words, what was timed, what was seen, and who, when and through which glass. */
export function CouponFacts(props: CouponFactsProps) {
  const now = useNow();
  return (
    <section className="sheet px-5 py-3" aria-label="Setting and what was seen">
      <dl className="grid grid-cols-[minmax(7rem,auto)_1fr]">
        {[...useDialled(props), ...useTimed(props), ...seen(props.coupon), ...who(props, now)].map(
          ([name, value]) => (
            <div key={name} className="group contents">
              <dt className="border-t border-base-300 py-1.5 pr-5 text-soft group-first:border-t-0">
                {name}
              </dt>
              <dd className="border-t border-base-300 py-1.5 group-first:border-t-0">{value}</dd>
            </div>
          ),
        )}
      </dl>
    </section>
  );
}

type Fact = readonly [name: string, value: string];

function useUnits() {
  return houseContent(useHouseQuery(undefined).data).units;
}

function useDialled({ coupon: { setting }, machine }: CouponFactsProps): readonly Fact[] {
  const units = useUnits();
  const rows = machine === undefined ? [] : panelRows(machine.profile, coreSetting(setting), units);
  const { wobble, pace, gas, gasFlowLMin } = setting;
  return [
    ...rows.map((row): Fact => [row.name, `${panelFigure(row, row.value)} ${row.scale.unit}`]),
    ['Wobble', wobble.shape === 'none' ? 'none' : wobbleNames[wobble.shape]],
    ...(pace.by === 'wire'
      ? [
          [
            'Wire fed',
            `${wireInWords(pace.wireDiameterMm)}${pace.filler === undefined ? '' : ` ${fillerTable[pace.filler].name}`}`,
          ] as const,
        ]
      : []),
    ['Gas', `${gasTable[gas].name}, ${flowFigure(gasFlowLMin, units)}`],
  ];
}

function useTimed({ coupon }: CouponFactsProps): readonly Fact[] {
  const units = useUnits();
  const travel = realTravelMmS(coupon);
  const { lightOnS, runLengthMm } = coupon;
  const parts = [
    ...(lightOnS === null ? [] : [`light on ${figure(lightOnS, 2)} s`]),
    ...(runLengthMm === null ? [] : [`run ${spokenLength(runLengthMm)}`]),
  ];
  const words = travel === null ? 'not known' : travelFigure(travel, units);
  return [['Real travel', parts.length === 0 ? words : `${words} (${parts.join(', ')})`]];
}

function seen(coupon: Coupon): readonly Fact[] {
  const { face, welding, colour, gunAngleDeg, along, lookedAt, slip, remark } = coupon;
  const facts: (Fact | null)[] = [
    slip === undefined ? null : ['Slip', `${slipWords[slip]}: says nothing of the setting`],
    along === undefined ? null : ['Along the run', stretches(along, lookedAt)],
    face === undefined ? null : ['Face', face.map((sign) => faceWords[sign]).join(', ')],
    colour === undefined
      ? null
      : ['Colour', `left ${colourWords[colour.left]}, right ${colourWords[colour.right]}`],
    welding === undefined ? null : ['While welding', welding.map((sign) => weldingWords[sign]).join(', ')],
    gunAngleDeg === undefined ? null : ['Gun', `${figure(gunAngleDeg, 0)}° from the sheet`],
    remark === '' ? null : ['Remark', `“${remark}”`],
  ];
  return facts.filter((fact) => fact !== null);
}

function stretches(along: NonNullable<Coupon['along']>, lookedAt: Coupon['lookedAt']): string {
  return along
    .map(({ toMm, back, slip }, i) => {
      const from = along[i - 1]?.toMm ?? 0;
      const words = `${spokenLength(from)} to ${spokenLength(toMm)} ${wordsOfLooks(lookedAt)[back].short}`;
      return slip === null ? words : `${words} (${slipWords[slip]})`;
    })
    .join('; ');
}

function who({ coupon, machine, people }: CouponFactsProps, now: Date): readonly Fact[] {
  const name = people.find(({ id }) => id === coupon.personId)?.name ?? '';
  return [
    ['Machine', `${machine?.name ?? coupon.machineId}, window ${coupon.windowNumber}`],
    ['Welded', `${name} ${shownMoment(coupon.weldedAt, now)}`.trim()],
    ...(coupon.datedBack === undefined
      ? []
      : [
          ['Dated back', `written down ${shownMoment(coupon.recordedAt, now)}: ${coupon.datedBack}`] as const,
        ]),
  ];
}
