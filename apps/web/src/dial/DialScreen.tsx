import type { Machine } from '@lone-heron/contract';
import { lazy, Suspense, useEffect } from 'react';
import { useDispatch, useSelector } from 'react-redux';
import { toast } from 'sonner';
import { v7 as uuid } from 'uuid';
import { useMachinesQuery } from '../shared/api/heronApi.js';
import { useKey } from '../shared/keys/useKey.js';
import { Loading } from '../shared/Loading.js';
import { LoadFailed } from '../shared/LoadFailed.js';
import { logOpened, selectOpenLog } from '../shared/memory/couponDraftSlice.js';
import type { DialOutcome } from './dialOutcome.js';
import { Caution } from './odds/Caution.js';
import { Expectation } from './odds/Expectation.js';
import { Shortfall } from './odds/Shortfall.js';
import { Warnings } from './odds/Warnings.js';
import { DialPlate } from './plate/DialPlate.js';
import { CouponRail } from './rail/CouponRail.js';
import { Hero } from './section/Hero.js';
import { Sentence } from './sentence/Sentence.js';
import { useDial } from './useDial.js';

/** Fetched after the page, as the days are. */
const NotOpened = lazy(() => import('./NotOpened.js'));

const fetchLog = () => import('./log/LogCoupon.js');
/** Fetched right behind the page, so that it is there when the server may not be. */
const LogCoupon = lazy(fetchLog);

/** Say the joint, see the weld, set the machine, log what came of it. */
export function DialScreen() {
  const { data: machines, error, refetch } = useMachinesQuery(undefined);
  if (machines !== undefined) return <DialBench machines={machines} />;
  return error === undefined ? (
    <Loading what="the machines" />
  ) : (
    <LoadFailed what="the machines" error={error} retry={refetch} />
  );
}

function DialBench({ machines }: { machines: readonly Machine[] }) {
  const dial = useDial(machines);
  const openLog = useSelector(selectOpenLog);
  const log = useOpenLog(dial.outcome, dial.isCurrent);
  useKey('l', log);
  useEffect(() => void fetchLog(), []);
  const { outcome } = dial;
  return (
    <div className="mx-auto flex max-w-[1500px] flex-col gap-3 px-4 py-3 sm:px-6">
      <h1 className="sr-only">Dial</h1>
      {outcome !== null && (
        <Suspense fallback={null}>
          <NotOpened machine={outcome.said.machine} />
        </Suspense>
      )}
      <Sentence dial={dial} machines={machines} />
      {dial.refusal !== null && (
        <p role="alert" className="fault sheet p-3">
          {dial.refusal}
        </p>
      )}
      {outcome === null ? (
        <p className="sheet p-8 text-lg text-soft">Mend the words marked above, and the weld appears here.</p>
      ) : (
        <>
          {outcome.suggestion.shortfall !== null && <Shortfall shortfall={outcome.suggestion.shortfall} />}
          <div className="dial-bench">
            <Hero outcome={outcome} isCurrent={dial.isCurrent} />
            <DialPlate dial={dial} outcome={outcome} />
            <Expectation outcome={outcome} />
          </div>
          <Warnings warnings={outcome.warnings} />
          <Caution metal={outcome.said.joint.metal} />
          <CouponRail outcome={outcome} onLog={log} />
        </>
      )}
      <Suspense fallback={null}>{openLog !== null && <LogCoupon log={openLog} />}</Suspense>
    </div>
  );
}

/** Opens a log of the setting as it stands; a log that is open already is kept. */
function useOpenLog(outcome: DialOutcome | null, isCurrent: boolean): () => void {
  const dispatch = useDispatch();
  return () => {
    if (outcome === null || !isCurrent) {
      toast('Mend the joint first: a coupon is logged with the setting it was welded with.');
      return;
    }
    dispatch(
      logOpened({
        id: uuid(),
        machineId: outcome.said.machine.id,
        joint: outcome.said.joint,
        setting: outcome.recorded,
        weldedAt: new Date().toISOString(),
        back: null,
        lightOn: '',
        runLength: '',
        remark: '',
      }),
    );
  };
}
