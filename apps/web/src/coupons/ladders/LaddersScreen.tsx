import type { Ladder, Machine } from '@lone-heron/contract';
import { Link } from 'react-router';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { useLaddersQuery } from './laddersApi.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { Loading } from '../../shared/page/Loading.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { jointInWords } from '../../shared/sentences/settingInWords.js';
import { knobUnit } from './ladderKnobs.js';
import { unlessShown } from '../../shared/api/unlessShown.js';

/** Every ladder of the shop, those under way first. */
export function LaddersScreen() {
  const { data, error, refetch } = unlessShown(useLaddersQuery(undefined));
  const { data: machines = [] } = useMachinesQuery(undefined);
  const ladders = data?.toSorted((a, b) => Number(a.closedAt !== null) - Number(b.closedAt !== null));
  return (
    <div className="mx-auto flex max-w-4xl flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title="Ladders" back={{ to: '/coupons', name: 'coupons' }} />
      <p className="text-soft">
        A ladder changes one knob in steps, or two or three crossed, and says what the knob does here. It
        starts from a coupon: open one, and press “Ladder from here”.
      </p>
      {error !== undefined && <LoadFailed what="the ladders" error={error} retry={refetch} />}
      {data === undefined && error === undefined && <Loading what="the ladders" />}
      {ladders?.length === 0 && (
        <p className="sheet p-6 text-lg">
          No ladder yet. The question most worth one: what the modulation frequency does on your machine below
          full duty, since the schools disagree.
        </p>
      )}
      <ul className="flex flex-col gap-2">
        {ladders?.map((ladder) => (
          <LadderLine
            key={ladder.id}
            ladder={ladder}
            machine={machines.find(({ id }) => id === ladder.machineId)}
          />
        ))}
      </ul>
    </div>
  );
}

function LadderLine({ ladder, machine }: { ladder: Ladder; machine: Machine | undefined }) {
  return (
    <li>
      <Link className="sheet flex min-h-16 flex-col px-4 py-2" to={`/coupons/ladders/${ladder.id}`}>
        <strong className="text-lg">
          L{ladder.number} {ladder.name}
        </strong>
        <span className="text-soft">
          {ladder.axes.map(({ knob }) => knobUnit(knob).name.toLowerCase()).join(' and ')},{' '}
          {ladder.rungs.length} coupons, {jointInWords(ladder.joint)}, {machine?.name ?? ladder.machineId}
          {ladder.closedAt !== null && ', put away'}
        </span>
      </Link>
    </li>
  );
}
