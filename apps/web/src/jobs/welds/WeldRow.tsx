import type { JobPart, JobWeld } from '@lone-heron/contract';
import { ChevronDown, ChevronUp, Copy, Trash2, type LucideIcon } from 'lucide-react';
import { weldInWords } from '../jobWords.js';
import { WeldMark } from '../WeldMark.js';

interface WeldRowProps {
  weld: JobWeld;
  parts: readonly JobPart[];
  onOpen: () => void;
  onCopy: () => void;
  onRemove: () => void;
  onMove: (by: -1 | 1) => void;
}

/** A weld of the list: pressed it opens; its keys copy, move and take it out. */
export function WeldRow({ weld, parts, onOpen, onCopy, onRemove, onMove }: WeldRowProps) {
  const { mark, pose, where, after } = weld;
  const part = parts.find(({ key }) => key === weld.part)?.name;
  const more = [part ?? '', where, pose, after.length === 0 ? '' : `after ${after.join(', ')}`].filter(
    (each) => each !== '',
  );
  return (
    <li className="flex flex-wrap items-center gap-x-1 border-t border-base-300 py-1">
      <button
        type="button"
        className="touch-always flex min-w-60 grow items-center gap-3 text-left"
        aria-label={`Open ${mark}`}
        onClick={onOpen}
      >
        <WeldMark mark={mark} isDone={false} />
        <span className="flex flex-col">
          <span>{weldInWords(weld)}</span>
          {more.length > 0 && <span className="text-sm text-soft">{more.join(' · ')}</span>}
        </span>
      </button>
      <span className="ml-auto flex">
        <Key name={`${mark} up`} icon={ChevronUp} onPress={() => onMove(-1)} />
        <Key name={`${mark} down`} icon={ChevronDown} onPress={() => onMove(1)} />
        <Key name={`Copy ${mark}`} icon={Copy} onPress={onCopy} />
        <Key name={`Take ${mark} out`} icon={Trash2} onPress={onRemove} />
      </span>
    </li>
  );
}

function Key({ name, icon: Icon, onPress }: { name: string; icon: LucideIcon; onPress: () => void }) {
  return (
    <button
      type="button"
      className="btn touch-always btn-square btn-ghost"
      aria-label={name}
      onClick={onPress}
    >
      <Icon className="size-5" aria-hidden="true" />
    </button>
  );
}
