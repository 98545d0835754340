import { stockAdvice, type StockDraft, type StockItem } from '@lone-heron/contract';
import { Download, Minus, Pencil, Plus, Printer } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { toastFailure } from '../../shared/say/toast.js';
import { v7 as uuid } from 'uuid';
import { problemOf } from '../../shared/api/problemOf.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { Loading } from '../../shared/page/Loading.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { figure, percentFigure } from '../../shared/figures/figures.js';
import { sentenceStart } from '../../shared/sentences/sentenceStart.js';
import { stockWords } from '../headParts/partWords.js';
import { useSaveStockMutation, useStockQuery } from './stockApi.js';
import { StockForm } from './StockForm.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { spokenMoney } from '../../shared/figures/spokenMoney.js';

/** A form that is open: on a sort, or on a new one. */
interface OpenForm {
  readonly id: string;
  readonly item: StockItem | null;
}

/** Spare parts: how many lie there, how many to keep, and what to order now. */
export function DrawerScreen() {
  const { data: items, error, refetch } = unlessShown(useStockQuery(undefined));
  const [open, setOpen] = useState<OpenForm | null>(null);
  if (error !== undefined) return <LoadFailed what="the drawer" error={error} retry={refetch} />;
  if (items === undefined) return <Loading what="the drawer" />;
  const toOrder = items.filter((item) => stockAdvice(item).order > 0);
  return (
    <div className="mx-auto flex max-w-[1300px] flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title="In the drawer" back={{ to: '/optics', name: 'Optics' }}>
        <button
          type="button"
          className="btn touch-always"
          onClick={() => setOpen({ id: uuid(), item: null })}
        >
          <Plus className="size-5" aria-hidden="true" /> Another sort
        </button>
        <a
          className={`btn touch-always ${toOrder.length === 0 ? 'btn-disabled' : ''}`}
          href="/api/stock/order.csv"
          download="lone-heron-order.csv"
        >
          <Download className="size-5" aria-hidden="true" /> Order list, CSV
        </a>
        <Link className="btn touch-always btn-primary" to="/optics/drawer/order">
          <Printer className="size-5" aria-hidden="true" /> Order list
        </Link>
      </PageHeader>
      <p className="sheet px-4 py-3 text-lg" role="status">
        {orderInWords(items, toOrder)}
      </p>
      {items.length === 0 ? (
        <p className="sheet p-6 text-lg">
          Write down the spares you keep, a line a sort: what it is, how many, what it costs and how long it
          takes to come. Windows are counted down as you change them.
        </p>
      ) : (
        <Stock items={items} onOpen={(item) => setOpen({ id: item.id, item })} />
      )}
      <WhoDidIt label="Counted by" />
      {open !== null && (
        <StockForm key={open.id} id={open.id} item={open.item} onClose={() => setOpen(null)} />
      )}
    </div>
  );
}

function orderInWords(items: readonly StockItem[], toOrder: readonly StockItem[]): string {
  if (items.length === 0) return 'Nothing is written down yet.';
  if (toOrder.length === 0) return 'Nothing is to be ordered.';
  return `To order now: ${toOrder.map((item) => `${stockAdvice(item).order} × ${item.name}`).join(', ')}.`;
}

function Stock({ items, onOpen }: { items: readonly StockItem[]; onOpen: (item: StockItem) => void }) {
  return (
    <section className="sheet overflow-x-auto px-4 py-2" aria-label="Spares" tabIndex={0}>
      <table className="table">
        <thead>
          <tr>
            <th scope="col">Spare</th>
            <th scope="col">In the drawer</th>
            <th scope="col">Order when down to</th>
            <th scope="col">Used a month</th>
            <th scope="col">Comes in</th>
            <th scope="col">Price</th>
            <th scope="col">Order now</th>
            <th scope="col">
              <span className="sr-only">Change</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {items.map((item) => (
            <StockRow key={item.id} item={item} onOpen={() => onOpen(item)} />
          ))}
        </tbody>
      </table>
    </section>
  );
}

function StockRow({ item, onOpen }: { item: StockItem; onOpen: () => void }) {
  const person = usePersonAtDesk();
  const [save, { isLoading }] = useSaveStockMutation();
  const advice = stockAdvice(item);
  const count = async (by: number) => {
    const answer = await save({ id: item.id, draft: { ...draftOf(item), count: item.count + by } });
    if (answer.error !== undefined) toastFailure(problemOf(answer.error).message);
  };
  const isOff = person === null || isLoading;
  return (
    <tr>
      <th scope="row">
        {item.name}
        <span className="block text-sm font-normal text-soft">
          {[sentenceStart(stockWords[item.kind]), item.supplier, item.lot === '' ? '' : `lot ${item.lot}`]
            .filter(Boolean)
            .join(', ')}
        </span>
      </th>
      <td>
        <span className="flex items-center gap-1">
          <button
            type="button"
            className="btn touch-always btn-square min-w-12"
            aria-label={`One less: ${item.name}`}
            disabled={isOff || item.count === 0}
            onClick={() => void count(-1)}
          >
            <Minus className="size-5" aria-hidden="true" />
          </button>
          <strong className="figure w-10 text-center text-2xl">{item.count}</strong>
          <button
            type="button"
            className="btn touch-always btn-square min-w-12"
            aria-label={`One more: ${item.name}`}
            disabled={isOff}
            onClick={() => void count(1)}
          >
            <Plus className="size-5" aria-hidden="true" />
          </button>
        </span>
      </td>
      <td className="tabular-nums">
        {advice.reorderAt}
        <span className="block text-sm text-soft">lasts a delivery {percentFigure(advice.chance)}</span>
      </td>
      <td className="tabular-nums">
        {figure(advice.usedPerMonth, 1)}
        <span className="block text-sm text-soft">
          {item.usedPerMonth === null ? 'as recorded here' : 'as typed'}
        </span>
      </td>
      <td className="whitespace-nowrap tabular-nums">{figure(item.deliveryDays, 0)} days</td>
      <td className="tabular-nums">{item.price === null ? '' : spokenMoney(item.price)}</td>
      <td className="tabular-nums">
        {advice.order > 0 && (
          <strong className="text-error">
            {advice.order}
            {advice.cost !== null && ` for ${spokenMoney(advice.cost)}`}
          </strong>
        )}
      </td>
      <td>
        <button
          type="button"
          className="btn touch btn-square btn-ghost"
          aria-label={`Change ${item.name}`}
          onClick={onOpen}
        >
          <Pencil className="size-5" aria-hidden="true" />
        </button>
      </td>
    </tr>
  );
}

function draftOf(item: StockItem): StockDraft {
  const { kind, name, supplier, lot, count, price, deliveryDays, serviceLevel, usedPerMonth } = item;
  return { kind, name, supplier, lot, count, price, deliveryDays, serviceLevel, usedPerMonth };
}
