import {
  adaptCard,
  type CarriedCard,
  type FoundCard,
  type FoundCards,
  type LearnOfJob,
  type Machine,
} from '@lone-heron/contract';
import { RangeFault, type WeldForecast } from '@lone-heron/core';
import { NotebookPen, StickyNote } from 'lucide-react';
import { useMemo } from 'react';
import { useDispatch, useSelector } from 'react-redux';
import { Link } from 'react-router';
import { v7 as uuid } from 'uuid';
import { shopNow } from '../../shared/clock/shopClock.js';
import { newCardAddress } from '../../shared/cards/newCardAddress.js';
import { untypedCoupon } from '../../shared/coupons/log/TypedCoupon.js';
import LogCoupon from '../../shared/coupons/log/LogCoupon.js';
import { logOpened, selectOpenLog } from '../../shared/memory/couponDraftSlice.js';
import { OutcomeMark } from '../../shared/coupons/OutcomeMark.js';
import { percentFigure } from '../../shared/figures/figures.js';
import { outcomeWords } from '../../shared/vocabulary/outcomeWords.js';
import { dialledInWords, jointInWords } from '../../shared/sentences/settingInWords.js';

interface NearestCardsProps {
  found: FoundCards;
  said: string;
  machines: readonly Machine[];
  learn: LearnOfJob;
}

/** Where no card fits: the nearest, what each would do as it is, what it would be turned to, and the coupon to prove it. */
export function NearestCards({ found, said, machines, learn }: NearestCardsProps) {
  const openLog = useSelector(selectOpenLog);
  if (found.nearest.length === 0) {
    return (
      <p className="sheet p-6 text-lg">
        No card says “{said}”. Say a joint, such as <em>304 1.5 butt</em>, or a word of a card’s name.
      </p>
    );
  }
  return (
    <section className="flex flex-col gap-2" aria-label="Nearest cards">
      <h2 className="text-lg font-semibold">No card fits. Nearest:</h2>
      <ul className="flex flex-col gap-2">
        {found.nearest.map((near) => (
          <Nearest
            key={near.card.id}
            near={near}
            found={found}
            machine={machines.find(({ id }) => id === near.content.machineId)}
            learn={learn}
          />
        ))}
      </ul>
      {openLog !== null && <LogCoupon log={openLog} />}
    </section>
  );
}

interface NearestProps {
  near: FoundCard;
  found: FoundCards;
  machine: Machine | undefined;
  learn: LearnOfJob;
}

function Nearest({ near: { card, content, differs }, found, machine, learn }: NearestProps) {
  const carried = useMemo(
    () => (machine === undefined ? null : adapted(content, found, machine, learn)),
    [content, found, machine, learn],
  );
  return (
    <li className="sheet flex flex-col gap-2 px-4 py-3">
      <p>
        <Link to={`/cards/${card.id}`} className="text-lg font-semibold underline">
          {content.name}
        </Link>{' '}
        <span className="text-soft">{differs.join(', ')}</span>
      </p>
      {carried === null || machine === undefined ? (
        <p className="text-soft">
          {jointInWords(content.joint)}. Another joint is dialled anew:{' '}
          <Link className="underline" to="/dial">
            say it on Dial
          </Link>
          .
        </p>
      ) : (
        <Adapted carried={carried} machine={machine} from={content.name} />
      )}
    </li>
  );
}

function adapted(
  content: FoundCard['content'],
  { wanted }: FoundCards,
  machine: Machine,
  learn: LearnOfJob,
): CarriedCard | null {
  try {
    return adaptCard(content, wanted, machine, learn);
  } catch (fault) {
    // What cannot be computed is not carried over; the card itself is still shown.
    if (fault instanceof RangeFault) return null;
    throw fault;
  }
}

interface AdaptedProps {
  carried: CarriedCard;
  machine: Machine;
  /** Name of the card that it was turned from. */
  from: string;
}

function Adapted({ carried, machine, from }: AdaptedProps) {
  const dispatch = useDispatch();
  const { joint, setting, asIs } = carried;
  const log = () =>
    dispatch(
      logOpened({
        ...{ id: uuid(), machineId: machine.id, joint, setting },
        weldedAt: shopNow().toISOString(),
        ...untypedCoupon,
      }),
    );
  return (
    <>
      <p className="text-soft">On {jointInWords(joint)}:</p>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
        <dt className="text-soft">as it is</dt>
        <dd>{asIs === null ? 'more power than this machine has' : <Odds forecast={asIs.forecast} />}</dd>
        <dt className="text-soft">turned</dt>
        <dd>
          <Odds forecast={carried.adapted.forecast} />
          <span className="block font-semibold">{dialledInWords(setting)}</span>
        </dd>
      </dl>
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn touch-always btn-primary"
          aria-label={`Log the coupon that proves it, from ${from}`}
          onClick={log}
        >
          <NotebookPen className="size-5" aria-hidden="true" /> Log the coupon that proves it
        </button>
        <Link
          className="btn touch-always"
          aria-label={`Make a card of it, from ${from}`}
          to={newCardAddress({ machineId: machine.id, joint, setting, couponId: null })}
        >
          <StickyNote className="size-5" aria-hidden="true" /> Make a card of it
        </Link>
      </div>
    </>
  );
}

function Odds({ forecast: { outcome, odds, evenChance } }: { forecast: WeldForecast }) {
  return (
    <span className="inline-flex items-center gap-1.5">
      <OutcomeMark outcome={outcome} className="size-5" />
      {outcomeWords[outcome]} {percentFigure(odds[outcome])}
      <span className="text-soft">({percentFigure(evenChance)} an even line).</span>
    </span>
  );
}
