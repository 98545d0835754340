import { spokenSize } from './bottleSize.js';
import type { Bottle, Machine } from '@lone-heron/contract';
import { gasTable } from '@lone-heron/core';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { inSpoken, spokenFlow, spokenFigure, spokenTravel, spokenUnit } from '../../shared/figures/spoken.js';
import { spokenDistance } from '../../shared/figures/spokenStates.js';
import { spokenMoney } from '../../shared/figures/spokenMoney.js';
import { useCouponsQuery } from '../../shared/api/couponsApi.js';
import { useSetBottleGoneMutation } from '../../shared/api/supplyApi.js';
import { useAsSomebody } from '../../shared/door/useAsSomebody.js';
import { figure } from '../../shared/figures/figures.js';
import { shownMoment } from '../../shared/figures/moments.js';
import { BottleForm } from './BottleForm.js';
import { bottleLeft } from './bottleLeft.js';
import { sayFailed, sayUndoable } from '../../shared/save/sayUndoable.js';
import { useNow } from '../../shared/clock/useNow.js';

/** A bottle in the form: one of the shop's, or a new one under an id made once. */
interface Edited {
  readonly id: string;
  readonly bottle: Bottle | null;
}

/** The shop's bottles: where each stands, how full it is, what is left in hours and metres of seam. */
export function Bottles({ bottles, machines }: { bottles: readonly Bottle[]; machines: readonly Machine[] }) {
  const [edited, setEdited] = useState<Edited | null>(null);
  const here = bottles.filter(({ goneAt }) => goneAt === null);
  return (
    <section className="flex flex-col gap-3" aria-label="Gas bottles">
      <h2 className="text-lg font-semibold">Gas</h2>
      {here.length === 0 && (
        <p className="sheet p-4 text-soft">
          No bottle recorded. Add the one that is fitted: start-up then says how long it lasts.
        </p>
      )}
      <div className="grid gap-4 sm:grid-cols-2 lg:grid-cols-3">
        {here.map((bottle) => (
          <BottleCard
            key={bottle.id}
            bottle={bottle}
            machine={machines.find(({ id }) => id === bottle.machineId)}
            onEdit={() => setEdited({ id: bottle.id, bottle })}
          />
        ))}
      </div>
      <button
        type="button"
        className="btn touch-always self-start"
        onClick={() => setEdited({ id: uuid(), bottle: null })}
      >
        <Plus className="size-5" aria-hidden="true" /> Add a bottle
      </button>
      {edited !== null && (
        <BottleForm
          id={edited.id}
          bottle={edited.bottle}
          machines={machines}
          onClose={() => setEdited(null)}
        />
      )}
    </section>
  );
}

interface BottleCardProps {
  bottle: Bottle;
  machine: Machine | undefined;
  onEdit: () => void;
}

function BottleCard({ bottle, machine, onEdit }: BottleCardProps) {
  const now = useNow();
  const asSomebody = useAsSomebody();
  const [setGone, { isLoading }] = useSetBottleGoneMutation();
  const bottleName = `${gasTable[bottle.gas].short} ${bottle.batch}, ${machine?.name ?? 'in the store'}`;
  const sendBack = async () => {
    const { error } = await setGone({ id: bottle.id, isGone: true });
    if (error !== undefined) {
      sayFailed(error);
      return;
    }
    sayUndoable(`The bottle of ${gasTable[bottle.gas].short} went back.`, {
      undo: () => setGone({ id: bottle.id, isGone: false }),
    });
  };
  return (
    <article
      className="sheet flex flex-col gap-2 p-4"
      aria-label={`${gasTable[bottle.gas].short} ${bottle.batch}`}
    >
      <div className="flex items-start justify-between gap-3">
        <div>
          <h3 className="text-xl font-semibold">{gasTable[bottle.gas].short}</h3>
          <p className="text-soft">{machine === undefined ? 'in the store' : `on ${machine.name}`}</p>
        </div>
        <Gauge share={bottle.pressureBar / 200} />
      </div>
      <p className="text-3xl font-semibold">
        <span className="figure">{figure(inSpoken(bottle.pressureBar, 'bar'), 0)}</span>{' '}
        <span className="text-lg font-normal">{spokenUnit('bar').unit}</span>
        <span className="text-base font-normal text-soft"> in {spokenSize(bottle.litres)}</span>
      </p>
      <Left bottle={bottle} machine={machine} />
      <p className="text-sm text-soft">
        Read {shownMoment(bottle.readAt, now)}
        {bottle.purity !== '' && ` · ${bottle.purity}`}
        {bottle.batch !== '' && ` · batch ${bottle.batch}`}
        {bottle.supplier !== '' && ` · ${bottle.supplier}`}
        {bottle.price !== null && ` · price ${spokenMoney(bottle.price)}`}
      </p>
      <div className="mt-auto flex gap-2">
        <button
          type="button"
          className="btn touch-always"
          aria-label={`Change ${bottleName}`}
          onClick={onEdit}
        >
          Change
        </button>
        <button
          type="button"
          className="btn touch-always btn-ghost"
          aria-label={`Send back ${bottleName}`}
          disabled={isLoading}
          onClick={() => asSomebody(() => void sendBack())}
        >
          Send back
        </button>
      </div>
    </article>
  );
}

/** Hours and metres at the setting of the machine's last coupon. */
function Left({ bottle, machine }: { bottle: Bottle; machine: Machine | undefined }) {
  const { data } = useCouponsQuery(
    { machineId: machine?.id ?? '', limit: 1 },
    { skip: machine === undefined },
  );
  const coupon = data?.coupons[0];
  const left = bottleLeft(bottle, coupon, machine?.profile);
  if (machine === undefined) return null;
  if (left === null)
    return <p className="text-soft">What is left is said once a coupon tells how it is used.</p>;
  return (
    <p className="leading-snug">
      About <strong>{figure(left.hours, 1)} h</strong> of gas or{' '}
      <strong>{spokenDistance(left.metres)}</strong> of seam{' '}
      <span className="text-soft">
        as coupon {coupon?.number} was welded: {spokenFlow(left.flowLMin)} at {spokenTravel(left.travelMmS)},
        runs of {spokenFigure(200, 'mm', 0)}.
      </span>
    </p>
  );
}

/** How full a bottle is against a full one. Decorative: the pressure stands beside it. */
function Gauge({ share }: { share: number }) {
  const height = Math.max(0, Math.min(1, share)) * 44;
  return (
    <svg viewBox="0 0 24 60" className="h-14" aria-hidden="true" focusable="false">
      <path
        d="M9 2h6v6c5 2 7 5 7 10v36a4 4 0 0 1-4 4H6a4 4 0 0 1-4-4V18c0-5 2-8 7-10z"
        fill="var(--color-base-200)"
        stroke="var(--steel-line)"
        strokeWidth="1.5"
      />
      <rect x="4" y={56 - height} width="16" height={height} rx="2" fill="var(--part)" />
    </svg>
  );
}
