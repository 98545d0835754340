import { meanPowerW, type Coupon, type Machine, type Person } from '@lone-heron/contract';
import { ArrowUpNarrowWide, Pencil, StickyNote, Trash2, Undo2 } from 'lucide-react';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { useMachinesQuery, usePeopleQuery } from '../../shared/api/heronApi.js';
import { useRestoreCouponMutation } from '../../shared/api/couponsApi.js';
import { useCouponQuery } from '../inspection/inspectionApi.js';
import { newCardAddress } from '../../shared/cards/newCardAddress.js';
import { couponMelt } from '../../shared/coupons/couponMelt.js';
import { MiniSection } from '../../shared/drawing/MiniSection.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { Loading } from '../../shared/page/Loading.js';
import { OutcomeMark } from '../../shared/coupons/OutcomeMark.js';
import { HeardOfWeld } from '../../shared/live/HeardOfWeld.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { outcomeOfLook, wordsOfLooks } from '../../shared/vocabulary/looks.js';
import { jointInWords } from '../../shared/sentences/settingInWords.js';
import { Acceptance } from '../inspection/tests/Acceptance.js';
import { TestList } from '../inspection/tests/TestList.js';
import { useTakeBack } from '../useTakeBack.js';
import { AmendCoupon } from './AmendCoupon.js';
import { CouponFacts } from './CouponFacts.js';
import { EarlierEntries } from './EarlierEntries.js';
import { PhotoWall } from './PhotoWall.js';
import { WhatNext } from './WhatNext.js';
import { WhoseNote } from '../../shared/workshops/WhoseNote.js';
import { unlessShown } from '../../shared/api/unlessShown.js';

/** Everything of one coupon: what it is, what it showed, its photos and tests, and what to weld next. */
export function CouponSheet() {
  const { id = '' } = useParams();
  const { data: coupon, error, refetch } = unlessShown(useCouponQuery(id));
  const { data: machines = [] } = useMachinesQuery(undefined);
  const { data: people = [] } = usePeopleQuery(undefined);
  if (error !== undefined) return <LoadFailed what="the coupon" error={error} retry={refetch} />;
  if (coupon === undefined) return <Loading what="the coupon" />;
  const machine = machines.find((each) => each.id === coupon.machineId);
  return <Sheet key={coupon.id} coupon={coupon} machine={machine} machines={machines} people={people} />;
}

interface SheetProps {
  coupon: Coupon;
  machine: Machine | undefined;
  machines: readonly Machine[];
  people: readonly Person[];
}

function Sheet({ coupon, machine, machines, people }: SheetProps) {
  const [isAmending, setAmending] = useState(false);
  const isOut = coupon.withdrawnAt !== null;
  return (
    <div className="mx-auto flex max-w-[1300px] flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title={`Coupon ${coupon.number}`} back={{ to: '/coupons', name: 'coupons' }}>
        {!isOut && (
          <Link className="btn touch" to={`/coupons/ladders/new?from=${coupon.id}`}>
            <ArrowUpNarrowWide className="size-5" aria-hidden="true" /> Ladder from here
          </Link>
        )}
        {!isOut && (
          <Link className="btn touch" to={newCardAddress({ ...coupon, couponId: coupon.id })}>
            <StickyNote className="size-5" aria-hidden="true" /> Make a card
          </Link>
        )}
        {!isOut && (
          <button type="button" className="btn touch" onClick={() => setAmending(true)}>
            <Pencil className="size-5" aria-hidden="true" /> Amend
          </button>
        )}
        <OutAndIn coupon={coupon} />
      </PageHeader>
      <WhoseNote machineId={coupon.machineId} />
      {isOut && (
        <p className="sheet border-l-4 border-l-warning-content px-4 py-3">
          This coupon was taken back: it is in no list and says nothing to the evidence. Its record is kept.
        </p>
      )}
      <div className="grid grid-cols-1 items-start gap-3 lg:grid-cols-[minmax(0,5fr)_minmax(0,4fr)]">
        <div className="flex flex-col gap-3">
          <Headline coupon={coupon} machine={machine} />
          <CouponFacts coupon={coupon} machine={machine} people={people} />
          {coupon.heard !== undefined && (
            <HeardOfWeld recordId={coupon.id} heard={coupon.heard} dialledW={meanPowerW(coupon.setting)} />
          )}
          <PhotoWall couponId={coupon.id} isOut={isOut} />
          <EarlierEntries coupon={coupon} people={people} />
        </div>
        <div className="flex flex-col gap-3">
          {machine !== undefined && <WhatNext coupon={coupon} machine={machine} machines={machines} />}
          <TestList coupon={coupon} people={people} />
          <Acceptance coupon={coupon} />
        </div>
      </div>
      {isAmending && <AmendCoupon coupon={coupon} onClose={() => setAmending(false)} />}
    </div>
  );
}

function OutAndIn({ coupon }: { coupon: Coupon }) {
  const takeBack = useTakeBack();
  const [restore, { isLoading }] = useRestoreCouponMutation();
  if (coupon.withdrawnAt === null) {
    return (
      <button type="button" className="btn touch btn-ghost" onClick={() => void takeBack(coupon)}>
        <Trash2 className="size-5" aria-hidden="true" /> Take it back
      </button>
    );
  }
  return (
    <button type="button" className="btn touch" disabled={isLoading} onClick={() => void restore(coupon.id)}>
      <Undo2 className="size-5" aria-hidden="true" /> Put it in again
    </button>
  );
}

/** The joint drawn, and the back in a word. */
function Headline({ coupon, machine }: { coupon: Coupon; machine: Machine | undefined }) {
  const outcome = outcomeOfLook[coupon.back];
  const words = wordsOfLooks(coupon.lookedAt)[coupon.back];
  return (
    <section className="sheet flex flex-wrap items-center gap-5 px-5 py-4" aria-label="The coupon">
      {machine !== undefined && (
        <MiniSection melt={couponMelt(coupon, machine.profile)} outcome={outcome} className="h-24 w-52" />
      )}
      <div>
        <p className="text-lg font-semibold">{jointInWords(coupon.joint)}</p>
        <p className="flex items-center gap-2 text-xl">
          <OutcomeMark outcome={outcome} className="size-8" />
          {words.short}
          <span className="text-base text-soft">{words.long}</span>
        </p>
      </div>
    </section>
  );
}
