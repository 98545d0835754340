import type { Coupon, Machine, Person } from '@lone-heron/contract';
import { Link, useSearchParams } from 'react-router';
import { useCouponsQuery, useMachinesQuery, usePeopleQuery } from '../shared/api/heronApi.js';
import { Loading } from '../shared/Loading.js';
import { LoadFailed } from '../shared/LoadFailed.js';
import { metalChoices } from '../shared/words/metalNames.js';
import { CouponTable } from './CouponTable.js';

const pageSize = 50;

/** Every coupon of the shop, newest first, by machine and metal. */
export function CouponsScreen() {
  const [search, setSearch] = useSearchParams();
  const machineId = search.get('machine') ?? '';
  const metal = search.get('metal') ?? '';
  const before = Number(search.get('before'));
  const { data: machines = [] } = useMachinesQuery(undefined);
  const { data: people = [] } = usePeopleQuery(undefined);
  const { data, error, refetch, isFetching } = useCouponsQuery({
    limit: pageSize,
    ...(before > 0 ? { before } : {}),
    ...(machineId === '' ? {} : { machineId }),
    ...(metal === '' ? {} : { metal }),
  });
  const choose = (name: string, value: string) =>
    setSearch((previous) => {
      const next = new URLSearchParams(previous);
      next.delete('before');
      if (value === '') next.delete(name);
      else next.set(name, value);
      return next;
    });
  return (
    <div className="mx-auto flex max-w-[1500px] flex-col gap-3 px-4 py-4 sm:px-6">
      <header className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <h1 className="mr-auto text-2xl font-semibold">
          Coupons {data !== undefined && <span className="font-normal text-soft">{data.total}</span>}
        </h1>
        <Filter
          label="Machine"
          value={machineId}
          every="every machine"
          choices={machines.map(({ id, name }) => ({ value: id, label: name }))}
          onChoose={(value) => choose('machine', value)}
        />
        <Filter
          label="Metal"
          value={metal}
          every="every metal"
          choices={metalChoices}
          onChoose={(value) => choose('metal', value)}
        />
      </header>
      {error !== undefined && <LoadFailed what="the coupons" error={error} retry={refetch} />}
      {data === undefined && error === undefined && <Loading what="the coupons" />}
      {data !== undefined && (
        <Listed
          coupons={data.coupons}
          machines={machines}
          people={people}
          isFiltered={machineId !== '' || metal !== ''}
        />
      )}
      {data !== undefined && (
        <nav className="flex justify-center gap-3" aria-label="Pages">
          {before > 0 && (
            <button type="button" className="btn touch-always" onClick={() => choose('before', '')}>
              Newest
            </button>
          )}
          {data.nextBefore !== null && (
            <button
              type="button"
              className="btn touch-always"
              disabled={isFetching}
              onClick={() => choose('before', String(data.nextBefore))}
            >
              Older
            </button>
          )}
        </nav>
      )}
    </div>
  );
}

interface ListedProps {
  coupons: readonly Coupon[];
  machines: readonly Machine[];
  people: readonly Person[];
  isFiltered: boolean;
}

function Listed({ coupons, machines, people, isFiltered }: ListedProps) {
  if (coupons.length > 0) return <CouponTable coupons={coupons} machines={machines} people={people} />;
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

interface FilterProps {
  label: string;
  value: string;
  every: string;
  choices: readonly { value: string; label: string }[];
  onChoose: (value: string) => void;
}

function Filter({ label, value, every, choices, onChoose }: FilterProps) {
  return (
    <label className="flex items-center gap-2">
      <span className="text-soft">{label}</span>
      <select
        className="select touch w-auto text-base"
        value={value}
        onChange={(event) => onChoose(event.target.value)}
      >
        <option value="">{every}</option>
        {choices.map((choice) => (
          <option key={choice.value} value={choice.value}>
            {choice.label}
          </option>
        ))}
      </select>
    </label>
  );
}
