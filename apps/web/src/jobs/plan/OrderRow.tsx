import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { isSettled, seamKey, seamsInPiece, type Job, type SeamStanding } from '@lone-heron/contract';
import { GripVertical, RotateCw } from 'lucide-react';
import { WeldMark } from '../WeldMark.js';
import { standingWords, weldInShort } from '../jobWords.js';
import type { PlannedWeld } from './planJob.js';

interface OrderRowProps {
  job: Job;
  mark: string;
  planned: PlannedWeld | null;
  /** What is changed before it; null for nothing. */
  setUp: { readonly words: string; readonly isTurn: boolean } | null;
  standings: ReadonlyMap<string, SeamStanding>;
  isLooked: boolean;
  onLook: () => void;
}

/** A weld in its place: what is changed before it, what it is, what its setting rests on. */
export function OrderRow({ job, mark, planned, setUp, standings, isLooked, onLook }: OrderRowProps) {
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id: mark });
  const weld = job.draft.welds.find((each) => each.mark === mark);
  if (weld === undefined) return null;
  const total = seamsInPiece(weld, job.draft.parts) * job.draft.quantity;
  const settled = Array.from({ length: total }, (_, i) => standings.get(seamKey({ mark, seam: i + 1 })));
  const isOfMany = new Set(job.draft.welds.map(({ joint }) => joint.metal)).size > 1;
  const done = settled.filter(isSettled).length;
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className="flex flex-col"
    >
      {setUp !== null && (
        <span className="flex items-center gap-2 border-l-4 border-primary px-2 py-1 text-sm text-soft">
          {setUp.isTurn && <RotateCw className="size-4 shrink-0" aria-hidden="true" />}
          {setUp.words}
        </span>
      )}
      <div className={`flex items-center gap-1 rounded-field ${isLooked ? 'bg-base-200' : ''}`}>
        <button
          type="button"
          className="btn touch btn-square cursor-grab btn-ghost touch-none"
          aria-label={`Move ${mark} by dragging`}
          {...attributes}
          {...listeners}
        >
          <GripVertical className="size-5" aria-hidden="true" />
        </button>
        <button
          type="button"
          className="touch-always flex min-w-0 grow items-center gap-3 py-1 text-left"
          aria-pressed={isLooked}
          onClick={onLook}
        >
          <WeldMark mark={mark} isDone={done === total} />
          <span className="min-w-0 grow leading-snug">{weldInShort(weld, isOfMany)}</span>
          <span className="shrink-0 text-right text-sm text-soft">
            {restWords(planned)}
            {done > 0 && done < total && <span className="block">{`${done} of ${total}`}</span>}
          </span>
        </button>
      </div>
    </li>
  );
}

function restWords(planned: PlannedWeld | null): string {
  if (planned === null) return 'not worked out';
  const { standing, card } = planned;
  const name = card === null ? '' : `card ${card.number}`;
  return standing === 'proven'
    ? name
    : [standingWords[standing].name, ...(name === '' ? [] : [name])].join(', ');
}
