import { ladderKnobs, type Coupon, type LadderKnob, type Machine } from '@lone-heron/contract';
import { mostRungs, planRungs, RangeFault } from '@lone-heron/core';
import { Plus, Trash2 } from 'lucide-react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { useCouponQuery } from '../inspection/inspectionApi.js';
import { useMakeLadderMutation } from './laddersApi.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { Failure } from '../../shared/form/Failure.js';
import { PickField } from '../../shared/form/PickField.js';
import { SaveButton, signInFirst } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { Loading } from '../../shared/page/Loading.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { figure } from '../../shared/figures/figures.js';
import { readTyped } from '../../shared/figures/readTyped.js';
import { settingInWords } from '../../shared/sentences/settingInWords.js';
import { allowedOn, knobUnit, onPanel, placeOn, stepsBetween } from './ladderKnobs.js';
import { ModulationSchools } from './ModulationSchools.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { useKept } from '../../shared/typing/useKept.js';
import { useKeptId } from '../../shared/typing/useKeptId.js';
import { unlessShown } from '../../shared/api/unlessShown.js';

/** A ladder planned from a coupon: which knobs, from where to where, in how many steps, how often. */
export function NewLadder() {
  const [search] = useSearchParams();
  const from = search.get('from');
  return from === null || from === '' ? <NoCoupon /> : <LadderFrom couponId={from} />;
}

function NoCoupon() {
  return (
    <div className="mx-auto flex max-w-4xl flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title="New ladder" back={{ to: '/coupons/ladders', name: 'ladders' }} />
      <p className="sheet flex flex-wrap items-center gap-4 p-5 text-lg">
        <span className="grow">A ladder begins from a coupon: open the one whose knobs it is to turn.</span>
        <Link className="btn touch-always btn-primary" to="/coupons">
          To the coupons
        </Link>
      </p>
    </div>
  );
}

function LadderFrom({ couponId }: { couponId: string }) {
  const { data: coupon, error, refetch } = unlessShown(useCouponQuery(couponId));
  const { data: machines } = useMachinesQuery(undefined);
  if (error !== undefined) return <LoadFailed what="the coupon" error={error} retry={refetch} />;
  const machine = machines?.find(({ id }) => id === coupon?.machineId);
  if (coupon === undefined || machine === undefined) return <Loading what="the coupon" />;
  return <Plan coupon={coupon} machine={machine} />;
}

/** A knob as it is typed, in its plain unit. */
interface TypedAxis {
  readonly knob: LadderKnob;
  readonly least: string;
  readonly most: string;
  readonly steps: string;
}

const counts = ['2', '3', '4', '5', '6', '8'] as const;
const repeatChoices = ['1', '2', '3', '4', '6'] as const;
/** Where a ladder starts to each side of the coupon it comes from. */
const firstSpan = 0.2;

/** Said of a ladder that cannot be made yet. */
const planFirst = 'It has no name yet, or its steps are not right yet.';

