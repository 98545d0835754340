import type { Machine } from '@lone-heron/contract';
import { lazy, Suspense, useEffect, useState } from 'react';
import { useDispatch, useSelector } from 'react-redux';
import { useNavigate } from 'react-router';
import { houseContent, useHouseQuery } from '../shared/api/houseApi.js';
import { useMachinesQuery } from '../shared/api/heronApi.js';
import { holdKeys, KeysHeld } from '../shared/keys/heldKeys.js';
import { useKey } from '../shared/keys/useKey.js';
import { Loading } from '../shared/page/Loading.js';
import { useLatest } from '../shared/form/useLatest.js';
import { LoadFailed } from '../shared/page/LoadFailed.js';
import { logOpened, selectOpenLog } from '../shared/memory/couponDraftSlice.js';
import type { DialOutcome } from './dialOutcome.js';
import { inUse } from '../shared/machines/inUse.js';
import { dialledMachines } from '../shared/saidJoint/readMachine.js';
import { useRecentJoints } from './history/useRecentJoints.js';
import { Expectation } from './odds/Expectation.js';
import { FootBar } from './odds/FootBar.js';
import { DialPlate } from './plate/DialPlate.js';
import { Hero } from './section/Hero.js';
import { Sentence } from './sentence/Sentence.js';
import type { SheetName } from './sheets/SheetName.js';
import { useDial, type Dial } from './useDial.js';
import { unlessShown } from '../shared/api/unlessShown.js';

/** Fetched after the page, as the days are. */
const NotOpened = lazy(() => import('./NotOpened.js'));
const NoWindowYet = lazy(() => import('./NoWindowYet.js'));
const NoMachineYet = lazy(() => import('./NoMachineYet.js'));
const Dropped = lazy(() => import('./Dropped.js'));
const Shortfall = lazy(() => import('./odds/Shortfall.js'));
const Warnings = lazy(() => import('./odds/Warnings.js'));
const Caution = lazy(() => import('./odds/Caution.js'));
const CouponRail = lazy(() => import('./rail/CouponRail.js'));
const DialSheets = lazy(() => import('./sheets/DialSheets.js'));

const fetchLog = () => import('../shared/coupons/log/LogCoupon.js');
const fetchOpenedLog = () => import('./log/openedLog.js');
/** Fetched right behind the page, so that it is there when the server may not be. */
const LogCoupon = lazy(fetchLog);

/** Say the joint, see the weld, set the machine, log what came of it. */
export function DialScreen() {
  const { data: machines, error, refetch } = unlessShown(useMachinesQuery(undefined));
  const house = useHouseQuery(undefined);
  if (machines !== undefined && dialledMachines(machines).length === 0)
    return (
      <Suspense fallback={null}>
        <NoMachineYet hasLamp={inUse(machines).length > 0} />
      </Suspense>
    );
  if (machines !== undefined && (house.data !== undefined || house.error !== undefined))
    return <DialBench machines={machines} house={houseContent(house.data)} />;
  return error === undefined ? (
    <Loading what="the machines" />
  ) : (
    <LoadFailed what="the machines" error={error} retry={refetch} />
  );
}

function DialBench({
  machines,
  house,
}: {
  machines: readonly Machine[];
  house: ReturnType<typeof houseContent>;
}) {
  const dial = useDial(machines, house);
  const log = useOpenLog(dial.outcome, dial.isCurrent);
  useKey('l', log);
  useUndoKeys(dial);
  useRecentJoints(dial);
  useEffect(() => {
    void fetchLog();
    void fetchOpenedLog();
  }, []);
  const { outcome } = dial;
  return (
    <div className="dial mx-auto flex max-w-[1500px] flex-col gap-1.5 px-4 py-1.5 sm:px-6">
      <h1 className="sr-only">Dial</h1>
      {outcome !== null && (
        <Suspense fallback={null}>
          <NotOpened machine={outcome.said.machine} />
          <NoWindowYet machine={outcome.said.machine} />
        </Suspense>
      )}
      <Sentence dial={dial} machines={machines} />
      {dial.dropped.length > 0 && (
        <Suspense fallback={null}>
          <Dropped dropped={dial.dropped} />
        </Suspense>
      )}
      {dial.refusal !== null && (
        <p role="alert" className="fault sheet p-3">
          {dial.refusal}
        </p>
      )}
      {outcome === null ? (
        <p className="sheet p-8 text-lg text-soft">Mend the words marked above, and the weld appears here.</p>
      ) : (
        <Bench dial={dial} outcome={outcome} machines={machines} onLog={log} />
      )}
      <OpenLog />
    </div>
  );
}

