import { settingOfRung, type Coupon, type Ladder, type Machine } from '@lone-heron/contract';
import type { KnobAnswer } from '@lone-heron/core';
import { Archive, Check, NotebookPen, Printer } from 'lucide-react';
import { lazy, Suspense, useMemo } from 'react';
import { useDispatch, useSelector } from 'react-redux';
import { Link, useParams } from 'react-router';
import { v7 as uuid } from 'uuid';
import { shopNow } from '../../shared/clock/shopClock.js';
import { useCouponsQuery } from '../../shared/api/couponsApi.js';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { useCloseLadderMutation, useLaddersQuery, useReopenLadderMutation } from './laddersApi.js';
import { untypedCoupon } from '../../shared/coupons/log/TypedCoupon.js';
import LogCoupon from '../../shared/coupons/log/LogCoupon.js';
import { Failure } from '../../shared/form/Failure.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { Loading } from '../../shared/page/Loading.js';
import { logOpened, selectOpenLog } from '../../shared/memory/couponDraftSlice.js';
import { OutcomeMark } from '../../shared/coupons/OutcomeMark.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { figure } from '../../shared/figures/figures.js';
import { outcomeOfLook, wordsOfLooks } from '../../shared/vocabulary/looks.js';
import { settingInWords } from '../../shared/sentences/settingInWords.js';
import { knobUnit, rungInWords, rungLabel } from './ladderKnobs.js';
import { ladderSays, type LadderSays } from './ladderSays.js';
import { ModulationSchools } from './ModulationSchools.js';
import { unlessShown } from '../../shared/api/unlessShown.js';

const LadderChart = lazy(() => import('./LadderChart.js'));

/** A ladder: its cutting list with labels, the coupons logged on it, and what they say so far. */
export function LadderScreen() {
  const { id = '' } = useParams();
  const { data: ladders, error, refetch } = unlessShown(useLaddersQuery(undefined));
  const { data: page } = useCouponsQuery({ ladderId: id, limit: 200, order: 'up' });
  const { data: machines } = useMachinesQuery(undefined);
  if (error !== undefined) return <LoadFailed what="the ladder" error={error} retry={refetch} />;
  if (ladders === undefined || machines === undefined || page === undefined)
    return <Loading what="the ladder" />;
  const ladder = ladders.find((each) => each.id === id);
  const machine = machines.find((each) => each.id === ladder?.machineId);
  if (ladder === undefined || machine === undefined)
    return <p className="sheet m-6 p-6 text-lg">There is no such ladder.</p>;
  return <Steps ladder={ladder} machine={machine} coupons={page.coupons} />;
}

interface StepsProps {
  ladder: Ladder;
  machine: Machine;
  coupons: readonly Coupon[];
}

function Steps({ ladder, machine, coupons }: StepsProps) {
  const says = useMemo(() => ladderSays(ladder, machine, coupons), [ladder, machine, coupons]);
  const openLog = useSelector(selectOpenLog);
  const modulation = ladder.axes.findIndex(({ knob }) => knob === 'modulation');
  return (
    <div className="mx-auto flex max-w-[1300px] flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader
        title={`L${ladder.number} ${ladder.name}`}
        back={{ to: '/coupons/ladders', name: 'ladders' }}
      >
        <button type="button" className="btn touch print:hidden" onClick={() => window.print()}>
          <Printer className="size-5" aria-hidden="true" /> Print the cutting list
        </button>
        <PutAway ladder={ladder} />
      </PageHeader>
      <p className="text-soft">
        {machine.name}: {settingInWords(ladder.joint, ladder.setting)}, but for what the list says.
      </p>
      <div className="grid grid-cols-1 items-start gap-3 lg:grid-cols-2">
        <CuttingList ladder={ladder} machine={machine} coupons={coupons} done={says.done} />
        <div className="flex flex-col gap-3 print:hidden">
          <Said ladder={ladder} says={says} />
          {modulation >= 0 && (
            <ModulationSchools
              isFullDuty={ladder.setting.dutyPercent >= 100}
              answer={says.done.size === 0 ? null : (says.answer.knobs[modulation] ?? null)}
            />
          )}
        </div>
      </div>
      {openLog !== null && <LogCoupon log={openLog} />}
    </div>
  );
}

function PutAway({ ladder: { id, closedAt } }: { ladder: Ladder }) {
  const [close, closing] = useCloseLadderMutation();
  const [reopen, reopening] = useReopenLadderMutation();
  return (
    <>
      <Failure error={closing.error ?? reopening.error} />
      <button
        type="button"
        className="btn touch btn-ghost print:hidden"
        onClick={() => void (closedAt === null ? close(id) : reopen(id))}
      >
        <Archive className="size-5" aria-hidden="true" />{' '}
        {closedAt === null ? 'Put it away' : 'Take it out again'}
      </button>
    </>
  );
}