function Plan({ coupon, machine }: { coupon: Coupon; machine: Machine }) {
  const navigate = useNavigate();
  const offered = offeredKnobs(machine, coupon);
  const sheet = `ladder from ${coupon.id}`;
  const { id, sent } = useKeptId(sheet);
  const [name, setName] = useKept(sheet, 'name', () => '');
  const [axes, setAxes] = useKept<readonly TypedAxis[]>(sheet, 'axes', () => [
    firstAxis(offered[0] ?? 'power', machine, coupon),
  ]);
  const [repeats, setRepeats] = useKept<(typeof repeatChoices)[number]>(sheet, 'repeats', () => '2');
  const [draws, keepDraws] = useKept<readonly number[]>(sheet, 'draws', () => drawn());
  const [make, { isLoading, error }] = useMakeLadderMutation();
  const person = usePersonAtDesk();
  const plan = planOf(axes, Number(repeats), machine, coupon);
  const isReady = plan.axes !== null && name.trim() !== '';
  const waitsFor = person === null ? signInFirst : isReady ? null : planFirst;
  const save = async () => {
    if (plan.axes === null || !isReady) return;
    const values = plan.axes.map((axis) => axis.values);
    const rungs = planRungs(values, Number(repeats), oneByOne(draws)).map((rung) => [...rung]);
    const { joint, setting } = coupon;
    const draft = { name: name.trim(), machineId: machine.id, joint, setting, axes: plan.axes, rungs };
    sent();
    keepDraws(draws);
    const answer = await make({ id, draft });
    if (answer.data === undefined) return;
    forgetTyping(sheet);
    void navigate(`/coupons/ladders/${id}`);
  };
  return (
    <form
      className="mx-auto flex max-w-4xl flex-col gap-4 px-4 py-3 sm:px-6"
      onSubmit={(event) => {
        event.preventDefault();
        if (waitsFor === null && !isLoading) void save();
      }}
    >
      <PageHeader
        title="New ladder"
        back={{ to: `/coupons/${coupon.id}`, name: `coupon ${coupon.number}` }}
      />
      <p className="text-soft">
        From coupon {coupon.number}: {settingInWords(coupon.joint, coupon.setting)}
      </p>
      <KeptNote sheet={sheet} />
      <section className="sheet flex flex-col gap-4 px-5 py-4" aria-label="Plan">
        <TextField label="What it is about" text={name} longest={80} onType={setName} />
        <Axes axes={axes} coupon={coupon} machine={machine} onChange={setAxes} />
        <div className="flex flex-wrap items-end gap-3">
          <AnotherKnob
            axes={axes}
            offered={offered}
            onAdd={(knob) => setAxes([...axes, { ...firstAxis(knob, machine, coupon), steps: '2' }])}
          />
          <div className="w-40">
            <PickField
              label="Each setting"
              value={repeats}
              choices={repeatChoices.map((value) => ({
                value,
                label: value === '1' ? 'once' : `${value} times`,
              }))}
              onPick={setRepeats}
            />
          </div>
          <p className="min-h-12 grow content-center" role="status">
            {plan.words}
          </p>
        </div>
        {axes.some(({ knob }) => knob === 'modulation') && (
          <ModulationSchools isFullDuty={coupon.setting.dutyPercent >= 100} answer={null} />
        )}
      </section>
      <WhoDidIt label="Planned by" />
      <Failure error={error} />
      <SaveButton name="Make the ladder" waitsFor={waitsFor} isSaving={isLoading} />
    </form>
  );
}

/** What shuffles the rungs, drawn once: the same plan saved again is in the same order. */
function drawn(): readonly number[] {
  return Array.from({ length: mostRungs }, Math.random);
}

function oneByOne(draws: readonly number[]): () => number {
  const left = draws.values();
  return () => left.next().value ?? 0;
}

interface AnotherKnobProps {
  axes: readonly TypedAxis[];
  offered: readonly LadderKnob[];
  onAdd: (knob: LadderKnob) => void;
}

/** Crosses the ladder with the next knob that is not in it; three at most. */
function AnotherKnob({ axes, offered, onAdd }: AnotherKnobProps) {
  const next = offered.find((knob) => !axes.some((each) => each.knob === knob));
  if (axes.length >= 3 || next === undefined) return null;
  return (
    <button type="button" className="btn touch-always" onClick={() => onAdd(next)}>
      <Plus className="size-5" aria-hidden="true" /> Cross with another knob
    </button>
  );
}

function offeredKnobs(machine: Machine, coupon: Coupon): readonly LadderKnob[] {
  return ladderKnobs.filter((knob) => allowedOn(machine.profile, coupon.setting, knob) !== null);
}

/** A knob as it is first offered: to each side of where the coupon stood, or over the machine's range. */
function firstAxis(knob: LadderKnob, machine: Machine, coupon: Coupon): TypedAxis {
  const { perSi, decimals } = knobUnit(knob);
  const allowed = allowedOn(machine.profile, coupon.setting, knob);
  const [min, max] = [allowed?.min ?? 0, allowed?.max ?? Infinity];
  const here = placeOn(coupon.setting, knob);
  if (here === null) return { knob, least: figure(min, decimals), most: figure(max, decimals), steps: '3' };
  const within = (share: number) => figure(Math.min(max, Math.max(min, here * perSi * share)), decimals);
  return { knob, least: within(1 - firstSpan), most: within(1 + firstSpan), steps: '4' };
}

interface AxesProps {
  axes: readonly TypedAxis[];
  coupon: Coupon;
  machine: Machine;
  onChange: (axes: readonly TypedAxis[]) => void;
}

