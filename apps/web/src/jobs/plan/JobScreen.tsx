import { isSettled, seamKey, seamsInOrder, seamStandings, type Job } from '@lone-heron/contract';
import { ClipboardCheck, FileText, Hammer, ImageIcon, ListPlus, Pencil } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Link, useParams } from 'react-router';
import { usePeopleQuery } from '../../shared/api/heronApi.js';
import { useJobQuery } from '../../shared/api/jobsApi.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { WaitingHere } from '../../shared/outbox/WaitingHere.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { Loading } from '../../shared/page/Loading.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { dueInWords } from '../jobWords.js';
import { ArcPart } from './ArcPart.js';
import { BeforeLight } from './BeforeLight.js';
import { HeardGoes } from './HeardGoes.js';
import { JobProgress } from './JobProgress.js';
import { OrderPart } from './OrderPart.js';
import { readPartsPerMonth } from './PaybackLine.js';
import { StateKeys } from './StateKeys.js';
import { TakesPart } from './TakesPart.js';
import { useJobPlan } from './useJobPlan.js';
import { WeldPart } from './WeldPart.js';
import { useNow } from '../../shared/clock/useNow.js';

const WorksPart = lazy(() => import('./WorksPart.js'));
const PartHeatPart = lazy(() => import('../heat/PartHeatPart.js'));
const PartWarpPart = lazy(() => import('../warp/PartWarpPart.js'));

/** A whole job: what stands in its way, its order, the weld that is looked at, what it takes, how far it is. */
export function JobScreen() {
  const { id = '' } = useParams();
  const { data: job, error, refetch } = unlessShown(useJobQuery(id));
  if (error !== undefined) return <LoadFailed what="the job" error={error} retry={refetch} />;
  if (job === undefined) return <Loading what="the job" />;
  return <Whole key={job.id} job={job} />;
}

function Whole({ job }: { job: Job }) {
  const now = useNow();
  const [mark, setMark] = useState<string | null>(null);
  const { draft } = job;
  const { data: people = [] } = usePeopleQuery(undefined);
  const [partsPerMonth, setPartsPerMonth] = useState('20');
  const parts = readPartsPerMonth(partsPerMonth);
  const shown = useJobPlan(
    draft.welds.length === 0 ? null : draft,
    undefined,
    'value' in parts ? parts.value : 20,
  );
  const looked = mark ?? firstOpen(job, shown.plan?.order.steps.map((step) => step.mark) ?? null);
  return (
    <div className="mx-auto flex max-w-[1400px] flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title={draft.name} back={{ to: '/jobs', name: 'jobs' }}>
        <StateKeys job={job} />
        <Link className="btn touch-always" to={`/jobs/${job.id}/head`}>
          <Pencil className="size-5" aria-hidden="true" /> Change
        </Link>
        <Link className="btn touch-always" to={`/jobs/${job.id}/welds`}>
          <ListPlus className="size-5" aria-hidden="true" /> Welds
        </Link>
        {draft.welds.length > 0 && (
          <>
            <Link className="btn touch-always" to={`/jobs/${job.id}/pictures`}>
              <ImageIcon className="size-5" aria-hidden="true" /> Pictures
            </Link>
            <Link className="btn touch-always" to={`/jobs/${job.id}/judge`}>
              <ClipboardCheck className="size-5" aria-hidden="true" /> Judge
            </Link>
            <Link className="btn touch-always" to={`/jobs/${job.id}/papers`}>
              <FileText className="size-5" aria-hidden="true" /> Papers
            </Link>
          </>
        )}
        {draft.welds.length > 0 && (
          <Link className="btn touch-always btn-primary" to={`/jobs/${job.id}/bench`}>
            <Hammer className="size-5" aria-hidden="true" /> To the bench
          </Link>
        )}
      </PageHeader>
      <p className="text-soft">{aboutJob(job, now)}</p>
      {draft.welds.length === 0 ? (
        <NoWelds id={job.id} />
      ) : (
        <>
          <WaitingHere people={people} />
          <BeforeLight job={job} shown={shown} />
          <div className="grid items-start gap-3 md:grid-cols-2 xl:grid-cols-[minmax(0,5fr)_minmax(0,5fr)_minmax(0,4fr)]">
            <div className="flex min-w-0 flex-col gap-3">
              <OrderPart job={job} shown={shown} looked={looked} onLook={setMark} />
              {shown.plan !== null && (
                <Suspense fallback={null}>
                  <PartHeatPart job={job} plan={shown.plan} />
                  <PartWarpPart job={job} plan={shown.plan} />
                </Suspense>
              )}
            </div>
            <div className="flex flex-col gap-3">
              <WeldPart job={job} shown={shown} mark={looked} />
              <ArcPart shown={shown} partsPerMonth={partsPerMonth} onPartsPerMonth={setPartsPerMonth} />
            </div>
            <div className="flex flex-col gap-3">
              <TakesPart job={job} shown={shown} />
              <Suspense fallback={null}>
                <WorksPart job={job} />
              </Suspense>
            </div>
          </div>
          <JobProgress job={job} shown={shown} />
          <HeardGoes job={job} />
        </>
      )}
    </div>
  );
}

/** The first weld in order with a seam that is not settled; the first of all once none is. */
function firstOpen({ draft, runs }: Job, order: readonly string[] | null): string | null {
  const marks = order ?? draft.welds.map(({ mark }) => mark);
  const standings = seamStandings(runs);
  const open = seamsInOrder(draft, marks).find((seam) => !isSettled(standings.get(seamKey(seam))));
  return open?.mark ?? marks[0] ?? null;
}

function aboutJob({ number, draft }: Job, now: Date): string {
  const { customer, reference, quantity, dueOn } = draft;
  const due = dueInWords({ dueOn, state: 'planned' }, now);
  return [
    `Job ${number}`,
    ...(customer === '' ? [] : [`for ${customer}`]),
    ...(reference === '' ? [] : [reference]),
    quantity === 1 ? 'one piece' : `${quantity} pieces`,
    ...(due === null ? [] : [due]),
  ].join(' · ');
}

function NoWelds({ id }: { id: string }) {
  return (
    <div className="sheet flex flex-col items-start gap-3 p-8">
      <p className="max-w-2xl text-lg">
        No weld is listed yet. Type or paste them, one a line, such as “W3 304 1.5 T 240 mm x2, both sides”.
      </p>
      <Link to={`/jobs/${id}/welds`} className="btn touch-always btn-primary">
        List its welds
      </Link>
    </div>
  );
}