interface CuttingListProps extends StepsProps {
  done: ReadonlySet<number>;
}

function CuttingList({ ladder, machine, coupons, done }: CuttingListProps) {
  const dispatch = useDispatch();
  const log = (index: number) =>
    dispatch(
      logOpened({
        id: uuid(),
        machineId: machine.id,
        joint: ladder.joint,
        setting: settingOfRung(ladder, ladder.rungs[index] ?? []),
        weldedAt: shopNow().toISOString(),
        rung: { ladderId: ladder.id, index },
        ...untypedCoupon,
      }),
    );
  const next = ladder.rungs.findIndex((_, index) => !done.has(index));
  return (
    <section className="sheet px-4 py-3" aria-label="Cutting list">
      <h2 className="text-lg font-semibold">
        {ladder.rungs.length} pieces, in this order{' '}
        <span className="font-normal text-soft">{done.size} done</span>
      </h2>
      <ol className="flex flex-col divide-y divide-base-300">
        {ladder.rungs.map((_, index) => {
          const mine = coupons.filter(({ rung }) => rung?.index === index);
          return (
            <li key={index} className="flex min-h-14 items-center gap-3 py-1">
              <strong className="w-16 figure">{rungLabel(ladder, index)}</strong>
              <span className="grow leading-tight">
                {rungInWords(ladder, machine, index)}
                {mine.map((coupon) => (
                  <Link
                    key={coupon.id}
                    to={`/coupons/${coupon.id}`}
                    className="mt-0.5 flex items-center gap-1 text-sm underline print:hidden"
                  >
                    <OutcomeMark outcome={outcomeOfLook[coupon.back]} className="size-5" />
                    coupon {coupon.number}:{' '}
                    {coupon.slip === undefined ? wordsOfLooks(coupon.lookedAt)[coupon.back].short : 'slip'}
                  </Link>
                ))}
              </span>
              {done.has(index) ? (
                <Check className="size-6 text-soft" aria-label="done" />
              ) : (
                <button
                  type="button"
                  className={`btn touch-always print:hidden ${index === next ? 'btn-primary' : ''}`}
                  aria-label={`Log ${rungLabel(ladder, index)}`}
                  onClick={() => log(index)}
                >
                  <NotebookPen className="size-5" aria-hidden="true" /> Log
                </button>
              )}
            </li>
          );
        })}
      </ol>
    </section>
  );
}

/** What the coupons say so far, knob by knob, and whether it is settled. */
function Said({ ladder, says }: { ladder: Ladder; says: LadderSays }) {
  return (
    <section className="sheet flex flex-col gap-2 px-5 py-3" aria-label="What it says">
      <p className="text-xl font-semibold" role="status">
        {says.answer.isSettled ? 'Settled' : says.done.size === 0 ? 'Nothing welded yet' : 'Still open'}
      </p>
      {says.done.size === 0 ? (
        <p>Weld the first piece of the list and log it: from then on this says what the knobs do.</p>
      ) : (
        <>
          {says.answer.knobs.map((knob, i) => (
            <p key={ladder.axes[i]?.knob}>{answerInWords(ladder, i, knob)}</p>
          ))}
          <Suspense fallback={<Loading what="the chart" />}>
            <LadderChart axes={ladder.axes} says={says} />
          </Suspense>
        </>
      )}
      <p className="text-sm text-soft">
        By these coupons alone, without what the model believes. Settled means that the interval which holds
        four times in five excludes no effect, or lies within 5 % of none. Slips say nothing; a timed pace is
        taken back to the one that was meant. Sections settle it soonest.
      </p>
    </section>
  );
}

function answerInWords({ axes }: Ladder, index: number, { change, low, high, verdict }: KnobAnswer): string {
  const axis = axes[index];
  if (axis === undefined) return '';
  const { name, unit, perSi, decimals } = knobUnit(axis.knob);
  const range = `${name} from ${figure(Math.min(...axis.values) * perSi, decimals)} to ${figure(Math.max(...axis.values) * perSi, decimals)} ${unit}`;
  const interval = `${percent(low)} to ${percent(high)}`;
  if (verdict === 'effect') {
    return `${range} welds ${percent(Math.abs(change)).replace('+', '')} ${change > 0 ? 'deeper' : 'shallower'} (${interval}).`;
  }
  return verdict === 'none'
    ? `${range} changes nothing that a shop would notice (${interval}).`
    : `${range}: ${interval}, not told apart from nothing yet.`;
}

function percent(share: number): string {
  return `${share > 0 ? '+' : ''}${figure(share * 100, 0)} %`;
}