/** A row for each knob, none of them twice. */
function Axes({ axes, coupon, machine, onChange }: AxesProps) {
  const put = (index: number, axis: TypedAxis) =>
    onChange(axes.map((each, i) => (i === index ? axis : each)));
  return axes.map((axis, index) => (
    <AxisFields
      key={index}
      axis={axis}
      offered={offeredKnobs(machine, coupon).filter(
        (knob) => knob === axis.knob || !axes.some((each) => each.knob === knob),
      )}
      allowed={allowedOn(machine.profile, coupon.setting, axis.knob)}
      onChange={(change) => put(index, { ...axis, ...change })}
      onKnob={(knob) => put(index, firstAxis(knob, machine, coupon))}
      onRemove={axes.length === 1 ? null : () => onChange(axes.filter((_, i) => i !== index))}
    />
  ));
}

/** What is planned: the knobs with their values in SI, or what is still wanted. */
function planOf(axes: readonly TypedAxis[], repeats: number, machine: Machine, coupon: Coupon) {
  const read = axes.map(({ knob, least, most, steps }) => {
    const range = allowedOn(machine.profile, coupon.setting, knob);
    if (range === null) return null;
    const [from, to] = [least, most].map((text) =>
      readTyped(text, { range, dimension: knobUnit(knob).dimension }),
    );
    if (from === undefined || to === undefined || !('value' in from) || !('value' in to)) return null;
    if (to.value <= from.value) return null;
    const { perSi } = knobUnit(knob);
    const values = stepsBetween(from.value, to.value, Number(steps)).map((value) => value / perSi);
    return { knob, values: onPanel(knob, values, machine, coupon.setting) };
  });
  if (read.some((axis) => axis !== null && new Set(axis.values).size < axis.values.length))
    return { axes: null, words: 'The panel has no steps that fine: fewer values, or further apart.' };
  const whole = read.filter((axis) => axis !== null);
  if (whole.length !== axes.length)
    return { axes: null, words: 'Each knob goes from a lower value to a higher one.' };
  try {
    const rungs = planRungs(
      whole.map(({ values }) => values),
      repeats,
      () => 0,
    );
    return {
      axes: whole,
      words: `${rungs.length} coupons${whole.length > 1 ? ', in shuffled order' : ', up in steps'}.`,
    };
  } catch (fault) {
    if (!(fault instanceof RangeFault)) throw fault;
    return { axes: null, words: fault.message };
  }
}

interface AxisFieldsProps {
  axis: TypedAxis;
  offered: readonly LadderKnob[];
  allowed: ReturnType<typeof allowedOn>;
  onChange: (change: Partial<TypedAxis>) => void;
  onKnob: (knob: LadderKnob) => void;
  onRemove: (() => void) | null;
}

function AxisFields({ axis, offered, allowed, onChange, onKnob, onRemove }: AxisFieldsProps) {
  const { unit, dimension } = knobUnit(axis.knob);
  const read = (text: string) => (allowed === null ? null : readTyped(text, { range: allowed, dimension }));
  return (
    <div
      className="grid grid-cols-2 items-end gap-3 sm:grid-cols-[1.4fr_1fr_1fr_1fr_3rem]"
      role="group"
      aria-label="Knob"
    >
      <PickField
        label="Knob"
        value={axis.knob}
        choices={offered.map((value) => ({ value, label: knobUnit(value).name }))}
        onPick={onKnob}
      />
      <TypedField
        label="From"
        unit={unit}
        text={axis.least}
        read={read(axis.least)}
        onType={(least) => onChange({ least })}
      />
      <TypedField
        label="To"
        unit={unit}
        text={axis.most}
        read={read(axis.most)}
        onType={(most) => onChange({ most })}
      />
      <PickField
        label="Values"
        value={axis.steps as (typeof counts)[number]}
        choices={counts.map((value) => ({ value, label: value }))}
        onPick={(steps) => onChange({ steps })}
      />
      {onRemove !== null && (
        <button
          type="button"
          className="btn btn-square touch-always btn-ghost"
          aria-label={`Leave ${knobUnit(axis.knob).name.toLowerCase()} out`}
          onClick={onRemove}
        >
          <Trash2 className="size-5" aria-hidden="true" />
        </button>
      )}
    </div>
  );
}
