import { findCards, type Card } from '@lone-heron/contract';
import { LayoutGrid, Printer, Search, Share2 } from 'lucide-react';
import { lazy, Suspense, useDeferredValue, useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useCardsQuery } from '../shared/api/cardsApi.js';
import { useMachinesQuery } from '../shared/api/heronApi.js';
import { useKey } from '../shared/keys/useKey.js';
import { LoadFailed } from '../shared/page/LoadFailed.js';
import { Loading } from '../shared/page/Loading.js';
import { CardFilters } from './list/CardFilters.js';
import { narrowed, readNarrowing, type Narrowing } from './list/narrowing.js';
import { CardRow } from './list/CardRow.js';
import { NearestCards } from './list/NearestCards.js';
import { useRecentCards } from './list/useRecentCards.js';
import { useLearn } from './useLearn.js';
import { unlessShown } from '../shared/api/unlessShown.js';

const ModeCards = lazy(() => import('./modes/ModeCards.js'));

const searchId = 'find-card';

/** Every card: found by a joint said in a few words, by name, machine, metal, joint or tag. */
export function CardsScreen() {
  const [search, setSearch] = useSearchParams();
  const { data: cards, error, refetch } = unlessShown(useCardsQuery(undefined));
  const { data: machines = [] } = useMachinesQuery(undefined);
  const learn = useLearn(machines);
  // Typed faster than an address changes: the field has its own words and the address follows.
  const [text, setText] = useState(() => search.get('find') ?? '');
  const settled = useDeferredValue(text);
  const narrowing = readNarrowing(search);
  const narrowingText = JSON.stringify(narrowing);
  const kept = useMemo(
    () => narrowed(cards ?? [], JSON.parse(narrowingText) as Narrowing),
    [cards, narrowingText],
  );
  const found = useMemo(() => findCards(settled, kept), [settled, kept]);
  const recent = useRecentCards(cards ?? []);
  const say = (name: string, value: string) =>
    setSearch(
      (previous) => {
        const next = new URLSearchParams(previous);
        if (value === '') next.delete(name);
        else next.set(name, value);
        return next;
      },
      { replace: true },
    );
  useKey('/', () => document.getElementById(searchId)?.focus());
  if (error !== undefined) return <LoadFailed what="the cards" error={error} retry={refetch} />;
  if (cards === undefined) return <Loading what="the cards" />;
  const isPlain = settled === '' && search.size === 0;
  return (
    <div className="mx-auto flex max-w-[1300px] flex-col gap-3 px-4 py-3 sm:px-6">
      <header className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <h1 className="mr-auto text-2xl font-semibold">
          Cards <span className="font-normal text-soft">{cards.length}</span>
        </h1>
        <Link className="btn touch-always" to="/cards/exchange">
          <Share2 className="size-5" aria-hidden="true" /> Pass on
        </Link>
        <Link className="btn touch-always" to="/cards/slots">
          <LayoutGrid className="size-5" aria-hidden="true" /> Program slots
        </Link>
        <Link className="btn touch-always" to="/cards/chart">
          <Printer className="size-5" aria-hidden="true" /> Chart for the wall
        </Link>
      </header>
      <label className="input touch-always w-full text-lg">
        <Search className="size-5 text-soft" aria-hidden="true" />
        <input
          id={searchId}
          type="search"
          aria-label="Find a card"
          placeholder="304 1.5 butt · 16ga al corner · hatch frame"
          autoComplete="off"
          value={text}
          onChange={(event) => {
            setText(event.target.value);
            say('find', event.target.value);
          }}
        />
        <kbd className="kbd kbd-sm">/</kbd>
      </label>
      <CardFilters narrowing={narrowing} cards={cards} machines={machines} onSay={say} />
      {cards.length === 0 && <NoCards />}
      {isPlain && recent.length > 0 && <Cards title="Looked at last" cards={recent} />}
      {found.fitting.length > 0 && (
        <Cards
          title={settled === '' ? 'All, newest first' : `${found.fitting.length} found`}
          cards={found.fitting.map(({ card }) => card)}
        />
      )}
      <Suspense fallback={null}>
        <ModeCards find={settled} machineId={search.get('machine')} />
      </Suspense>
      {cards.length > 0 && found.fitting.length === 0 && (
        <NearestCards found={found} said={settled} machines={machines} learn={learn} />
      )}
    </div>
  );
}

function Cards({ title, cards }: { title: string; cards: readonly Card[] }) {
  return (
    <section className="flex flex-col gap-2" aria-label={title}>
      <h2 className="font-semibold">{title}</h2>
      <ul className="grid gap-2 md:grid-cols-2">
        {cards.map((card) => (
          <CardRow key={card.id} card={card} />
        ))}
      </ul>
    </section>
  );
}

function NoCards() {
  return (
    <div className="sheet flex flex-col items-start gap-3 p-8">
      <p className="text-lg">
        No card of a weld yet. Keep a setting from Dial, or make a card from a coupon that came out right.
      </p>
      <Link to="/dial" className="btn touch-always btn-primary">
        Go to Dial
      </Link>
    </div>
  );
}