interface BenchProps {
  dial: Dial;
  outcome: DialOutcome;
  machines: readonly Machine[];
  onLog: () => void;
}

/** Everything that follows from a good sentence. */
function Bench({ dial, outcome, machines, onLog }: BenchProps) {
  const [sheet, setSheet] = useState<SheetName | null>(null);
  const open = (name: SheetName) => (dial.isCurrent ? setSheet(name) : mendFirst(sheetsAreOfIt));
  const prepare = useLatest(() => open('prepare'));
  const keepNow = useKeepOnCard(outcome);
  const keep = useLatest(() =>
    dial.isCurrent ? keepNow() : mendFirst('a card keeps the joint that is said.'),
  );
  useKey('p', prepare);
  useKey('k', keep);
  useKey('c', () => open('compare'));
  const otherWay = (step: 1 | -1) =>
    void import('./nextAlternative.js').then(({ nextAlternative }) =>
      dial.pickAlternative(nextAlternative(outcome, dial.address.alternative, step)),
    );
  useKey('[', () => otherWay(-1));
  useKey(']', () => otherWay(1));
  return (
    <>
      {outcome.suggestion.obstacle !== null && (
        <Suspense fallback={null}>
          <Shortfall suggested={outcome.suggested} dial={dial} machines={machines} />
        </Suspense>
      )}
      <FootBar outcome={outcome} isCurrent={dial.isCurrent} onLog={onLog} />
      <div className={`dial-bench transition-opacity ${dial.isCurrent ? '' : 'opacity-50'}`}>
        <Hero dial={dial} outcome={outcome} />
        <DialPlate dial={dial} outcome={outcome} onSheet={open} />
        <Expectation outcome={outcome} isSettled={dial.isSettled} />
      </div>
      <Suspense fallback={null}>
        <Warnings outcome={outcome} />
      </Suspense>
      <Suspense fallback={<div className="h-12" />}>
        <Caution suggested={outcome.suggested} />
      </Suspense>
      <Suspense fallback={<div className="h-28" />}>
        <CouponRail said={outcome.said} onLog={onLog} onPrepare={prepare} onKeep={keep} />
      </Suspense>
      <Suspense fallback={<KeysHeld />}>
        {sheet !== null && (
          <DialSheets sheet={sheet} dial={dial} outcome={outcome} onClose={() => setSheet(null)} />
        )}
      </Suspense>
    </>
  );
}

const sheetsAreOfIt = 'what is shown is of the last good one.';

/** Nothing is done with the last good joint while the sentence says another that is none. */
function mendFirst(why: string): void {
  void import('sonner').then(({ toast }) => toast(`Mend the joint first: ${why}`));
}

/** Opens a new card with the setting as it stands. */
function useKeepOnCard({ said, recorded }: DialOutcome) {
  const navigate = useNavigate();
  const { machine, joint } = said;
  return () =>
    holdKeys(
      import('../shared/cards/newCardAddress.js').then(({ newCardAddress }) =>
        navigate(newCardAddress({ machineId: machine.id, joint, setting: recorded, couponId: null })),
      ),
    );
}

function OpenLog() {
  const openLog = useSelector(selectOpenLog);
  return openLog === null ? null : (
    <Suspense fallback={<KeysHeld />}>
      <LogCoupon log={openLog} />
    </Suspense>
  );
}

/** Control+Z and Control+Y, but not while a word is typed, which undoes its own. */
function useUndoKeys({ undo, redo }: Dial): void {
  useKey('Control+z', () => undo?.());
  useKey('Control+y', () => redo?.());
}

/** Opens a log of the setting as it stands; a log that is open already is kept. */
function useOpenLog(outcome: DialOutcome | null, isCurrent: boolean): () => void {
  const dispatch = useDispatch();
  return useLatest(() => {
    if (outcome === null || !isCurrent) {
      mendFirst('a coupon is logged with the setting it was welded with.');
      return;
    }
    if (outcome.said.asIfW !== null) {
      void import('sonner').then(({ toast }) =>
        toast(
          `${outcome.said.machine.name} does not give ${outcome.said.asIfW} W: take it as it is, then log.`,
        ),
      );
      return;
    }
    holdKeys(fetchOpenedLog().then(({ openedLog }) => dispatch(logOpened(openedLog(outcome)))));
  });
}
