import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { brokenLink, seamStandings, type Job } from '@lone-heron/contract';
import { ArrowDown, ArrowUp, type LucideIcon } from 'lucide-react';
import { figure } from '../../shared/figures/figures.js';
import { Failure } from '../../shared/form/Failure.js';
import { useAsSomebody } from '../../shared/door/useAsSomebody.js';
import { toastFailure } from '../../shared/say/toast.js';
import { useSaveJob } from '../useSaveJob.js';
import { KeepUpTo } from './KeepUpTo.js';
import { OrdersBeside } from './OrdersBeside.js';
import { changeWords, lostWords } from './orderWords.js';
import { OrderRow } from './OrderRow.js';
import { setUpWords } from './setUpWords.js';
import type { ShownPlan } from './useJobPlan.js';

interface OrderPartProps {
  job: Job;
  shown: ShownPlan;
  looked: string | null;
  onLook: (mark: string) => void;
}

/** The welds in their order: the computed one, or the one somebody made by dragging, with what it costs. */
export function OrderPart({ job, shown, looked, onLook }: OrderPartProps) {
  const { plan, isUnderWay, fault } = shown;
  const asSomebody = useAsSomebody();
  const { now, save, isSaving, error } = useSaveJob(job);
  const sensors = useDragSensors();
  // An order by hand is the job's own, as it was written last: what was worked out may be of the one before.
  const marks =
    now.draft.order ?? plan?.order.steps.map(({ mark }) => mark) ?? now.draft.welds.map(({ mark }) => mark);
  const setOrder = (order: readonly string[] | null, said: string) => {
    const broken = order === null ? null : brokenLink(now.draft, order);
    if (broken !== null)
      toastFailure(`${broken.first} must be welded before ${broken.then}: the order stays as it was.`);
    else
      asSomebody(() => void save({ ...now.draft, order: order === null ? null : [...order], why: '' }, said));
  };
  const move = (mark: string, by: number) => {
    const from = marks.indexOf(mark);
    const to = from + by;
    if (to < 0 || to >= marks.length) return;
    setOrder(arrayMove([...marks], from, to), `${mark} was moved.`);
  };
  return (
    <section className="sheet flex flex-col gap-2 p-4" aria-label="The order" aria-busy={isUnderWay}>
      <h2 className="flex flex-wrap items-baseline justify-between gap-x-3 text-lg font-semibold">
        The order{' '}
        <span className="text-base font-normal text-soft">{plan === null ? '' : lostWords(plan.order)}</span>
      </h2>
      {fault !== null && (
        <p role="alert" className="fault">
          {fault}
        </p>
      )}
      {plan === null && fault === null && <p className="text-soft">Working it out.</p>}
      {plan !== null && (
        <>
          <OrderAdvice order={plan.order} onKeep={() => setOrder(marks, 'This order is kept as yours.')} />
          <OrdersBeside job={now} order={plan.order} computed={plan.order.computed} onTake={setOrder} />
        </>
      )}
      <Failure error={error} />
      {looked !== null && <MoveKeys mark={looked} isBusy={isSaving} onMove={(by) => move(looked, by)} />}
      {plan !== null && looked !== null && (
        <KeepUpTo
          key={looked}
          job={now}
          marks={marks}
          minutes={plan.order.minutes}
          looked={looked}
          onTake={(order) => setOrder(order, 'This order is kept as yours.')}
        />
      )}
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={({ active, over }) => {
          if (over === null || active.id === over.id || isSaving) return;
          const [from, to] = [marks.indexOf(String(active.id)), marks.indexOf(String(over.id))];
          setOrder(arrayMove([...marks], from, to), `${String(active.id)} was moved.`);
        }}
      >
        <OrderRows {...{ job, plan, marks, looked, onLook }} />
      </DndContext>
    </section>
  );
}

interface OrderRowsProps extends Pick<OrderPartProps, 'job' | 'looked' | 'onLook'> {
  plan: ShownPlan['plan'];
  marks: readonly string[];
}

function OrderRows({ job, plan, marks, looked, onLook }: OrderRowsProps) {
  const standings = seamStandings(job.runs);
  return (
    <SortableContext items={[...marks]} strategy={verticalListSortingStrategy}>
      <ol className="flex flex-col md:max-h-[46rem] md:overflow-y-auto">
        {marks.map((mark, i) => (
          <OrderRow
            key={mark}
            job={job}
            mark={mark}
            planned={plan?.welds.find((each) => each.mark === mark) ?? null}
            setUp={
              i === 0
                ? firstWords(plan, mark)
                : changeWords(plan, mark, plan?.order.steps.find((step) => step.mark === mark)?.changes ?? [])
            }
            standings={standings}
            isLooked={mark === looked}
            onLook={() => onLook(mark)}
          />
        ))}
      </ol>
    </SortableContext>
  );
}

/** What is fitted for the first weld of all. */
function firstWords(plan: ShownPlan['plan'], mark: string) {
  const words = setUpWords(plan, mark);
  return words === null ? null : { words, isTurn: false };
}

/** Dragged by a finger that moves a little first, or by keys. */
function useDragSensors() {
  return useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 8 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
}

interface MoveKeysProps {
  mark: string;
  isBusy: boolean;
  onMove: (by: -1 | 1) => void;
}

/** For who does not drag: the weld that is looked at, one place up or down. */
function MoveKeys({ mark, isBusy, onMove }: MoveKeysProps) {
  return (
    <p className="flex flex-wrap items-center gap-2">
      <MoveKey name={`${mark} earlier`} icon={ArrowUp} isBusy={isBusy} onPress={() => onMove(-1)} />
      <MoveKey name={`${mark} later`} icon={ArrowDown} isBusy={isBusy} onPress={() => onMove(1)} />
    </p>
  );
}

interface MoveKeyProps {
  name: string;
  icon: LucideIcon;
  isBusy: boolean;
  onPress: () => void;
}

function MoveKey({ name, icon: Icon, isBusy, onPress }: MoveKeyProps) {
  return (
    <button type="button" className="btn touch-always" disabled={isBusy} aria-busy={isBusy} onClick={onPress}>
      <Icon className="size-5" aria-hidden="true" /> {name}
    </button>
  );
}

type Order = NonNullable<ShownPlan['plan']>['order'];

/** Why this order, and how good another could be. */
function OrderAdvice({ order, onKeep }: { order: Order; onKeep: () => void }) {
  const { isByHand, minutes, leastMinutes } = order;
  const bound =
    minutes - leastMinutes < 0.05
      ? 'No order loses less by the shop’s times.'
      : `No order loses less than ${figure(leastMinutes, 1)} min.`;
  if (isByHand) return <p className="text-soft">Your order. {bound}</p>;
  return (
    <p className="flex flex-wrap items-center gap-x-3 gap-y-1 text-soft">
      <span>Computed: fewest set-ups and turns. {bound} Drag a weld to make it yours.</span>
      <button type="button" className="btn touch-always btn-sm" onClick={onKeep}>
        Keep this one
      </button>
    </p>
  );
}
