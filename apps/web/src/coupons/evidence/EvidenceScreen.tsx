import type { Coupon, Machine } from '@lone-heron/contract';
import { lazy, Suspense, useMemo } from 'react';
import { Link } from 'react-router';
import { useCouponsQuery } from '../../shared/api/couponsApi.js';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { evidenceQuery } from '../../shared/evidence/evidenceQuery.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { Loading } from '../../shared/page/Loading.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { figure } from '../../shared/figures/figures.js';
import { sentenceStart } from '../../shared/sentences/sentenceStart.js';
import { DepthByKnob } from './DepthByKnob.js';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { familyWords, oddsAgainstResults, whatIsKnown, type KnownOffset } from './whatIsKnown.js';
import { unlessShown } from '../../shared/api/unlessShown.js';

/** Fetched when the page is opened: charts are heavy. */
const CalibrationChart = lazy(() => import('./CalibrationChart.js'));

/** What the shop's coupons say of its machines, and whether what was promised came about. */
export function EvidenceScreen() {
  const { data, error, refetch } = unlessShown(useCouponsQuery(evidenceQuery));
  const { data: machines } = useMachinesQuery(undefined);
  return (
    <div className="mx-auto flex max-w-[1300px] flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title="What the coupons say" back={{ to: '/coupons', name: 'coupons' }} />
      {error !== undefined && <LoadFailed what="the coupons" error={error} retry={refetch} />}
      {data === undefined && error === undefined && <Loading what="the coupons" />}
      {data !== undefined && machines !== undefined && <Said coupons={data.coupons} machines={machines} />}
    </div>
  );
}

function Said({ coupons, machines }: { coupons: readonly Coupon[]; machines: readonly Machine[] }) {
  const { otherWorkshops } = houseContent(useHouseQuery(undefined).data).practice;
  const { offsets, leftOut } = useMemo(
    () => whatIsKnown(coupons, machines, { otherWorkshops }),
    [coupons, machines, otherWorkshops],
  );
  const odds = useMemo(() => oddsAgainstResults(coupons), [coupons]);
  if (coupons.length === 0)
    return (
      <p className="sheet p-6 text-lg">No coupon yet: weld one on scrap, log it, and it starts to speak.</p>
    );
  return (
    <div className="grid grid-cols-1 items-start gap-3 lg:grid-cols-2">
      <section className="sheet px-5 py-4" aria-label="Machines beside the book">
        <h2 className="text-lg font-semibold">Beside the book</h2>
        <p className="text-soft">
          How much deeper each machine welds a metal than the model, with one standard deviation, from the
          newest {coupons.length} coupons.
        </p>
        <ul className="mt-2 flex flex-col divide-y divide-base-300">
          {offsets.map((known) => (
            <Offset
              key={`${known.machineId} ${known.family}`}
              known={known}
              coupons={coupons}
              machines={machines}
            />
          ))}
        </ul>
        <p className="mt-2 text-sm text-soft">
          Left out: {leftOut.slip} with a slip of the hand, {leftOut.hardlyMelted} that hardly melted. A
          coupon whose pace was not timed counts for less; it does not move its machine.
        </p>
      </section>
      <section className="sheet px-5 py-4" aria-label="Odds against results">
        <h2 className="text-lg font-semibold">Is 80 % really 80 %?</h2>
        <p className="text-soft">
          {odds.coupons === 0
            ? 'No coupon carries the odds that were said before it. Those logged from Dial do.'
            : `Each look of the back with the chance that was stated before the weld, over ${odds.coupons} coupons. Bars hold four times in five; on the slanting line, odds and results agree.`}
        </p>
        {odds.coupons > 0 && (
          <Suspense fallback={<Loading what="the chart" />}>
            <CalibrationChart bins={odds.bins} />
          </Suspense>
        )}
      </section>
      <DepthByKnob coupons={coupons} machines={machines} />
    </div>
  );
}

interface OffsetProps {
  known: KnownOffset;
  coupons: readonly Coupon[];
  machines: readonly Machine[];
}

function Offset({ known, coupons, machines }: OffsetProps) {
  const name = machines.find(({ id }) => id === known.machineId)?.name ?? known.machineId;
  return (
    <li className="py-2">
      <p className="flex flex-wrap items-baseline justify-between gap-x-4">
        <span className="font-medium">
          {sentenceStart(name)} on {familyWords[known.family]}
        </span>
        <strong className="text-lg">{known.offset.words}</strong>
      </p>
      <Span percent={known.offset.deeperPercent} give={known.offset.giveOrTake} />
      <p className="text-sm text-soft">
        {known.coupons} readings. Moved most by{' '}
        {known.movedBy.map(({ couponId, percent }, i) => (
          <span key={couponId}>
            {i > 0 && ', '}
            <Link className="underline" to={`/coupons/${couponId}`}>
              coupon {coupons.find(({ id }) => id === couponId)?.number ?? ''}
            </Link>{' '}
            ({percent > 0 ? '+' : ''}
            {figure(percent, 1)} %)
          </span>
        ))}
        .
      </p>
    </li>
  );
}

/** Per cent that the drawing reaches to each side. */
const drawnPercent = 40;

/** The offset with its doubt on a line with the book in the middle. */
function Span({ percent, give }: { percent: number; give: number }) {
  const at = (value: number) =>
    50 + (50 * Math.max(-drawnPercent, Math.min(drawnPercent, value))) / drawnPercent;
  return (
    <svg viewBox="0 0 100 6" preserveAspectRatio="none" className="my-1 h-4 w-full" aria-hidden="true">
      <path d="M0 3H100" stroke="var(--steel-line)" strokeWidth="0.6" />
      <path d="M50 0V6" stroke="var(--color-base-content)" strokeWidth="0.4" />
      <rect
        x={at(percent - give)}
        width={at(percent + give) - at(percent - give)}
        y="1.6"
        height="2.8"
        fill="var(--melt)"
      />
      <path d={`M${at(percent)} 0V6`} stroke="var(--melt-edge)" strokeWidth="0.8" />
    </svg>
  );
}
