import {
  couponTestDraftSchema,
  leakPlaces,
  pressureMedia,
  type Coupon,
  type PressureMedium,
  type TestDetail,
} from '@lone-heron/contract';
import { airEnergy, barGauge, litre, pressureFinding, waterEnergy } from '@lone-heron/core';
import { TriangleAlert } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useKept } from '../../../shared/typing/useKept.js';
import { useNavigate, useParams } from 'react-router';
import { useCouponQuery } from '../inspectionApi.js';
import { PickField } from '../../../shared/form/PickField.js';
import { bareUnitOf } from '../../../shared/figures/readTyped.js';
import { TypedField } from '../../../shared/form/TypedField.js';
import { useKeptValues, type TypedValues } from '../../../shared/form/useTypedValues.js';
import { LoadFailed } from '../../../shared/page/LoadFailed.js';
import { Loading } from '../../../shared/page/Loading.js';
import { PageHeader } from '../../../shared/page/PageHeader.js';
import { figure } from '../../../shared/figures/figures.js';
import { TestEnd } from './AddTest.js';
import { figureFields } from './testFields.js';
import { leakWords, mediumWords } from '../../../shared/vocabulary/testWords.js';
import { unlessShown } from '../../../shared/api/unlessShown.js';
import { spokenPressure } from '../../../shared/figures/spokenStates.js';

/** A pressure test from what is stored to what may be claimed: water first, and the pressure let off before it is handled. */
export function PressureScreen() {
  const { id = '' } = useParams();
  const { data: coupon, error, refetch } = unlessShown(useCouponQuery(id));
  if (error !== undefined) return <LoadFailed what="the coupon" error={error} retry={refetch} />;
  if (coupon === undefined) return <Loading what="the coupon" />;
  return <PressureTest coupon={coupon} />;
}

const before = ['volumeL', 'testBar', 'fullScaleBar', 'classPercent', 'divisionBar'] as const;
const held = ['startBar', 'endBar', 'heldMin'] as const;
type Before = TypedValues<(typeof before)[number]>;
type Held = TypedValues<(typeof held)[number]>;

const quantitiesOf = <Name extends keyof typeof figureFields>(names: readonly Name[]) =>
  Object.fromEntries(names.map((name) => [name, figureFields[name].quantity])) as {
    [Each in Name]: (typeof figureFields)[Each]['quantity'];
  };

function PressureTest({ coupon }: { coupon: Coupon }) {
  const navigate = useNavigate();
  const sheet = `pressure ${coupon.id}`;
  const plan = useKeptValues(sheet, 'plan', quantitiesOf(before));
  const hold = useKeptValues(sheet, 'hold', quantitiesOf(held));
  const [medium, setMedium] = useKept<PressureMedium>(sheet, 'medium', () => 'water');
  const [needle, setNeedle] = useKept<'steady' | 'swinging'>(sheet, 'needle', () => 'steady');
  const [leak, setLeak] = useKept<(typeof leakPlaces)[number]>(sheet, 'leak', () => 'none');
  const [isLetOff, setLetOff] = useState(false);
  const claim = useMemo(() => claimOf(plan, hold, needle, leak), [plan, hold, needle, leak]);
  const detail = detailOf(plan, hold, { medium, needle, leak, isLetOff });
  return (
    <div className="mx-auto flex max-w-4xl flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader
        title={`Pressure test of coupon ${coupon.number}`}
        back={{ to: `/coupons/${coupon.id}`, name: `coupon ${coupon.number}` }}
      />
      <Step number={1} title="Before it starts">
        <Figures names={before} typed={plan} />
        <StoredEnergy plan={plan} medium={medium} onMedium={setMedium} />
      </Step>
      <Step number={2} title="Held">
        <Figures names={held} typed={hold} />
        <div className="grid grid-cols-2 gap-3">
          <PickField
            label="The needle"
            value={needle}
            choices={[
              { value: 'steady', label: 'steady' },
              { value: 'swinging', label: 'swinging' },
            ]}
            onPick={setNeedle}
          />
          <PickField
            label="What leaked"
            value={leak}
            choices={leakPlaces.map((value) => ({ value, label: leakWords[value] }))}
            onPick={setLeak}
          />
        </div>
        {claim !== null && (
          <p className={`text-lg ${claim.isFault ? 'fault' : ''}`} role="status">
            {claim.words}
          </p>
        )}
      </Step>
      <Step number={3} title="Let the pressure off">
        <label className="flex min-h-14 items-center gap-3 text-lg">
          <input
            type="checkbox"
            className="checkbox"
            checked={isLetOff}
            onChange={(event) => setLetOff(event.target.checked)}
          />
          The pressure is off, the gauge reads nothing, and the vent is open.
        </label>
      </Step>
      <section className="sheet px-5 py-4">
        <TestEnd
          sheet={sheet}
          coupon={coupon}
          detail={detail}
          onStored={() => void navigate(`/coupons/${coupon.id}`)}
        >
          {!isLetOff && (
            <p className="text-soft">Nobody handles it, and nothing is written down, before step 3.</p>
          )}
        </TestEnd>
      </section>
    </div>
  );
}

