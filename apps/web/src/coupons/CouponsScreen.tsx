import type { Coupon } from '@lone-heron/contract';
import { ArrowUpNarrowWide, FileDown, Scale, Scissors } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useMachinesQuery, usePeopleQuery } from '../shared/api/heronApi.js';
import { Loading } from '../shared/page/Loading.js';
import { LoadFailed } from '../shared/page/LoadFailed.js';
import { CouponTable } from './list/CouponTable.js';
import { GroupHeadings } from './list/GroupHeadings.js';
import { isNarrowed, readListAddress } from './list/listAddress.js';
import { ListFilters } from './list/ListFilters.js';
import { useCouponRows, type Shown } from './list/useCouponRows.js';
import { useWorkshopsQuery } from '../shared/workshops/workshopsApi.js';
import { WaitingHere } from '../shared/outbox/WaitingHere.js';
import { useNow } from '../shared/clock/useNow.js';

const none: readonly Coupon['id'][] = [];

/** Every coupon of the shop: found, sorted, gathered, and picked to be held side by side. */
export function CouponsScreen() {
  const now = useNow();
  const [search, setSearch] = useSearchParams();
  const address = useMemo(() => readListAddress(search), [search]);
  const [shown, setShown] = useState<Shown>({ first: 0, last: 30 });
  const [picked, setPicked] = useState(none);
  const { data: machines } = useMachinesQuery(undefined);
  const { data: people } = usePeopleQuery(undefined);
  const { data: workshops = [] } = useWorkshopsQuery(undefined);
  const { rows, total, error, refetch } = useCouponRows(address.query, shown);
  const names = useMemo(
    () => ({ machines: machines ?? [], people: people ?? null, now }),
    [machines, people, now],
  );
  const choose = (...words: readonly (readonly [name: string, value: string])[]) =>
    setSearch(
      (previous) => {
        const next = new URLSearchParams(previous);
        for (const [name, value] of words) {
          if (value === '') next.delete(name);
          else next.set(name, value);
        }
        return next;
      },
      { replace: true },
    );
  const pick = (id: string) =>
    setPicked(picked.includes(id) ? picked.filter((each) => each !== id) : [...picked, id]);
  const { query, group, hidden } = address;
  return (
    <div className="mx-auto flex max-w-[1500px] flex-col gap-2 px-4 py-3 sm:px-6">
      <header className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <h1 className="mr-auto text-2xl font-semibold">
          Coupons {total !== undefined && <span className="font-normal text-soft">{total}</span>}
        </h1>
        <CompareLink picked={picked} onClear={() => setPicked(none)} />
        <PagesBeside search={search} />
      </header>
      <WaitingHere people={people ?? []} />
      <ListFilters
        address={address}
        machines={names.machines}
        people={people ?? []}
        workshops={workshops}
        onChoose={(name, value) =>
          // A machine of another workshop would leave nothing to list.
          choose([name, value], ...(name === 'workshopId' ? ([['machineId', '']] as const) : []))
        }
      />
      {error !== undefined && <LoadFailed what="the coupons" error={error} retry={refetch} />}
      {total === undefined && error === undefined && <Loading what="the coupons" />}
      {total === 0 && <Empty isNarrowed={isNarrowed(address)} />}
      {total !== undefined && total > 0 && group !== null && (
        <GroupHeadings
          by={group}
          query={query}
          machines={names.machines}
          people={people ?? []}
          onOpen={(value) => choose([group, value], ['group', ''])}
        />
      )}
      {total !== undefined && total > 0 && group === null && (
        <CouponTable
          rows={rows}
          total={total}
          names={names}
          query={query}
          hidden={hidden}
          picked={picked}
          onPick={pick}
          onSort={(sort) =>
            choose(['sort', sort], ['order', query.sort === sort && query.order !== 'up' ? 'up' : 'down'])
          }
          onShown={(next) => {
            if (next.first !== shown.first || next.last !== shown.last) setShown(next);
          }}
        />
      )}
    </div>
  );
}

/** What else there is to do with coupons. */
function PagesBeside({ search }: { search: URLSearchParams }) {
  return (
    <>
      <Link className="btn touch" to="/coupons/trials">
        <Scissors className="size-5" aria-hidden="true" /> Strips, pieces, pulses
      </Link>
      <Link className="btn touch" to="/coupons/ladders">
        <ArrowUpNarrowWide className="size-5" aria-hidden="true" /> Ladders
      </Link>
      <Link className="btn touch" to="/coupons/evidence">
        <Scale className="size-5" aria-hidden="true" /> What they say
      </Link>
      <Link className="btn touch" to={`/coupons/files?${search.toString()}`}>
        <FileDown className="size-5" aria-hidden="true" /> In and out
      </Link>
    </>
  );
}

function Empty({ isNarrowed: isFiltered }: { isNarrowed: boolean }) {
  return (
    <div className="sheet flex flex-col items-start gap-3 p-8">
      <p className="text-lg">
        {isFiltered
          ? 'No coupon fits this choice.'
          : 'No coupon yet. Say a joint on Dial, weld a piece of scrap with the setting, and log what the back looked like.'}
      </p>
      <Link to={isFiltered ? '/coupons' : '/dial'} className="btn touch-always btn-primary">
        {isFiltered ? 'Show every coupon' : 'Go to Dial'}
      </Link>
    </div>
  );
}

function CompareLink({ picked, onClear }: { picked: readonly string[]; onClear: () => void }) {
  if (picked.length === 0) return null;
  return (
    <span className="flex items-center gap-2">
      {picked.length < 2 ? (
        <span className="text-soft">Pick another to hold them side by side.</span>
      ) : (
        <Link className="btn touch btn-primary" to={`/coupons/side-by-side?ids=${picked.join(',')}`}>
          Hold {picked.length} side by side
        </Link>
      )}
      <button type="button" className="btn touch btn-ghost" onClick={onClear}>
        Pick none
      </button>
    </span>
  );
}
