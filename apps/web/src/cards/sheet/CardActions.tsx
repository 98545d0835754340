import { cardState, type Card, type CardVersion } from '@lone-heron/contract';
import {
  Archive,
  ArrowRightLeft,
  LayoutGrid,
  NotebookPen,
  Pencil,
  Printer,
  ScrollText,
  Share2,
} from 'lucide-react';
import { useDispatch, useSelector } from 'react-redux';
import { Link } from 'react-router';
import { v7 as uuid } from 'uuid';
import { shopNow } from '../../shared/clock/shopClock.js';
import { useRetireCardMutation } from '../../shared/api/cardsApi.js';
import { untypedCoupon } from '../../shared/coupons/log/TypedCoupon.js';
import LogCoupon from '../../shared/coupons/log/LogCoupon.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { Failure } from '../../shared/form/Failure.js';
import { logOpened, selectOpenLog } from '../../shared/memory/couponDraftSlice.js';
import { sayUndoable } from '../../shared/save/sayUndoable.js';
import { SignCard } from './SignCard.js';

/** What can be done with a card: weld it, change it, carry it over, sign it, retire it. */
export function CardActions({ card, shown }: { card: Card; shown: CardVersion }) {
  const dispatch = useDispatch();
  const openLog = useSelector(selectOpenLog);
  const { machineId, joint, setting } = shown.content;
  const log = () =>
    dispatch(
      logOpened({
        ...{ id: uuid(), machineId, joint, setting },
        weldedAt: shopNow().toISOString(),
        ...untypedCoupon,
      }),
    );
  return (
    <section className="sheet flex flex-col gap-2 px-4 py-3 print:hidden" aria-label="What to do with it">
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn touch-always btn-primary" onClick={log}>
          <NotebookPen className="size-5" aria-hidden="true" /> Log a coupon of it
        </button>
        <Link className="btn touch-always" to={`/cards/${card.id}/change`}>
          <Pencil className="size-5" aria-hidden="true" /> Change
        </Link>
        <Link className="btn touch-always" to={`/cards/${card.id}/carry`}>
          <ArrowRightLeft className="size-5" aria-hidden="true" /> To another machine
        </Link>
        <Link className="btn touch-always" to={`/cards/${card.id}/wall`}>
          <Printer className="size-5" aria-hidden="true" /> For the wall
        </Link>
        <a className="btn touch-always" href={`/api/exchange/json?cards=${card.id}`} download>
          <Share2 className="size-5" aria-hidden="true" /> Pass on
        </a>
        <Link className="btn touch-always" to={`/cards/${card.id}/procedure`}>
          <ScrollText className="size-5" aria-hidden="true" /> Procedure papers
        </Link>
        {card.retiredAt === null && (
          <Link
            className="btn touch-always"
            to={`/cards/slots?machine=${encodeURIComponent(machineId)}&card=${card.id}`}
          >
            <LayoutGrid className="size-5" aria-hidden="true" /> In a program slot
          </Link>
        )}
        <Retire card={card} />
      </div>
      <SignCard card={card} />
      {openLog !== null && <LogCoupon log={openLog} />}
    </section>
  );
}

function Retire({ card }: { card: Card }) {
  const person = usePersonAtDesk();
  const [retire, { isLoading, error }] = useRetireCardMutation();
  if (person?.role !== 'lead') return null;
  const isRetired = cardState(card) === 'retired';
  const turn = async () => {
    const answer = await retire({ id: card.id, isRetired: !isRetired });
    if (answer.error !== undefined || isRetired) return;
    sayUndoable('The card is retired: it is kept, and found no more.', {
      undo: () => retire({ id: card.id, isRetired: false }),
      stays: 'The card is still retired.',
    });
  };
  return (
    <>
      <button
        type="button"
        className="btn touch-always btn-ghost"
        disabled={isLoading}
        onClick={() => void turn()}
      >
        <Archive className="size-5" aria-hidden="true" /> {isRetired ? 'Take it out again' : 'Retire'}
      </button>
      <Failure error={error} />
    </>
  );
}