function Step({ number, title, children }: { number: number; title: string; children: React.ReactNode }) {
  return (
    <section className="sheet flex flex-col gap-3 px-5 py-4" aria-label={title}>
      <h2 className="text-lg font-semibold">
        <span className="mr-2 figure text-soft">{number}</span>
        {title}
      </h2>
      {children}
    </section>
  );
}

interface FiguresProps<Name extends keyof typeof figureFields> {
  names: readonly Name[];
  typed: TypedValues<Name>;
}

function Figures<Name extends keyof typeof figureFields>({ names, typed }: FiguresProps<Name>) {
  return (
    <div className="grid grid-cols-2 items-start gap-3 sm:grid-cols-3">
      {names.map((name) => (
        <TypedField
          key={name}
          label={figureFields[name].label}
          unit={bareUnitOf(figureFields[name].quantity)}
          text={typed.texts[name]}
          read={typed.reads[name]}
          onType={(text) => typed.type(name, text)}
        />
      ))}
    </div>
  );
}

interface StoredEnergyProps {
  plan: Before;
  medium: PressureMedium;
  onMedium: (medium: PressureMedium) => void;
}

/** What would be let loose, with water and with air side by side. */
function StoredEnergy({ plan, medium, onMedium }: StoredEnergyProps) {
  const { values } = plan;
  const joules = (of: PressureMedium) => {
    if (values === null) return null;
    const energy = of === 'water' ? waterEnergy : airEnergy;
    return energy(barGauge(values.testBar), litre(values.volumeL));
  };
  const [water, air] = [joules('water'), joules('air')];
  return (
    <>
      <fieldset className="grid grid-cols-2 gap-3">
        <legend className="mb-1 font-medium">Filled with</legend>
        {pressureMedia.map((each) => {
          const stored = each === 'water' ? water : air;
          return (
            <button
              key={each}
              type="button"
              aria-pressed={medium === each}
              className={`flex min-h-20 flex-col items-start rounded-box border px-4 py-2 text-left ${
                medium === each ? 'border-primary outline-2 outline-primary' : 'border-base-300'
              }`}
              onClick={() => onMedium(each)}
            >
              <strong className="text-lg">{mediumWords[each]}</strong>
              <span className="figure text-xl">{stored === null ? '–' : energyWords(stored)}</span>
              <span className="text-sm text-soft">stored in it</span>
            </button>
          );
        })}
      </fieldset>
      {water !== null && air !== null && (
        <p>Air stores {figure(air / water, 0)} times as much: it bursts where water weeps.</p>
      )}
      <p className="flex gap-2 rounded-box bg-warning px-3 py-2 text-warning-content">
        <TriangleAlert className="mt-0.5 size-5 shrink-0" aria-hidden="true" />
        <span>
          {medium === 'air'
            ? 'With air a weld that lets go throws its pieces. Only where water cannot be used, behind a barrier, with nobody near, a relief valve fitted, and as your local code and a competent person allow.'
            : 'Fill it to the brim and bleed the air out: a bubble stores what the air figure says for its size. Everybody behind a barrier while it is raised.'}{' '}
          The figures are for planning; the code that governs the part decides whether and how it is tested.
        </span>
      </p>
    </>
  );
}

function energyWords(joules: number): string {
  return joules < 1000 ? `${figure(joules, 1)} J` : `${figure(joules / 1000, 1)} kJ`;
}

/** What the hold lets one say, as soon as it can be said. */
function claimOf(plan: Before, hold: Held, needle: 'steady' | 'swinging', leak: (typeof leakPlaces)[number]) {
  if (plan.values === null || hold.values === null) return null;
  const { volumeL, fullScaleBar, classPercent, divisionBar } = plan.values;
  const { startBar, endBar, heldMin } = hold.values;
  if (Math.max(startBar, endBar) > fullScaleBar) {
    return {
      words: `The dial ends at ${spokenPressure(fullScaleBar)}: it cannot have read more.`,
      isFault: true,
    };
  }
  const gauge = { fullScale: barGauge(fullScaleBar), classPercent, division: barGauge(divisionBar) };
  const reading = { start: barGauge(startBar), end: barGauge(endBar), minutes: heldMin };
  const { words, verdict } = pressureFinding({ gauge, volume: litre(volumeL), ...reading, needle, leak });
  return { words, isFault: verdict === 'leaked' };
}

interface Picked {
  medium: PressureMedium;
  needle: 'steady' | 'swinging';
  leak: (typeof leakPlaces)[number];
  isLetOff: boolean;
}

/** The record; null until the pressure is off and every figure is good. */
function detailOf(plan: Before, hold: Held, picked: Picked): TestDetail | null {
  if (plan.values === null || hold.values === null) return null;
  const { volumeL, fullScaleBar, classPercent, divisionBar } = plan.values;
  const gauge = { fullScaleBar, classPercent, divisionBar };
  const detail = { kind: 'pressure', volumeL, gauge, ...hold.values, ...picked };
  return couponTestDraftSchema.shape.detail.safeParse(detail).data ?? null;
}
